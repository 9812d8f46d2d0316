package brightplumb.core.garment;

import brightplumb.core.cutting.Allowance;
import brightplumb.core.cutting.CutLine;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import java.util.HashMap;
import java.util.Map;

/**
 * A band that lies on a fold across its grain, cut in two there instead, with half an inch for the seam at each. Common
 * practice, no source.
 */
final class Pieced {

    private static final double SEAM = Length.INCH / 2;

    private Pieced() {}

    static boolean any(Drafted drafted, Layer layer) {
        return drafted.pieces().stream().anyMatch(p -> p.piece().layer() == layer && canBe(p));
    }

    private static boolean canBe(CutPiece cut) {
        return cut.piece().panel().equals(Panel.BAND) && cut.onFold() && cut.turned();
    }

    /** The piece, or what it is in two halves. */
    static CutPiece of(CutPiece cut) {
        if (!canBe(cut) || !(cut.piece().copies() instanceof Copies.OnFold fold)) {
            return cut;
        }
        Piece half = cut.piece().ending(fold.role(), End.SEWN).withCopies(new Copies.Pairs(fold.n()));
        Map<String, Allowance> added = new HashMap<>(cut.allowances());
        added.put(half.require(fold.role()).name(), new Allowance(SEAM, 0, false));
        return new CutPiece(half, cut.fused(), added, CutLine.of(half, added));
    }
}
