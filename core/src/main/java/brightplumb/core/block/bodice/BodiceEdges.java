package brightplumb.core.block.bodice;

import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;

/** Names of a bodice that is a piece of its own, and of its edges. */
public final class BodiceEdges {

    /** The sides of a bodice that is sewn to what hangs below it. */
    public static final Seam SIDE_SEAM = Seam.SIDE.in("bodice");

    /** Where a bodice without shoulders begins. */
    public static final EdgeRole TOP = new EdgeRole("top", "top edge");

    /** Where a bodice is sewn to what hangs below it. */
    public static final EdgeRole WAIST_SEAM = new EdgeRole("waist.seam", "waist seam");

    private BodiceEdges() {}

    /** The bodice's panel. */
    public static PieceId of(Half half) {
        return PieceId.of("bodice", half);
    }
}
