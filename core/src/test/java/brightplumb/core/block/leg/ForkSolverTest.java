package brightplumb.core.block.leg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/**
 * The searches on a drawing simple enough to know the answers: each mm of extension lengthens the loop by 0.9, each of
 * rise by 1.
 */
class ForkSolverTest {

    private static final double EXTENSION = 100;

    private static final ForkSolver.Drawing PLAIN = new ForkSolver.Drawing() {
        @Override
        public double inseamsApart(double extension, double drop) {
            return 0.08 * extension - drop;
        }

        @Override
        public double loop(double extension, double drop, double rise) {
            return 600 + 0.9 * extension + rise;
        }
    };

    private static ForkSolver solver() {
        return new ForkSolver(PLAIN, OptionalDouble.empty());
    }

    private static double loop(ForkSolver.Found found) {
        return PLAIN.loop(found.extension(), found.drop(), found.rise());
    }

    @Test
    void the_fork_drops_until_the_inseams_are_one_length() {
        ForkSolver.Found found = solver().drop(EXTENSION, 25);
        assertThat(found.drop()).isCloseTo(8, within(1e-6));
        assertThat(found.inseamsMeet()).isTrue();
        assertThat(found.rise()).isEqualTo(25);
    }

    @Test
    void a_drop_that_is_set_stays_and_counts_as_met() {
        ForkSolver.Found found = new ForkSolver(PLAIN, OptionalDouble.of(3)).drop(EXTENSION, 25);
        assertThat(found.drop()).isEqualTo(3);
        assertThat(found.inseamsMeet()).isTrue();
    }

    @Test
    void a_loop_within_the_usual_rise_leaves_the_extension_alone() {
        ForkSolver.Found found = solver().loop(EXTENSION, 720, true);
        assertThat(found.extension()).isEqualTo(EXTENSION);
        assertThat(found.rise()).isCloseTo(30, within(1e-6));
        assertThat(found.missing()).isZero();
    }

    @Test
    void a_longer_loop_takes_the_most_usual_rise_and_the_rest_from_the_extension() {
        ForkSolver.Found found = solver().loop(EXTENSION, 742, true);
        assertThat(found.rise()).isCloseTo(44.45, within(1e-6));
        assertThat(found.extension()).isBetween(EXTENSION, 1.15 * EXTENSION);
        assertThat(loop(found)).isCloseTo(742, within(1e-6));
        assertThat(found.drop())
                .as("dropped again for the longer fork")
                .isCloseTo(0.08 * found.extension(), within(1e-6));
    }

    @Test
    void a_shorter_loop_takes_the_least_usual_rise_and_a_shorter_extension() {
        ForkSolver.Found found = solver().loop(EXTENSION, 695, true);
        assertThat(found.rise()).isCloseTo(12.7, within(1e-6));
        assertThat(found.extension()).isBetween(0.85 * EXTENSION, EXTENSION);
        assertThat(loop(found)).isCloseTo(695, within(1e-6));
    }

    @Test
    void a_loop_longer_still_rises_beyond_the_usual() {
        ForkSolver.Found found = solver().loop(EXTENSION, 760, true);
        assertThat(found.extension()).isCloseTo(115, within(1e-6));
        assertThat(found.rise()).isBetween(44.45, 63.5);
        assertThat(loop(found)).isCloseTo(760, within(1e-6));
    }

    @Test
    void a_loop_out_of_reach_tells_how_much_is_missing() {
        ForkSolver.Found found = solver().loop(EXTENSION, 800, true);
        assertThat(found.rise()).isCloseTo(63.5, within(1e-6));
        assertThat(found.missing()).isCloseTo(800 - (600 + 0.9 * 115 + 63.5), within(1e-6));
        ForkSolver.Found tooLong = solver().loop(EXTENSION, 650, true);
        assertThat(tooLong.rise()).isCloseTo(0, within(1e-6));
        assertThat(tooLong.missing()).isNegative();
    }

    @Test
    void an_extension_set_by_hand_is_not_changed() {
        ForkSolver.Found found = solver().loop(EXTENSION, 742, false);
        assertThat(found.extension()).isEqualTo(EXTENSION);
        assertThat(loop(found)).isCloseTo(742, within(1e-6));
    }

    @Test
    void inseams_that_cannot_meet_take_the_nearer_end_and_say_so() {
        ForkSolver.Drawing apart = new ForkSolver.Drawing() {
            @Override
            public double inseamsApart(double extension, double drop) {
                return 500 - drop;
            }

            @Override
            public double loop(double extension, double drop, double rise) {
                return PLAIN.loop(extension, drop, rise);
            }
        };
        ForkSolver.Found found = new ForkSolver(apart, OptionalDouble.empty()).drop(EXTENSION, 25);
        assertThat(found.inseamsMeet()).isFalse();
        assertThat(found.drop()).isCloseTo(76.2, within(1e-6));
    }
}
