package brightplumb.core.lay;

import brightplumb.core.cutting.CutPiece;
import java.util.List;

/**
 * The pieces of one garment that are laid on one cloth.
 *
 * @param name whose it is; empty where only one is laid
 * @param pieces its pieces of that cloth
 * @param copies how many of the garment are cut
 */
public record Bundle(String name, List<CutPiece> pieces, int copies) {
    public Bundle {
        pieces = List.copyOf(pieces);
    }
}
