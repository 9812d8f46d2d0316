package brightplumb.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;

/**
 * Pure moves of pieces, against JTS, a general-purpose geometry library: no cloth comes or goes but what the move says.
 */
class SurgeryTest {

    /** mm², of pieces of a tenth of a square metre: what is left of an outline drawn in straight steps. */
    private static final double AREA = 3;

    private static final PieceId YOKE = PieceId.of("yoke");
    private static final EdgeRole CUT = new EdgeRole("yoke", "yoke");

    static Stream<Piece> quarters() {
        Random r = new Random(11);
        return Stream.generate(() -> Quarter.any(r)).limit(40);
    }

    private static List<Piece> yoked(Piece piece, double across) {
        double y = 200 + across;
        return Surgery.apart(piece, new Line(Point.of(-50, y), Point.of(900, y + 20)), CUT, YOKE);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void swung_a_piece_keeps_its_cloth_and_its_place_on_the_body(Piece piece) {
        Piece swung = Surgery.swung(piece, Point.of(120, 140), 0.3);
        assertThat(Quarter.cloth(swung).getArea())
                .isCloseTo(Quarter.cloth(piece).getArea(), within(AREA));
        assertThat(Quarter.differ(Quarter.cloth(swung.worn()), Quarter.cloth(piece)))
                .as("worn, it lies where it was drafted")
                .isLessThan(AREA);
        assertThat(swung.worn()
                        .darts()
                        .get(0)
                        .point()
                        .distance(piece.darts().get(0).point()))
                .isLessThan(1e-9);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void mirrored_a_piece_still_runs_clockwise_with_every_edge_as_long(Piece piece) {
        Piece mirrored = Surgery.mirrored(piece, Point.of(0, 0), Point.of(0, 1));
        assertThat(Outlines.area(mirrored.sewLine())).isCloseTo(Outlines.area(piece.sewLine()), within(1e-6));
        assertThat(Outlines.closed(mirrored.sewLine())).isTrue();
        assertThat(mirrored.top().role()).isEqualTo(piece.top().role());
        for (Edge edge : piece.edges()) {
            assertThat(mirrored.require(edge.role()).length()).isCloseTo(edge.length(), within(1e-9));
        }
        Geometry both = Quarter.both(Quarter.cloth(mirrored), Quarter.cloth(piece));
        assertThat(both.getEnvelopeInternal().getMinX())
                .isCloseTo(-both.getEnvelopeInternal().getMaxX(), within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void cut_apart_both_parts_are_the_cloth_on_either_side_of_the_line(Piece piece) {
        List<Piece> parts = yoked(piece, 0);
        Geometry below = Quarter.rightOf(Point.of(-50, 200), Point.of(950, 20));
        Geometry whole = Quarter.cloth(piece);
        assertThat(Quarter.differ(Quarter.cloth(parts.get(1)), Quarter.shared(whole, below)))
                .isLessThan(AREA);
        assertThat(Quarter.differ(Quarter.cloth(parts.get(0)), Quarter.without(whole, below)))
                .isLessThan(AREA);
        assertThat(parts.get(0).require(CUT).length())
                .isCloseTo(parts.get(1).require(CUT).length(), within(1e-9));
        assertThat(parts).extracting(Piece::id).containsExactly(Quarter.FRONT, YOKE);
        assertThat(parts.get(0).darts()).as("the dart is where its point is").hasSize(1);
        assertThat(parts.get(1).darts()).isEmpty();
        assertThat(parts).allSatisfy(p -> assertThat(Outlines.area(p.sewLine())).isPositive());
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void cut_apart_and_united_again_a_piece_is_what_it_was(Piece piece) {
        List<Piece> parts = yoked(piece, 30);
        Piece moved = Surgery.swung(parts.get(1), Point.of(300, -200), 1.1);
        Piece again = Surgery.united(parts.get(0), CUT, moved, CUT);
        assertThat(Quarter.differ(Quarter.cloth(again), Quarter.cloth(piece))).isLessThan(AREA);
        assertThat(again.edges())
                .extracting(e -> e.role().id())
                .containsExactlyElementsOf(
                        piece.edges().stream().map(e -> e.role().id()).toList());
        for (Edge edge : piece.edges()) {
            assertThat(again.require(edge.role()).length()).isCloseTo(edge.length(), within(1e-6));
        }
        Point low = Point.of(60, 350);
        assertThat(again.onBody().at(low).orElseThrow().apply(low).distance(low))
                .as("the part that was moved lies where it was drafted")
                .isLessThan(1e-6);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void shortened_a_piece_loses_what_lay_below_the_edge_drawn_in(Piece piece) {
        Piece shorter = Surgery.shortened(piece, EdgeRole.HEM, 25.4).orElseThrow();
        Geometry whole = Quarter.cloth(piece);
        Geometry left = Quarter.cloth(shorter);
        assertThat(Quarter.without(left, whole).getArea()).isLessThan(AREA);
        double hem = (piece.require(EdgeRole.HEM).length()
                        + shorter.require(EdgeRole.HEM).length())
                / 2;
        assertThat(whole.getArea() - left.getArea()).isCloseTo(25.4 * hem, within(25.4 * hem * 0.02));
        assertThat(piece.require(EdgeRole.CENTRE_FRONT).length()
                        - shorter.require(EdgeRole.CENTRE_FRONT).length())
                .isCloseTo(25.4, within(0.5));
        assertThat(shorter.require(EdgeRole.WAIST)).isEqualTo(piece.require(EdgeRole.WAIST));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void a_move_that_cannot_be_made_says_so(Piece piece) {
        assertThat(Surgery.shortened(piece, EdgeRole.HEM, 5000)).isEmpty();
        assertThatThrownBy(() -> yoked(piece, 5000)).isInstanceOf(IllegalArgumentException.class);
    }
}
