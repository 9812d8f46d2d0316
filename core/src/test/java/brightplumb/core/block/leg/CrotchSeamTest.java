package brightplumb.core.block.leg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The curve from the centre seam to the fork, on a front whose corner is at (0, 270). */
class CrotchSeamTest {

    private static final Point TOP = Point.of(6, 6);
    private static final Point START = Point.of(0, 210);
    private static final Point FORK = Point.of(-60, 270);
    /** The chord from start to fork passes the corner at this distance: half the diagonal of a square of 60. */
    private static final double CHORD = 60 * Math.sqrt(0.5);

    private static CrotchSeam drawn(double climb, double asked) {
        return CrotchSeam.drawn(TOP, START, FORK, climb, 270, asked, 0.62);
    }

    @ParameterizedTest
    @ValueSource(doubles = {15, 18, 22, 26})
    void passes_the_corner_at_the_distance_that_was_asked(double asked) {
        assertThat(drawn(0, asked).guide()).isCloseTo(asked, within(1e-6));
    }

    @Test
    void a_guide_too_near_the_chord_is_held_at_its_share() {
        assertThat(drawn(0, 60).guide()).isCloseTo(CrotchSeam.FLATTEST * CHORD, within(1e-6));
    }

    @Test
    void without_a_guide_it_goes_the_house_share_of_the_way_to_the_chord() {
        assertThat(drawn(0.1, Double.NaN).guide()).isCloseTo(0.62 * CHORD, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.05, 0.15, 0.25})
    void leaves_along_the_centre_seam_and_climbs_from_the_fork_at_the_angle(double climb) {
        CrotchSeam seam = drawn(climb, 20);
        Cubic curve = seam.curve();
        assertThat(seam.run().get(0).direction(1).angleTo(curve.direction(0))).isCloseTo(0, within(1e-6));
        Point leaving = curve.direction(1).times(-1);
        assertThat(Math.atan2(-leaving.y(), leaving.x())).isCloseTo(climb, within(1e-6));
        assertThat(curve.to()).isEqualTo(FORK);
    }

    @Test
    void a_fork_that_climbs_past_the_beginning_of_the_curve_draws_nothing() {
        assertThat(drawn(1.2, 20)).isNull();
    }

    @Test
    void a_curve_that_bends_tighter_than_half_an_inch_hooks() {
        CrotchSeam narrow = CrotchSeam.drawn(Point.of(0, 0), Point.of(0, 255), Point.of(-90, 270), 0, 270, 3, 0.62);
        assertThat(narrow.hooks()).isTrue();
        assertThat(drawn(0, 24).hooks()).isFalse();
    }
}
