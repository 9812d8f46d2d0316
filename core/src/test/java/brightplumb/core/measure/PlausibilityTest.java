package brightplumb.core.measure;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Bodies;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PlausibilityTest {

    private static java.util.List<String> doubts(Map<Measure, Double> mm) {
        return Plausibility.of(Sheet.ofMillimetres(mm)).stream()
                .map(d -> d.measure().key() + " " + d.id())
                .toList();
    }

    @Test
    void a_body_whose_tapes_agree_raises_no_doubt() {
        assertThat(doubts(Map.of(
                        WAIST_GIRTH,
                        749.3,
                        HIP_GIRTH,
                        1022.4,
                        HIP_DEPTH,
                        209.6,
                        FRONT_HIP_ARC,
                        495.3,
                        BACK_HIP_ARC,
                        527.1,
                        BODY_RISE,
                        269.9,
                        CROTCH_LENGTH,
                        723.9,
                        THIGH_GIRTH,
                        596.9)))
                .isEmpty();
    }

    @Test
    void a_hip_in_the_wrong_unit_is_doubted() {
        assertThat(doubts(Map.of(WAIST_GIRTH, 720.0, HIP_GIRTH, 380.0))).contains("hipGirth unit");
    }

    @Test
    void arcs_that_do_not_make_the_hip_are_doubted() {
        assertThat(doubts(Map.of(HIP_GIRTH, 1000.0, FRONT_HIP_ARC, 480.0, BACK_HIP_ARC, 500.0)))
                .containsExactly("backHipArc arcs");
    }

    @Test
    void a_crotch_length_under_twice_the_rise_is_doubted() {
        assertThat(doubts(Map.of(HIP_GIRTH, 1000.0, BODY_RISE, 280.0, CROTCH_LENGTH, 540.0)))
                .containsExactly("crotchLength crotch-length");
    }

    /** Open data: three deviations are rarely passed by real bodies. */
    @Test
    void real_bodies_are_seldom_doubted() {
        long doubted = Bodies.all().stream()
                .filter(row -> Plausibility.of(row.sheet()).stream().anyMatch(d -> d.id().equals("unlikely")))
                .count();
        assertThat(doubted).isLessThan(Bodies.all().size() / 20);
    }

    @Test
    void only_what_cannot_be_a_body_is_impossible() {
        assertThat(HIP_GIRTH.impossible(965)).isEmpty();
        for (double mm : new double[] {0, -1, 38, 4001, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThat(HIP_GIRTH.impossible(mm)).as("%s", mm).isPresent();
        }
    }
}
