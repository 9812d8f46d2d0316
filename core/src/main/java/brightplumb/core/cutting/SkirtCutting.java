package brightplumb.core.cutting;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How the pieces of a skirt are cut: the front on the fold, the back as a pair. */
public final class SkirtCutting {

    private SkirtCutting() {}

    /** The pieces of a skirt draft with their cut lines. */
    public static List<CutPiece> of(Draft draft, Settings set) {
        Map<Edge, Double> added = new EnumMap<>(Edge.class);
        added.put(Edge.WAIST, set.amount(Setting.WAIST_ALLOWANCE).value());
        added.put(
                Edge.SIDE,
                set.amount(Setting.SIDE_ALLOWANCE).value()
                        + set.amount(Setting.LET_OUT).value());
        added.put(Edge.HEM, set.amount(Setting.HEM_ALLOWANCE).value());
        added.put(Edge.CENTRE_BACK, set.amount(Setting.CENTRE_ALLOWANCE).value());
        added.put(Edge.CENTRE_BACK_ZIP, set.amount(Setting.ZIP_ALLOWANCE).value());
        return draft.pieces().stream().map(p -> cut(p, added)).toList();
    }

    private static CutPiece cut(Piece piece, Map<Edge, Double> added) {
        boolean front = piece.panel() == Panel.FRONT;
        return new CutPiece(
                piece, "Skirt " + piece.panel().id(), front ? 1 : 2, front, !front, added, CutLine.of(piece, added));
    }
}
