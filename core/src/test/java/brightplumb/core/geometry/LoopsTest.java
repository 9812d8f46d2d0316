package brightplumb.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class LoopsTest {

    private static Line line(double x0, double y0, double x1, double y1) {
        return new Line(Point.of(x0, y0), Point.of(x1, y1));
    }

    @Test
    void a_line_without_loops_stays_as_it_is() {
        List<Segment> run = List.of(line(0, 0, 100, 0), line(100, 0, 100, 80));
        assertThat(Loops.cutOut(run, 150)).isEqualTo(run);
    }

    @Test
    void a_small_loop_is_cut_out_where_the_line_crosses_itself() {
        List<Segment> run =
                List.of(line(0, 0, 110, 0), line(110, 0, 110, 10), line(110, 10, 90, -10), line(90, -10, 90, -100));
        List<Segment> cut = Loops.cutOut(run, 150);
        assertThat(cut).hasSize(3);
        assertThat(cut.get(0).to().distance(Point.of(100, 0))).isLessThan(1e-9);
        assertThat(cut.get(1).from()).isEqualTo(cut.get(0).to());
        assertThat(cut.get(2).to()).isEqualTo(Point.of(90, -100));
    }

    @Test
    void a_loop_in_a_curve_is_cut_where_curve_and_line_cross() {
        Cubic over = new Cubic(Point.of(0, 0), Point.of(60, 0), Point.of(110, 20), Point.of(110, 40));
        List<Segment> run = List.of(over, line(110, 40, 70, 40), line(70, 40, 70, -60));
        List<Segment> cut = Loops.cutOut(run, 300);
        assertThat(cut).hasSize(2);
        Point meet = cut.get(0).to();
        assertThat(meet.x()).isCloseTo(70, within(1e-6));
        assertThat(cut.get(1).from().distance(meet)).isLessThan(1e-9);
    }

    @Test
    void a_large_loop_is_no_accident_and_stays() {
        List<Segment> run = List.of(
                line(0, 0, 300, 0), line(300, 0, 300, 200), line(300, 200, 150, 200), line(150, 200, 150, -100));
        assertThat(Loops.cutOut(run, 150)).isEqualTo(run);
    }
}
