package brightplumb.core.style.band;

import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Relaid;
import brightplumb.core.pattern.Strip;
import brightplumb.core.rule.BandSettings;

/** A strip as high as the band, cut off the top of every panel; darts keep what is left at the new edge. */
final class TakenOff {

    private TakenOff() {}

    static Draft from(Draft before, double height) {
        Pattern cut = before.pattern();
        for (Piece piece : before.with(EdgeRole.WAIST)) {
            cut = cut.instead(strip(piece, height).rest());
        }
        return before.with(Relaid.joins(before.pattern(), cut));
    }

    /** @throws Refusal where a dart's point lies in the strip, or the panel is too short for it */
    static Strip strip(Piece piece, double height) {
        return Strip.off(piece, EdgeRole.WAIST, height)
                .orElseThrow(() -> new Refusal(
                        BandSettings.BAND_HEIGHT.field(),
                        "So high a band reaches the point of a dart, or past the opening; make it lower, or "
                                + "the darts longer"));
    }
}
