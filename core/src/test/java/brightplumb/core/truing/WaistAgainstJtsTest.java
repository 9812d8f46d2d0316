package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Ways;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The waist with its darts folded shut by JTS, a general-purpose geometry library, is one unbroken line of the length
 * that was asked.
 */
class WaistAgainstJtsTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    static Stream<String> ways() {
        return Ways.SKIRT.stream().map(w -> w.id());
    }

    private static Coordinate jts(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    /** The turn about a dart's point that brings its outer leg to its inner one. */
    private static AffineTransformation closing(Dart dart) {
        double inner = Math.atan2(
                dart.inner().y() - dart.point().y(),
                dart.inner().x() - dart.point().x());
        double outer = Math.atan2(
                dart.outer().y() - dart.point().y(),
                dart.outer().x() - dart.point().x());
        return AffineTransformation.rotationInstance(
                inner - outer, dart.point().x(), dart.point().y());
    }

    /** The waist, folded: the parts between the darts, each carried over by all folds before it. */
    private static Coordinate[] folded(Piece piece) {
        List<Coordinate> line = new ArrayList<>();
        AffineTransformation carried = new AffineTransformation();
        int next = 0;
        for (Segment part : piece.require(EdgeRole.WAIST).run()) {
            if (next < piece.darts().size()
                    && part.from().distance(piece.darts().get(next).inner()) < 1e-6) {
                // Folds nearer the centre act last: they carry this dart with them.
                carried = closing(piece.darts().get(next++)).compose(carried);
                continue;
            }
            for (Point p : Curves.flattened(List.of(part), 2000)) {
                line.add(carried.transform(jts(p), new Coordinate()));
            }
        }
        return line.toArray(Coordinate[]::new);
    }

    @ParameterizedTest
    @MethodSource("ways")
    void folded_shut_the_waist_is_unbroken_and_as_long_as_its_quarter(String way) {
        for (Bodies.Row row : Bodies.some()) {
            Drafted drafted = Drafting.draft(DraftRequest.of("straight-skirt", way, row.sheet(), Map.of(), null));
            for (Half half : Half.values()) {
                Coordinate[] line = folded(drafted.draft().panel(half.panel()));
                double quarter =
                        drafted.draft().fact(PanelFacts.WAIST_QUARTER.of(half)).value();
                assertThat(JTS.createLineString(line).getLength())
                        .as(row + " " + half)
                        .isCloseTo(quarter, within(0.001));
                for (int i = 1; i < line.length; i++) {
                    assertThat(line[i].distance(line[i - 1])).as("no gap").isLessThan(1);
                }
            }
        }
    }
}
