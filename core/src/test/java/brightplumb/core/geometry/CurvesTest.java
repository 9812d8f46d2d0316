package brightplumb.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class CurvesTest {

    private final Line across = new Line(Point.of(0, 0), Point.of(100, 0));
    private final Line down = new Line(Point.of(100, 0), Point.of(100, 50));
    private final Cubic hip = Cubic.parabola(Point.of(200, 0), Point.of(250, 100), Point.of(250, 200));

    @Test
    void a_straight_cubic_is_as_long_as_its_line() {
        Cubic straight = new Cubic(Point.of(0, 0), Point.of(20, 0), Point.of(70, 0), Point.of(100, 0));
        assertThat(straight.length()).isCloseTo(100, within(1e-9));
    }

    /** The arc of y = x²/4a between two places has a closed form (published; from memory). */
    @Test
    void a_parabola_is_as_long_as_its_closed_form() {
        // x = 50·u², y = 200·(1 − u), from u = 0 to 1, seen from the foot of the hip curve.
        double length = hip.length();
        double k = 2 * 50 / 200.0;
        double closed = 200 / (2 * k) * (k * Math.sqrt(1 + k * k) + Math.log(k + Math.sqrt(1 + k * k)));
        assertThat(length).isCloseTo(closed, within(1e-8));
    }

    @Test
    void a_parabola_leaves_toward_its_corner_and_arrives_from_it() {
        assertThat(hip.direction(0).angleTo(Point.of(50, 100))).isCloseTo(0, within(1e-6));
        assertThat(hip.direction(1).angleTo(Point.of(0, 1))).isCloseTo(0, within(1e-6));
    }

    @Test
    void a_curve_whose_handle_lies_on_its_end_still_has_a_direction() {
        Cubic lazy = new Cubic(Point.of(0, 0), Point.of(0, 0), Point.of(10, 10), Point.of(10, 20));
        assertThat(lazy.direction(0).norm()).isCloseTo(1, within(1e-9));
    }

    @Test
    void parts_of_a_curve_join_where_they_were_cut() {
        Cubic first = hip.part(0, 0.3);
        Cubic middle = hip.part(0.3, 0.8);
        assertThat(first.to().distance(middle.from())).isLessThan(1e-9);
        assertThat(middle.at(0.5).distance(hip.at(0.55))).isLessThan(1e-9);
        assertThat(hip.reversed().at(0.25).distance(hip.at(0.75))).isLessThan(1e-9);
    }

    @Test
    void a_level_is_crossed_where_it_should_be_and_nowhere_else() {
        assertThat(Curves.xAtLevel(List.of(hip), 200).orElseThrow()).isCloseTo(250, within(1e-6));
        assertThat(Curves.xAtLevel(List.of(hip), 100).orElseThrow()).isCloseTo(250 - 50 * 0.25, within(1e-6));
        assertThat(Curves.xAtLevel(List.of(hip), 201)).isEmpty();
    }

    @Test
    void a_place_along_a_run_is_as_far_from_its_start_as_asked() {
        Curves.Along at = Curves.along(List.of(across, down), 120);
        assertThat(at.at()).isEqualTo(Point.of(100, 20));
        assertThat(at.direction()).isEqualTo(Point.of(0, 1));
        assertThat(Curves.along(List.of(across, down), 999).at()).isEqualTo(Point.of(100, 50));
        Point onCurve = Curves.along(List.of(hip), 77).at();
        double t = Curves.crossing(hip, onCurve, Point.of(1, 0)).orElseThrow();
        assertThat(hip.part(0, t).length()).isCloseTo(77, within(1e-6));
    }

    @Test
    void a_run_is_cut_at_a_joint_without_leaving_crumbs() {
        List<List<Segment>> parts = Curves.cutAt(List.of(across, down), 100);
        assertThat(parts.get(0)).containsExactly(across);
        assertThat(parts.get(1)).containsExactly(down);
    }

    @Test
    void a_run_reversed_is_travelled_backwards() {
        assertThat(Curves.reversed(List.of(across, down))).containsExactly(down.reversed(), across.reversed());
    }

    @Test
    void a_parallel_round_a_corner_is_mitred_outside_and_cut_back_inside() {
        List<Segment> outside = Parallel.beside(List.of(across, down), 10);
        assertThat(outside.get(0).to()).isEqualTo(Point.of(110, -10));
        assertThat(outside.get(1).from()).isEqualTo(Point.of(110, -10));
        List<Segment> inside = Parallel.beside(Curves.reversed(List.of(across, down)), 10);
        assertThat(inside.get(0).to().distance(Point.of(90, 10))).isLessThan(1e-9);
    }

    @Test
    void lines_that_never_meet_have_no_corner() {
        assertThat(Parallel.meet(Point.of(0, 0), Point.of(1, 0), Point.of(0, 5), Point.of(-1, 0)))
                .isNull();
        assertThat(Parallel.meet(Point.of(0, 0), Point.of(1, 0), Point.of(30, 5), Point.of(0, 1)))
                .isEqualTo(Point.of(30, 0));
    }

    @Test
    void a_root_without_a_bracket_is_not_made_up() {
        assertThat(Roots.between(0, 1, x -> x + 1)).isEmpty();
        assertThat(Roots.between(0, 1, x -> Double.NaN)).isEmpty();
        assertThat(Roots.between(0, 2, x -> x * x - 2).orElseThrow()).isCloseTo(Math.sqrt(2), within(1e-10));
    }

    @Test
    void a_turn_is_clockwise_as_seen_on_the_paper_and_a_flip_undoes_itself() {
        Rigid turn = Rigid.turn(Point.of(10, 10), Math.PI / 2);
        assertThat(turn.apply(Point.of(20, 10)).distance(Point.of(10, 20))).isLessThan(1e-9);
        Rigid flip = Rigid.flip(Point.of(0, 600), Point.of(1, 0));
        assertThat(flip.apply(Point.of(33, 580))).isEqualTo(Point.of(33, 620));
        assertThat(flip.after(flip).apply(Point.of(5, 7)).distance(Point.of(5, 7)))
                .isLessThan(1e-9);
    }
}
