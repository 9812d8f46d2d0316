package brightplumb.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.rule.Cloth;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class CutLineTest {

    private static Drafted pencil(double taper) {
        return Drafting.draft(DraftRequest.of(
                "straight-skirt",
                "quarter",
                Bodies.inches(28, 38, 8),
                Map.of("hemTaper", taper, "length", 620.0),
                Cloth.WOVEN));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-60, 25.4, 50})
    void the_turned_hem_is_the_mirror_of_the_skirt_above_it(double taper) {
        CutPiece front = pencil(taper).pieces().get(0);
        List<Segment> side = front.piece().require(EdgeRole.SIDE).run();
        double hem = side.get(side.size() - 1).to().y();
        double allowance = front.allowance(front.piece().require(EdgeRole.SIDE)).outside();
        for (double up : new double[] {10, 25, 40}) {
            double above = Curves.xAtLevel(side, hem - up).orElseThrow();
            double below = rightAt(front.cutLine(), hem + up);
            // Beside a leaning seam an allowance measured square to it is a little wider along the level.
            assertThat(below - allowance).as("%s mm up", up).isCloseTo(above, within(1.0));
        }
    }

    private static double rightAt(List<Segment> outline, double y) {
        return outline.stream()
                .flatMap(s -> Curves.crossing(s, Point.of(0, y), Point.of(1, 0)).stream()
                        .mapToObj(s::at))
                .mapToDouble(Point::x)
                .max()
                .orElseThrow();
    }

    @Test
    void allowances_stand_outside_the_sewn_line_by_their_amounts() {
        for (CutPiece piece : pencil(0).pieces().stream()
                .filter(p -> p.piece().edge(EdgeRole.WAIST).isPresent())
                .toList()) {
            GeometryFactory jts = new GeometryFactory();
            var cut = jts.createLineString(coordinates(piece.cutLine()));
            double waist =
                    piece.allowance(piece.piece().require(EdgeRole.WAIST)).outside();
            for (Segment s : piece.piece().require(EdgeRole.WAIST).run()) {
                Point p = s.at(0.5);
                double apart = cut.distance(jts.createPoint(new Coordinate(p.x(), p.y())));
                assertThat(apart).as("general-purpose reference: JTS").isCloseTo(waist, within(0.4));
            }
            assertThat(rightAt(piece.cutLine(), 400) - rightAt(piece.piece().sewLine(), 400))
                    .isCloseTo(25.4, within(0.5));
        }
    }

    private static Coordinate[] coordinates(List<Segment> run) {
        return Curves.flattened(run, 100).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
    }

    @Test
    void the_fold_gets_no_allowance_and_the_zip_gets_its_own() {
        List<CutPiece> pieces = pencil(0).pieces();
        CutPiece front = pieces.get(0);
        CutPiece back = pieces.get(1);
        assertThat(front.onFold()).isTrue();
        assertThat(front.instruction()).isEqualTo("cut 1 on fold");
        assertThat(back.instruction()).isEqualTo("cut 1 pair");
        assertThat(Curves.flattened(front.cutLine(), 8))
                .allSatisfy(p -> assertThat(p.x()).isGreaterThan(-1e-6));
        double beside = leftAt(back.cutLine(), 100);
        double below = leftAt(back.cutLine(), 400);
        assertThat(beside).isCloseTo(-25.4, within(1e-6));
        assertThat(below)
                .as("an inch from the waist through the hem: the back is closed last, from the tape")
                .isCloseTo(-25.4, within(1e-6));
    }

    private static double leftAt(List<Segment> outline, double y) {
        return outline.stream()
                .flatMap(s -> Curves.crossing(s, Point.of(0, y), Point.of(1, 0)).stream()
                        .mapToObj(s::at))
                .mapToDouble(Point::x)
                .min()
                .orElseThrow();
    }
}
