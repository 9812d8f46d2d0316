package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What an opening opens: both its edges on the garment itself, and not what is sewn under them. */
class OpensTest {

    private static Check enters(Drafted drafted) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals("enters"))
                .findFirst()
                .orElseThrow();
    }

    private static double edge(Drafted drafted, String piece, String edge) {
        return OnHer.piece(drafted, piece).piece().edges().stream()
                .filter(e -> e.name().equals(edge))
                .findFirst()
                .orElseThrow()
                .length();
    }

    private static double waist(Drafted drafted) {
        return enters(drafted).evidence().figures().get(0).value();
    }

    @Test
    void a_fly_opens_by_both_edges_of_the_fronts_and_not_by_its_facing_and_shield() {
        Drafted trousers = OnHer.plain("classic-trousers");
        assertThat(enters(trousers).measured())
                .isCloseTo(waist(trousers) + 2 * edge(trousers, "front", "fly"), within(1e-6));
    }

    @TestFactory
    Stream<DynamicTest> a_facing_behind_a_zip_opens_nothing_more() {
        return Stream.of("round-back-pencil", "straight-skirt", "classic-trousers")
                .map(cut -> DynamicTest.dynamicTest(cut, () -> {
                    Map<String, Object> zipped = Map.of("closure", "centre-back-zip");
                    assertThat(enters(OnHer.with(cut, zipped, "facing")).measured())
                            .isCloseTo(
                                    enters(OnHer.without(cut, zipped, "facing")).measured(), within(2.0));
                }));
    }

    @Test
    void a_zip_through_bodice_and_legs_opens_by_both_and_not_by_the_lining() {
        Drafted peplum = OnHer.plain("peplum-jumpsuit");
        assertThat(enters(peplum).measured())
                .isCloseTo(
                        waist(peplum)
                                + 2 * edge(peplum, "back", "centre.back.zip")
                                + 2 * edge(peplum, "bodice-back", "centre.back.zip"),
                        within(1e-6));
    }

    @Test
    void a_short_fly_over_a_small_waist_and_wide_hips_does_not_let_her_in() {
        Sheet her = Sheet.ofMillimetres(Map.of(
                Measure.WAIST_GIRTH,
                640.0,
                Measure.HIP_GIRTH,
                1180.0,
                Measure.HIP_DEPTH,
                215.0,
                Measure.BODY_RISE,
                290.0,
                Measure.OUTSIDE_LEG,
                1030.0));
        Drafted trousers =
                Drafting.draft(DraftRequest.of("classic-trousers", null, her, Map.of("zipLength", 110.0), null));
        assertThat(enters(trousers).verdict()).isEqualTo(Verdict.OFF);
        assertThat(enters(OnHer.plain("classic-trousers")).verdict()).isEqualTo(Verdict.TRUE);
    }
}
