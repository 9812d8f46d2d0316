package brightplumb.core.lay;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.rule.ClothFields;

/** A piece that does not go across the cloth: which, by how much, and what to do. */
final class TooWide {

    private static final double EIGHTH = Length.INCH / 8;

    private TooWide() {}

    static Refusal refusal(CutPiece cut, Outline laid, Ground ground) {
        double wide = laid.bottom() - laid.top();
        String piece = cut.name() + " is " + say(wide) + " wide with its allowances, ";
        if (ground instanceof Ground.Remnant) {
            return new Refusal(
                    new FieldPath("lay.sheet"),
                    piece + more(wide - ground.across())
                            + " more than this cloth is across; take a larger piece of cloth, or seam it");
        }
        double more = (wide - ground.across()) * ground.layers();
        boolean whenOpen = ground.folded() && wide <= 2 * ground.across();
        return new Refusal(
                ClothFields.WIDTH.field(),
                piece + more(wide - ground.across()) + " more than the "
                        + (ground.folded() ? "folded cloth" : "cloth") + " is across; "
                        + (whenOpen ? "lay the cloth open, " : "")
                        + "take cloth at least " + more(more) + " wider, or seam the piece");
    }

    /** What is missing, to the next eighth of an inch: it is never nought. */
    private static String more(double mm) {
        return say(Math.ceil(mm / EIGHTH) * EIGHTH);
    }

    private static String say(double mm) {
        return TapeWriter.inBoth(Length.mm(mm));
    }
}
