package brightplumb.core.truing;

import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.truing.JoinsSmooth.Corner;
import brightplumb.core.truing.JoinsSmooth.Join;
import java.util.ArrayList;
import java.util.List;

/**
 * The corners of what hangs from the shoulder: neck and armhole at the shoulder, armhole at the side, and what ends
 * below.
 */
final class SuitJoins {

    private SuitJoins() {}

    static Check of(Inspected on) {
        List<Join> joins = new ArrayList<>();
        joins.add(JoinsSmooth.across("neck at the shoulder", on, EdgeRole.NECK));
        joins.add(JoinsSmooth.across("armhole at the shoulder", on, EdgeRole.SHOULDER));
        joins.add(JoinsSmooth.across("armhole at the side", on, EdgeRole.ARMHOLE));
        joins.add(JoinsSmooth.across("below, at the side", on, EdgeRole.SIDE));
        if (on.front().edge(EdgeRole.LEG).isPresent()) {
            joins.add(JoinsSmooth.across("leg between the legs", on, EdgeRole.LEG));
        }
        for (Piece piece : List.of(on.front(), on.back())) {
            Corner neck = Corner.after(
                    piece, piece.edges().get(piece.edges().size() - 1).role());
            joins.add(new Join("neck at the centre " + piece.panel(), neck, neck));
        }
        return JoinsSmooth.of(joins);
    }
}
