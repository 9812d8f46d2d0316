package brightplumb.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.valid.IsSimpleOp;

/** Lengths, areas, crossings and parallels against JTS, a general-purpose geometry library. */
class AgainstJtsTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    private static Cubic random(Random r) {
        return new Cubic(point(r), point(r), point(r), point(r));
    }

    private static Point point(Random r) {
        return Point.of(r.nextDouble() * 400, r.nextDouble() * 400);
    }

    private static LineString chain(List<? extends Segment> run, int steps) {
        return JTS.createLineString(Curves.flattened(run, steps).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));
    }

    @Test
    void the_length_of_a_curve_is_that_of_its_fine_chain() {
        Random r = new Random(7);
        for (int i = 0; i < 200; i++) {
            Cubic curve = random(r);
            double chain = chain(List.of(curve), 20_000).getLength();
            assertThat(curve.length()).isCloseTo(chain, within(chain * 1e-6));
        }
    }

    @Test
    void the_nearest_place_on_a_run_is_as_far_as_on_its_fine_chain() {
        Random r = new Random(17);
        for (int i = 0; i < 100; i++) {
            Cubic first = random(r);
            Cubic second = new Cubic(first.to(), point(r), point(r), point(r));
            List<Segment> run = List.of(first, second, new Line(second.to(), point(r)));
            Point place = point(r).minus(Point.of(200, 200)).times(2);
            Curves.Nearest nearest = Curves.nearest(run, place);
            double jts = DistanceOp.distance(chain(run, 4000), JTS.createPoint(new Coordinate(place.x(), place.y())));
            assertThat(nearest.away()).isCloseTo(jts, within(0.01));
            assertThat(Curves.along(run, nearest.along()).at().distance(place)).isCloseTo(nearest.away(), within(0.01));
        }
    }

    @Test
    void the_area_of_an_outline_is_that_of_its_fine_polygon() {
        Point a = Point.of(0, 0);
        Point b = Point.of(250, -12);
        Point c = Point.of(230, 600);
        Point d = Point.of(0, 600);
        List<Segment> outline = List.of(
                Cubic.leaving(a, Point.of(1, 0), Point.of(0.98, -0.2), b, 0.33),
                Cubic.parabola(b, Point.of(290, 200), c),
                new Line(c, d),
                new Line(d, a));
        double jts = JTS.createPolygon(chain(outline, 5000).getCoordinates()).getArea();
        assertThat(Outlines.area(outline)).isCloseTo(jts, within(jts * 1e-6));
        assertThat(Outlines.closed(outline)).isTrue();
    }

    @Test
    void an_outline_crosses_itself_exactly_when_its_ring_is_not_simple() {
        Random r = new Random(11);
        for (int i = 0; i < 300; i++) {
            Point a = point(r);
            Point b = point(r);
            Point c = point(r);
            Point d = point(r);
            List<Segment> outline = List.of(new Line(a, b), new Line(b, c), new Line(c, d), new Line(d, a));
            boolean simple = IsSimpleOp.isSimple(chain(outline, 1));
            assertThat(Outlines.crosses(outline)).isEqualTo(!simple);
        }
    }

    @Test
    void a_parallel_keeps_its_distance() {
        Cubic curve = Cubic.leaving(Point.of(0, 10), Point.of(1, 0), Point.of(0.95, -0.3), Point.of(180, -8), 0.33);
        for (double distance : new double[] {6, 12.7, 25.4, 50.8}) {
            LineString base = chain(List.of(curve), 4000);
            for (Point p : Curves.flattened(Parallel.beside(List.of(curve), distance), 20)) {
                double apart = DistanceOp.distance(base, JTS.createPoint(new Coordinate(p.x(), p.y())));
                assertThat(apart).isCloseTo(distance, within(0.05));
            }
        }
    }

    @Test
    void a_curve_cut_in_two_is_as_long_as_before_and_runs_on() {
        Random r = new Random(3);
        for (int i = 0; i < 100; i++) {
            Cubic curve = random(r);
            double at = curve.length() * r.nextDouble();
            List<List<Segment>> parts = Curves.cutAt(List.of(curve), at);
            assertThat(Curves.length(parts.get(0))).isCloseTo(at, within(1e-6));
            assertThat(Curves.length(parts.get(0)) + Curves.length(parts.get(1)))
                    .isCloseTo(curve.length(), within(1e-6));
        }
    }

    @Test
    void a_move_keeps_lengths_and_its_undoing_brings_back() {
        Rigid move = Rigid.turn(Point.of(30, 40), 0.7)
                .after(Rigid.flip(Point.of(5, 6), Point.of(1, 2)))
                .after(Rigid.slide(Point.of(9, -3)));
        Cubic curve = random(new Random(5));
        assertThat(curve.moved(move).length()).isCloseTo(curve.length(), within(1e-9));
        Point back = move.back().apply(move.apply(Point.of(12, 34)));
        assertThat(back.distance(Point.of(12, 34))).isLessThan(1e-9);
    }
}
