package brightplumb.app.drafting;

import brightplumb.app.PlumbProperties;
import brightplumb.app.account.LoopbackClient;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.UsualBody;
import com.sun.management.OperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every cut asked for some dozens of times on a usual body when the table has been set, through the application's own
 * door. Code that has not run yet runs slowly, from the door to the line, and it should not be the first amount of the
 * morning that finds that out. It goes on beside the work, rests as long as it works, stands back while the machine is
 * busy with something else, and ends.
 */
@Component
public class WarmUp {

    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);

    private static final int ROUNDS = 25;

    /** A machine is busy from this share of its processors on. */
    private static final double BUSY = 0.75;

    private static final OperatingSystemMXBean MACHINE =
            ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class);

    private final LoopbackClient visits;
    private final JsonMapper json;
    private final boolean wanted;

    WarmUp(LoopbackClient visits, JsonMapper json, PlumbProperties plumb) {
        this.wanted = plumb.rehearsal();
        this.visits = visits;
        this.json = json;
    }

    /** Begins where it is wanted, and answers at once. */
    public void begin() {
        if (!wanted) {
            return;
        }
        Thread aside = new Thread(this::rehearse, "rehearsal");
        aside.setDaemon(true);
        aside.start();
    }

    private void rehearse() {
        try (LoopbackClient.Visit visit = visits.begin()) {
            for (int round = 0; round < ROUNDS; round++) {
                while (MACHINE.getCpuLoad() > BUSY) {
                    TimeUnit.MILLISECONDS.sleep(250);
                }
                for (Cut cut : Catalogue.CUTS) {
                    long before = System.nanoTime();
                    draft(visit, cut);
                    TimeUnit.NANOSECONDS.sleep(System.nanoTime() - before);
                }
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (IOException | RuntimeException failed) {
            LOG.info("Not rehearsed to the end: {}", failed.toString());
        }
    }

    /**
     * Asks for a cut as a page does: for the line, as with an amount under the hand, and for what is said of it when
     * the hand rests.
     *
     * @return the statuses of both
     */
    public List<Integer> draft(LoopbackClient.Visit visit, Cut cut) throws IOException, InterruptedException {
        Map<String, Double> measures = new TreeMap<>();
        for (Map.Entry<Measure, Reading> m : UsualBody.SHEET.readings().entrySet()) {
            measures.put(m.getKey().key(), m.getValue().length().mm());
        }
        return List.of(
                visit.post("/api/drafts/line", json.writeValueAsBytes(Map.of("cut", cut.id(), "measures", measures))),
                visit.post(
                        "/api/drafts/preview",
                        json.writeValueAsBytes(Map.of(
                                "cut", cut.id(),
                                "measures", measures,
                                "remedies", false,
                                "guesses", false,
                                "rivals", false))));
    }
}
