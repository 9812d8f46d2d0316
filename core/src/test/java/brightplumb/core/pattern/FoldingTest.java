package brightplumb.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;

/** Cloth let in to be folded away, against JTS, a general-purpose geometry library. */
class FoldingTest {

    private static final double AREA = 3;
    private static final double BY = 76.2;

    static Stream<Piece> quarters() {
        Random r = new Random(31);
        return Stream.generate(() -> Quarter.any(r)).limit(40);
    }

    /** Opened along its dart and on down to the hem; the dart is folded away with it. */
    private static Piece opened(Piece piece) {
        Dart dart = piece.darts().get(0);
        var hem = piece.require(EdgeRole.HEM).run();
        Point foot = hem.get(0)
                .at(Curves.crossing(hem.get(0), dart.point(), Point.of(0, 1)).orElseThrow());
        List<Segment> down = List.of(new Line(dart.point(), foot));
        return Folding.opened(
                piece.withDarts(List.of()),
                EdgeRole.WAIST,
                EdgeRole.HEM,
                List.of(dart.innerLeg(), down.get(0)),
                List.of(dart.outerLeg().reversed(), down.get(0)),
                Point.of(BY, 0),
                Fold.Kind.BOX,
                0);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void an_opened_piece_gains_the_width_of_the_fold_from_edge_to_edge(Piece piece) {
        Piece opened = opened(piece);
        Dart dart = piece.darts().get(0);
        Fold fold = opened.folds().get(0);
        double from =
                Math.max(fold.out().get(0).from().y(), fold.back().get(0).from().y());
        double to = fold.out().get(1).to().y();
        Geometry grown = Quarter.cloth(opened);
        assertThat(grown.getArea() - Quarter.cloth(piece).getArea()).isCloseTo(BY * (to - from), within(BY * 12));
        assertThat(opened.require(EdgeRole.HEM).length())
                .isCloseTo(piece.require(EdgeRole.HEM).length() + BY, within(1e-6));
        assertThat(Mouth.on(opened, opened.require(EdgeRole.WAIST)))
                .singleElement()
                .satisfies(m ->
                        assertThat(m.to() - m.from()).isBetween(BY + dart.intake() * 0.98, BY + dart.intake() * 1.02));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void folded_shut_it_is_the_piece_it_was_dart_and_all(Piece piece) {
        Piece worn = opened(piece).worn();
        Geometry before = Quarter.cloth(piece);
        assertThat(Quarter.differ(Quarter.cloth(worn), before))
                .as("but for the line over the dart's mouth")
                .isLessThan(before.getArea() * 2e-3);
        assertThat(worn.require(EdgeRole.HEM).length())
                .isCloseTo(piece.require(EdgeRole.HEM).length(), within(1e-6));
        assertThat(Run.shut(opened(piece), EdgeRole.WAIST).length())
                .isCloseTo(Run.shut(piece, EdgeRole.WAIST).length(), within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void what_is_marked_beyond_the_fold_goes_with_the_cloth(Piece piece) {
        Mark near = Mark.notch(
                Mark.Subject.PLACE,
                Curves.along(piece.require(EdgeRole.HEM).run(), 10).at(),
                Point.of(0, 1),
                1,
                "side");
        Point corner = piece.require(EdgeRole.HEM).run().get(0).to();
        Mark far = Mark.notch(Mark.Subject.PLACE, corner.plus(Point.of(10, 0)), Point.of(0, 1), 1, "centre");
        Piece opened = opened(piece.withMarks(List.of(near, far)));
        assertThat(opened.marks())
                .anySatisfy(m -> assertThat(m.at().distance(near.at().plus(Point.of(BY, 0))))
                        .isLessThan(1e-9))
                .anySatisfy(m -> assertThat(m.at().distance(far.at())).isLessThan(1e-9));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void a_kick_goes_beyond_the_edge_and_is_folded_behind_it(Piece piece) {
        EdgeRole outer = new EdgeRole("kick", "kick");
        EdgeRole top = new EdgeRole("kick.top", "top of the kick");
        Piece kicked = Folding.extended(piece, EdgeRole.CENTRE_FRONT, EdgeRole.HEM, 203.2, 50.8, outer, top);
        Geometry whole = Quarter.cloth(piece);
        Geometry grown = Quarter.cloth(kicked);
        assertThat(Quarter.without(whole, grown).getArea()).isLessThan(AREA);
        assertThat(grown.getArea() - whole.getArea()).isBetween(203.2 * 50.8 * 0.7, 203.2 * 50.8 * 1.3);
        assertThat(kicked.require(outer).length()).isCloseTo(203.2, within(1.0));
        assertThat(kicked.folds()).extracting(Fold::kind).containsExactly(Fold.Kind.KICK);
        assertThat(Quarter.differ(Quarter.cloth(kicked.worn()), whole))
                .as("folded behind, it is not seen")
                .isLessThan(AREA);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void a_cut_that_does_not_end_on_its_edge_opens_nothing(Piece piece) {
        Line astray = new Line(Point.of(100, -400), Point.of(100, 5000));
        assertThatThrownBy(() -> Folding.opened(
                        piece,
                        EdgeRole.WAIST,
                        EdgeRole.HEM,
                        List.of(astray),
                        List.of(astray),
                        Point.of(BY, 0),
                        Fold.Kind.BOX,
                        0))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
