package brightplumb.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;

/** A strip off an edge, against JTS, a general-purpose geometry library. */
class StripTest {

    private static final double AREA = 3;
    private static final double WIDTH = 38.1;

    static Stream<Piece> quarters() {
        Random r = new Random(23);
        return Stream.generate(() -> Quarter.any(r)).limit(40);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void strip_and_rest_are_the_piece_but_for_what_the_dart_takes(Piece piece) {
        Strip strip = Strip.off(piece, EdgeRole.WAIST, WIDTH).orElseThrow();
        Geometry whole = Quarter.cloth(piece);
        Geometry mouth = mouth(piece.darts().get(0));
        Geometry parts =
                strip.parts().stream().map(Quarter::cloth).reduce(Quarter::both).orElseThrow();
        Geometry rest = Quarter.cloth(strip.rest());
        assertThat(Quarter.without(parts, whole).getArea()).isLessThan(AREA);
        assertThat(Quarter.shared(parts, mouth).getArea())
                .as("a band has no dart")
                .isLessThan(AREA);
        assertThat(Quarter.without(whole, Quarter.both(parts, rest).union(mouth))
                        .getArea())
                .isLessThan(AREA);
        assertThat(Quarter.shared(parts, rest).getArea()).isLessThan(AREA);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void with_the_dart_shut_its_parts_meet_and_it_is_as_wide_at_both_ends(Piece piece) {
        Strip strip = Strip.off(piece, EdgeRole.WAIST, WIDTH).orElseThrow();
        assertThat(strip.parts()).hasSize(2);
        Piece centre = strip.parts().get(0);
        Piece side = strip.parts().get(1);
        Edge parted = centre.require(Strip.PARTED);
        Edge goesOn = side.require(Strip.GOES_ON);
        assertThat(parted.length()).isCloseTo(goesOn.length(), within(1e-6));
        assertThat(centre.require(EdgeRole.CENTRE_FRONT).length()).isCloseTo(WIDTH, within(1e-6));
        assertThat(side.require(EdgeRole.SIDE).length()).isCloseTo(WIDTH, within(1e-6));
        Piece band = Surgery.united(centre, Strip.PARTED, side, Strip.GOES_ON);
        assertThat(band.require(EdgeRole.WAIST).length())
                .as("as long as the waist without its dart")
                .isCloseTo(
                        piece.require(EdgeRole.WAIST).length()
                                - mouthAlong(piece, piece.darts().get(0)),
                        within(1e-6));
        Geometry cloth = Quarter.cloth(band);
        double mean = (band.require(EdgeRole.WAIST).length()
                        + band.require(Strip.LOWER).length())
                / 2;
        assertThat(cloth.getArea())
                .as("and as even in width as a waist with a kink at its dart allows")
                .isCloseTo(WIDTH * mean, within(WIDTH * mean * 0.12));
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void the_rest_keeps_its_dart_less_deep_and_the_band_is_as_long_as_the_edge_it_is_sewn_to(Piece piece) {
        Strip strip = Strip.off(piece, EdgeRole.WAIST, WIDTH).orElseThrow();
        Dart was = piece.darts().get(0);
        Dart dart = strip.rest().darts().get(0);
        assertThat(dart.point()).isEqualTo(was.point());
        assertThat(dart.intake()).isLessThan(was.intake()).isPositive();
        double lower = strip.parts().stream()
                .mapToDouble(p -> p.require(Strip.LOWER).length())
                .sum();
        assertThat(Run.shut(strip.rest(), EdgeRole.WAIST).length()).isCloseTo(lower, within(1e-6));
        // The dart shuts: its legs are one length.
        Rigid closing = Rigid.onto(dart.outerLeg().reversed(), dart.innerLeg());
        assertThat(closing.apply(dart.outer()).distance(dart.inner())).isLessThan(0.01);
    }

    @ParameterizedTest
    @MethodSource("quarters")
    void there_is_none_where_a_dart_would_end_in_it_or_the_piece_is_shorter(Piece piece) {
        Dart dart = piece.darts().get(0);
        double leg = dart.innerLeg().length();
        assertThat(Strip.off(piece, EdgeRole.WAIST, leg - 20)).isPresent();
        assertThat(Strip.off(piece, EdgeRole.WAIST, leg + 20)).isEmpty();
        assertThat(Strip.off(piece.withDarts(List.of()), EdgeRole.WAIST, 5000)).isEmpty();
    }

    private static Geometry mouth(Dart dart) {
        return Quarter.cloth(List.of(
                // A little above the waist, which curves between the two tops.
                new Line(dart.point(), dart.inner().plus(up(dart.inner(), dart))),
                new Line(dart.inner().plus(up(dart.inner(), dart)), dart.outer().plus(up(dart.outer(), dart))),
                new Line(dart.outer().plus(up(dart.outer(), dart)), dart.point())));
    }

    private static Point up(Point top, Dart dart) {
        return top.minus(dart.point()).times(0.05);
    }

    private static double mouthAlong(Piece piece, Dart dart) {
        var waist = piece.require(EdgeRole.WAIST).run();
        return Curves.nearest(waist, dart.outer()).along()
                - Curves.nearest(waist, dart.inner()).along();
    }
}
