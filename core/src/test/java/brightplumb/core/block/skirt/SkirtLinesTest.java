package brightplumb.core.block.skirt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.block.waist.ClosedWaist.DartLine;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Dart;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.Seat;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The lines a skirt is made of, each by itself. Lengths in mm. */
class SkirtLinesTest {

    private static final Point DOWN = Point.of(0, 1);

    private final SkirtSide side = new SkirtSide(Point.of(245, 205), 25, 60, 640, 640, false);

    private ClosedWaist waist(List<DartLine> darts, double net) {
        double taken = darts.stream().mapToDouble(DartLine::intake).sum();
        return ClosedWaist.drawn(Point.of(0, 6), DOWN, darts, net, Point.of(net + taken, -12), side);
    }

    @Test
    void a_waist_without_darts_is_one_line_square_at_both_ends() {
        ClosedWaist waist = waist(List.of(), 190);
        assertThat(waist.run()).hasSize(1);
        Segment line = waist.run().get(0);
        assertThat(line.length()).isCloseTo(190, within(1e-8));
        assertThat(line.direction(0).angleTo(DOWN)).isCloseTo(90, within(1e-6));
        assertThat(line.direction(1).angleTo(side.leaving(waist.side()))).isCloseTo(90, within(1e-6));
    }

    @Test
    void darts_take_exactly_what_they_should_and_their_legs_are_equal() {
        ClosedWaist waist = waist(List.of(new DartLine(80, 18, 100), new DartLine(140, 18, 100)), 180);
        assertThat(waist.darts()).hasSize(2).allSatisfy(dart -> {
            assertThat(dart.intake()).isCloseTo(18, within(1e-7));
            assertThat(dart.innerLeg().length()).isCloseTo(dart.outerLeg().length(), within(1e-9));
        });
        assertThat(Curves.length(waist.run()) - 36).isCloseTo(180, within(1e-7));
    }

    @Test
    void closing_a_dart_lays_one_leg_on_the_other_and_the_waist_runs_on() {
        ClosedWaist waist = waist(List.of(new DartLine(95, 25.4, 110)), 180);
        Dart dart = waist.darts().get(0);
        assertThat(dart.closing().apply(dart.outer()).distance(dart.inner())).isLessThan(1e-7);
        Point before = waist.run().get(0).direction(1);
        Point after = dart.closing().direction(waist.run().get(2).direction(0));
        assertThat(before.angleTo(after)).isCloseTo(0, within(1e-5));
    }

    @Test
    void a_waist_that_cannot_be_drawn_is_not_made_up() {
        assertThat(waist(List.of(new DartLine(500, 20, 100)), 60)).isNull();
    }

    @Test
    void a_side_meets_the_hip_upright_and_tapers_from_below_it() {
        List<Segment> run = side.down(Point.of(215, -12), side.atHemLevel());
        assertThat(Curves.xAtLevel(run, 205).orElseThrow()).isCloseTo(245, within(1e-9));
        for (int i = 0; i + 1 < run.size(); i++) {
            assertThat(run.get(i).direction(1).angleTo(run.get(i + 1).direction(0)))
                    .as("no corner at joint %d", i)
                    .isLessThan(1e-4);
        }
        assertThat(run.get(run.size() - 1).to()).isEqualTo(Point.of(220, 640));
        assertThat(Curves.xAtLevel(run, 225).orElseThrow())
                .as("not pinched just below the hip")
                .isGreaterThan(244);
    }

    @Test
    void a_leaning_side_is_straight_above_and_rounded_at_the_hip() {
        SkirtSide leaning = new SkirtSide(Point.of(245, 205), 0, 60, 640, 640, true);
        List<Segment> run = leaning.down(Point.of(265, 0), Point.of(245, 640));
        assertThat(run.get(0)).isInstanceOf(Line.class);
        for (int i = 0; i + 1 < run.size(); i++) {
            assertThat(run.get(i).direction(1).angleTo(run.get(i + 1).direction(0)))
                    .isLessThan(1e-4);
        }
    }

    @Test
    void a_hem_leaves_a_leaning_side_square_and_meets_the_centre_level() {
        HemLine hem = HemLine.drawn(side.atHemLevel(), side.atHem(), Point.of(0, 640));
        assertThat(hem.run().get(0).direction(0).angleTo(side.atHem())).isCloseTo(90, within(1e-6));
        Segment last = hem.run().get(hem.run().size() - 1);
        assertThat(last.direction(1).angleTo(Point.of(-1, 0))).isCloseTo(0, within(1e-9));
        assertThat(hem.sideEnd().y())
                .as("a tapered side hangs a little below the level")
                .isBetween(640.0, 644.0);
        assertThat(hem.sideEnd().x() - last.from().x()).as("the bend").isLessThan(2.5 * 25.4 + 1);
    }

    @ParameterizedTest
    @EnumSource(CentreBackShape.class)
    void every_centre_back_is_smooth_and_stands_upright_at_the_hem(CentreBackShape shape) {
        for (Seat seat : Seat.values()) {
            double in = shape.inchesIn() * 25.4;
            CentreBack centre = CentreBack.of(new CentreBack.Shaping(shape, seat, in, 0, 700, true), 12, 205, 700);
            assertThat(centre.waist()).isEqualTo(Point.of(in, 12));
            assertThat(centre.hem().y()).isEqualTo(700);
            List<Segment> run = centre.run();
            for (int i = 0; i + 1 < run.size(); i++) {
                assertThat(run.get(i).to().distance(run.get(i + 1).from())).isLessThan(1e-9);
                assertThat(run.get(i).direction(1).angleTo(run.get(i + 1).direction(0)))
                        .isLessThan(1e-3);
            }
            assertThat(run.get(run.size() - 1).direction(1).angleTo(DOWN)).isLessThan(1e-3);
        }
    }

    /**
     * Common practice, no source: in 1¼ in at 6 in below the hip for a medium seat; a pencil stays in, a straight skirt
     * runs back.
     */
    @Test
    void shaping_under_the_seat_follows_the_seats_size() {
        CentreBack pencil = CentreBack.of(
                new CentreBack.Shaping(CentreBackShape.UNDER_SEAT, Seat.MEDIUM, 0, 0, 700, true), 0, 205, 700);
        assertThat(pencil.inAt(205)).isCloseTo(0, within(1e-6));
        assertThat(pencil.inAt(205 + 6 * 25.4)).isCloseTo(1.25 * 25.4, within(1e-6));
        assertThat(pencil.hem().x()).isCloseTo(1.25 * 25.4, within(1e-6));
        CentreBack straight = CentreBack.of(
                new CentreBack.Shaping(CentreBackShape.UNDER_SEAT, Seat.MEDIUM, 0, 0, 700, false), 0, 205, 700);
        assertThat(straight.hem().x()).isZero();
    }
}
