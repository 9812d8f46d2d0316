package brightplumb.core.cutting;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How the pieces of trousers and shorts are cut: front and back, a pair each. */
public final class LegCutting {

    private LegCutting() {}

    /** The pieces of a leg draft with their cut lines. */
    public static List<CutPiece> of(Draft draft, Settings set) {
        Map<Edge, Double> added = new EnumMap<>(Edge.class);
        added.put(Edge.WAIST, set.amount(Setting.WAIST_ALLOWANCE).value());
        added.put(
                Edge.SIDE,
                set.amount(Setting.SIDE_ALLOWANCE).value()
                        + set.amount(Setting.LET_OUT).value());
        added.put(Edge.HEM, set.amount(Setting.HEM_ALLOWANCE).value());
        added.put(Edge.INSEAM, set.amount(Setting.INSEAM_ALLOWANCE).value());
        added.put(Edge.CROTCH, set.amount(Setting.CROTCH_ALLOWANCE).value());
        added.put(Edge.FLY, set.amount(Setting.ZIP_ALLOWANCE).value());
        added.put(Edge.CENTRE_BACK_ZIP, set.amount(Setting.ZIP_ALLOWANCE).value());
        return draft.pieces().stream().map(p -> cut(p, added)).toList();
    }

    private static CutPiece cut(Piece piece, Map<Edge, Double> added) {
        return new CutPiece(piece, "Leg " + piece.panel().id(), 2, false, true, added, CutLine.of(piece, added));
    }
}
