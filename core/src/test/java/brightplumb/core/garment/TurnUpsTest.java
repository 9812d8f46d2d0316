package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.drafted;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A turn-up's strip lies flat on the leg that it is turned up over, measured here level by level. */
class TurnUpsTest {

    @ParameterizedTest
    @EnumSource(Half.class)
    void the_turned_up_strip_is_as_wide_as_the_leg_at_every_height(Half half) {
        Drafted shorts = drafted("drawcord-shorts", null, her(), Map.of("turnUp", 1.5 * INCH));
        Piece leg = shorts.draft().piece(PieceId.of(half));
        Piece strip = shorts.draft().piece(PieceId.of(half).with("turn-up"));
        double join = INCH / 2;
        // The leg ends at the join; the fold lies below it, and the strip's own fold at the upper edge of the turn-up.
        for (double above : List.of(0.25 * INCH, 0.75 * INCH, INCH)) {
            double down = 2 * join + above;
            assertThat(wide(strip, down)).as(half + " " + above).isCloseTo(legWide(leg, above), within(0.4));
        }
        assertThat(legWide(leg, INCH)).isGreaterThan(legWide(leg, 0) + 2);
    }

    @ParameterizedTest
    @EnumSource(Half.class)
    void folded_on_its_middle_its_halves_lie_on_each_other(Half half) {
        Piece strip = drafted("drawcord-shorts", null, her(), Map.of("turnUp", 2 * INCH))
                .draft()
                .piece(PieceId.of(half).with("turn-up"));
        double deep = strip.require(EdgeRole.SIDE).length();
        for (double down : List.of(10.0, 20.0, 30.0, 45.0)) {
            assertThat(wide(strip, down)).isCloseTo(wide(strip, deep - down), within(0.8));
        }
    }

    /** Between two places as far down both ends of the strip. */
    private static double wide(Piece strip, double down) {
        var side = strip.require(EdgeRole.SIDE);
        var inseam = strip.require(EdgeRole.INSEAM);
        return Curves.along(side.run(), down)
                .at()
                .distance(Curves.along(inseam.run(), inseam.length() - down).at());
    }

    /** Between two places as far up both edges of the leg from its lower end. */
    private static double legWide(Piece leg, double up) {
        var side = leg.require(EdgeRole.SIDE);
        var inseam = leg.require(EdgeRole.INSEAM);
        return Curves.along(side.run(), side.length() - up)
                .at()
                .distance(Curves.along(inseam.run(), up).at());
    }
}
