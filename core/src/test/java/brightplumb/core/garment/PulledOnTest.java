package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Notice;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A garment of cloth that does not give, cut in cloth that does: what it says of its opening and its darts, and what
 * follows.
 */
class PulledOnTest {

    private static final Set<String> OF_THE_WAIST = Set.of("enters", "stays.up", "waist.fits", "hip.fits");

    private static Drafted draft(String cut, Sheet body, Map<String, Object> settings, double stretch) {
        return Drafting.draft(DraftRequest.of(cut, null, body, settings, new Cloth(stretch, 1500, true, false)));
    }

    private static Optional<Notice> pulledOn(Drafted drafted) {
        return drafted.draft().notices().stream()
                .filter(n -> n.id().equals("pulled-on"))
                .findFirst();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "straight-skirt",
                "slit-pencil",
                "seat-shaped-skirt",
                "lined-pencil",
                "classic-trousers",
                "palazzo",
                "shorts-block"
            })
    void without_opening_and_darts_it_goes_on_and_stays_up(String cut) {
        List<Bodies.Row> bodies = Bodies.all();
        for (double stretch : new double[] {0.2, 0.5}) {
            for (int i = 0; i < bodies.size(); i += 40) {
                Sheet body = Bodies.withDepths(bodies.get(i));
                Drafted zipped = draft(cut, body, Map.of(), stretch);
                Optional<Notice> notice = pulledOn(zipped);
                assertThat(notice).as("%s, body %d", cut, i).isPresent();
                Drafted pulled =
                        draft(cut, body, SettingValue.told(notice.get().remedy().settings()), stretch);
                assertThat(pulled.checks().stream()
                                .filter(c -> OF_THE_WAIST.contains(c.id().id()) && c.verdict() == Verdict.OFF)
                                .map(Check::text))
                        .as("%s, body %d, stretch %.1f", cut, i, stretch)
                        .isEmpty();
                assertThat(pulled.pieces())
                        .allSatisfy(p -> assertThat(p.piece().darts())
                                .as(p.piece().id().toString())
                                .isEmpty());
                assertThat(pulledOn(pulled)).isEmpty();
            }
        }
    }

    @Test
    void cloth_that_does_not_give_says_nothing_of_it_and_serves_one_body() {
        Sheet body = Bodies.withDepths(Bodies.all().get(10));
        Drafted woven = draft("straight-skirt", body, Map.of(), 0);
        assertThat(pulledOn(woven)).isEmpty();
        assertThat(woven.draft().found(new Fact("serves.hips"))).isFalse();
        Drafted knit = draft("straight-skirt", body, Map.of(), 0.5);
        assertThat(knit.draft().fact(new Fact("serves.hips")).value())
                .as("hips 40 in, cut in cloth that gives by half, went on 48: so by a fifth. Common practice, no "
                        + "source")
                .isCloseTo(
                        body.reading(Measure.HIP_GIRTH).orElseThrow().length().mm() * 1.2, within(1e-6));
    }

    @Test
    void a_waist_that_nothing_draws_in_is_not_told_to_be_pulled_on() {
        Sheet body = Bodies.withDepths(Bodies.all().get(10));
        assertThat(pulledOn(draft("round-back-pencil", body, Map.of(), 0.5)))
                .as("faced, without a band")
                .isEmpty();
        assertThat(pulledOn(
                        draft("straight-skirt", body, Map.of(ClosureSettings.CLOSURE.key(), Closure.NONE.id()), 0.5)))
                .as("pulled on already")
                .isEmpty();
    }
}
