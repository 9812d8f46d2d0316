package brightplumb.core.cutting;

import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Operation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How the pieces of a draft are cut: each with what is added outside its edges. */
public final class CutPlan {

    private CutPlan() {}

    /**
     * The pieces of a draft with their cut lines.
     *
     * @param done what was done to it, blocks and operations
     */
    public static List<CutPiece> of(Draft draft, Settings set, List<Operation> done) {
        Allowances profile = Allowances.of(set, draft.pattern(), done);
        List<CutPiece> cut = new ArrayList<>();
        for (Piece piece : draft.pieces()) {
            cut.add(cut(draft, piece, profile, cut));
        }
        return List.copyOf(cut);
    }

    private static CutPiece cut(Draft draft, Piece piece, Allowances profile, List<CutPiece> before) {
        Map<String, Allowance> added = new LinkedHashMap<>();
        for (Edge edge : piece.edges()) {
            added.put(edge.name(), profile.on(piece, edge));
        }
        return new CutPiece(piece, draft.pattern().fused(piece), added, cutLine(piece, added, before));
    }

    /** A piece that was traced on other cloth, with the same added, is cut along the same line. */
    private static List<Segment> cutLine(Piece piece, Map<String, Allowance> added, List<CutPiece> before) {
        return before.stream()
                .filter(c -> c.piece().edges().equals(piece.edges())
                        && c.allowances().equals(added))
                .findFirst()
                .map(CutPiece::cutLine)
                .orElseGet(() -> CutLine.of(piece, added));
    }
}
