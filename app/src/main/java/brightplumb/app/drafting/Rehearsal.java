package brightplumb.app.drafting;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.measure.UsualBody;
import com.sun.management.OperatingSystemMXBean;
import java.io.OutputStream;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every cut drafted some dozens of times on a usual body when the table has been set, and told to nobody. Code that has not run yet runs slowly, and
 * it should not be the first amount of the morning that finds that out. It goes on beside the work, rests as long as it works, stands back while the
 * machine is busy with something else, and ends.
 */
@Component
public class Rehearsal {

    private static final int ROUNDS = 40;

    /** A machine is busy from this share of its processors on. */
    private static final double BUSY = 0.75;

    private static final OperatingSystemMXBean MACHINE =
            ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class);

    private final JsonMapper json;

    Rehearsal(JsonMapper json) {
        this.json = json;
    }

    /** Begins, and answers at once. */
    public void begin() {
        Thread aside = new Thread(this::rehearse, "rehearsal");
        aside.setDaemon(true);
        aside.setPriority(Thread.MIN_PRIORITY);
        aside.start();
    }

    private void rehearse() {
        try {
            for (int round = 0; round < ROUNDS; round++) {
                while (MACHINE.getCpuLoad() > BUSY) {
                    TimeUnit.MILLISECONDS.sleep(250);
                }
                for (Cut cut : Catalogue.CUTS) {
                    long before = System.nanoTime();
                    draft(cut);
                    TimeUnit.NANOSECONDS.sleep(System.nanoTime() - before);
                }
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Drafts a cut and writes it down: the line, as for an amount under the hand, and what is said of it when the hand rests. */
    void draft(Cut cut) {
        DraftRequest asked = DraftRequest.of(cut.id(), null, UsualBody.SHEET, Map.of(), null);
        for (Shown shown : List.of(Shown.WHILE_CHANGING, Shown.AT_REST)) {
            json.writeValue(OutputStream.nullOutputStream(), DraftViews.of(shown.drafted(asked), shown));
        }
    }
}
