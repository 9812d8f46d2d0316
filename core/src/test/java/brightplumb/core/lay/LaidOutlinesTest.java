package brightplumb.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Point;
import brightplumb.core.pattern.PieceId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** What a lay is made of, tried on seeded hollow outlines against JTS, a general-purpose reference library. */
class LaidOutlinesTest {

    private static final PieceId BOX = PieceId.of("box");

    private static final GeometryFactory JTS = new GeometryFactory();

    private static Stream<Integer> seeds() {
        return IntStream.range(0, 60).boxed();
    }

    /** A star of uneven rays: hollow, and never crossing itself. */
    private static Outline star(Random random, double x, double y) {
        List<Point> places = new ArrayList<>();
        int rays = 5 + random.nextInt(9);
        for (int i = 0; i < rays; i++) {
            double turn = 2 * Math.PI * (i + 0.6 * random.nextDouble()) / rays;
            double out = 20 + 130 * random.nextDouble();
            places.add(Point.of(x + out * Math.cos(turn), y + out * Math.sin(turn)));
        }
        return Outline.through(places);
    }

    private static Outline home(Outline outline) {
        return outline.slid(-outline.left(), -outline.top());
    }

    private static double overlap(Outline one, Outline other) {
        return one.polygon().intersection(other.polygon()).getArea();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void a_scan_covers_every_place_inside_its_outline(int seed) {
        Random random = new Random(seed);
        Outline outline = home(star(random, 0, 0));
        Scan scan = Scan.of(outline);
        Polygon polygon = outline.polygon();
        for (int i = 0; i < 400; i++) {
            double x = random.nextDouble() * outline.right();
            double y = random.nextDouble() * outline.bottom();
            if (polygon.contains(JTS.createPoint(new Coordinate(x, y)))) {
                double[] row = scan.rows()[(int) (y / Scan.ROW)];
                boolean covered = false;
                for (int j = 0; j < row.length; j += 2) {
                    covered |= x >= row[j] - 1e-9 && x <= row[j + 1] + 1e-9;
                }
                assertThat(covered).as(x + ", " + y).isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void where_nothing_is_barred_two_outlines_lie_clear_of_each_other(int seed) {
        Random random = new Random(seed);
        Outline one = home(star(random, 0, 0));
        Outline other = home(star(random, 0, 0));
        NoFit noFit = new NoFit(2);
        Way first = new Way(0, 0, false, null, one, Scan.of(one), Double.NaN);
        Way second = new Way(1, 0, false, null, other, Scan.of(other), Double.NaN);
        for (int below = -second.scan().height(); below <= first.scan().height(); below += 7) {
            double[] barred = noFit.between(first, second, below);
            for (double end : barred) {
                assertThat(overlap(one, other.slid(end, below * Scan.ROW)))
                        .as(below + " rows down, " + end + " along")
                        .isLessThan(1e-6);
            }
            if (barred.length > 0 && below > 0 && below < first.scan().height() - 2) {
                double middle = (barred[0] + barred[barred.length - 1]) / 2;
                assertThat(barred[0]).isLessThan(middle);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void an_outline_that_slides_stops_where_it_touches_and_no_sooner(int seed) {
        Random random = new Random(seed);
        Outline fixed = star(random, 0, 0);
        Outline moving = star(random, 420, 120 * (random.nextDouble() - 0.5));
        double room = Pushed.between(moving, fixed);
        assertThat(overlap(moving.slid(-room, 0), fixed)).isLessThan(1e-3);
        assertThat(overlap(moving.slid(-room - 2, 0), fixed))
                .as("two millimetres on they lie on each other")
                .isGreaterThan(1e-3);
    }

    @Test
    void a_piece_off_the_fold_is_twice_its_half_and_the_same_on_both_sides() {
        Outline half = Outline.through(
                List.of(Point.of(0, 0), Point.of(200, 10), Point.of(230, 300), Point.of(90, 340), Point.of(0, 330)));
        Outline whole = Unfolded.of(half, Point.of(0, 330), Point.of(0, 0));
        assertThat(whole.polygon().isValid()).isTrue();
        assertThat(whole.polygon().getArea()).isCloseTo(2 * half.polygon().getArea(), within(1e-6));
        assertThat(whole.left()).isCloseTo(-whole.right(), within(1e-9));
    }

    @Test
    void plain_rows_of_boxes_hold_what_goes_across_and_begin_anew_with_what_does_not() {
        Outline box = Outline.through(List.of(Point.of(0, 0), Point.of(500, 0), Point.of(500, 300), Point.of(0, 300)));
        Way way = new Way(0, 0, false, null, box, Scan.of(box), Double.NaN);
        List<Item> three = IntStream.rangeClosed(1, 3)
                .mapToObj(i -> new Item("", BOX, i, 0, List.of(way), Item.Side.ANY, false, 150_000))
                .toList();
        assertThat(Shelves.of(three, 950).length()).isEqualTo(500);
        assertThat(Shelves.of(three, 650).length()).isEqualTo(1000);
        assertThat(Shelves.of(three, 320).length()).isEqualTo(1500);
    }
}
