package brightplumb.core.cutting;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Settings;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How the pieces of a draft are cut: each with what is added outside its edges. */
public final class CutPlan {

    private CutPlan() {}

    /** The pieces of a draft with their cut lines. */
    public static List<CutPiece> of(Draft draft, Settings set) {
        Allowances profile = Allowances.of(set);
        return draft.pieces().stream().map(p -> cut(draft, p, profile)).toList();
    }

    private static CutPiece cut(Draft draft, Piece piece, Allowances profile) {
        Map<String, Allowance> added = new LinkedHashMap<>();
        for (Edge edge : piece.edges()) {
            added.put(edge.name(), profile.on(piece, edge));
        }
        return new CutPiece(piece, draft.pattern().fused(piece), added, CutLine.of(piece, added));
    }
}
