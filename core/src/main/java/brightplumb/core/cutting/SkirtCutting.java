package brightplumb.core.cutting;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Piece;
import brightplumb.core.rule.AllowanceHabit;
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
        AllowanceHabit habit = set.choice(Setting.ALLOWANCES, AllowanceHabit.class);
        Map<Edge, Double> added = new EnumMap<>(Edge.class);
        add(added, Edge.WAIST, habit.waist());
        add(added, Edge.SIDE, habit.side());
        added.merge(Edge.SIDE, set.amount(Setting.LET_OUT).value(), Double::sum);
        add(added, Edge.HEM, habit.hem());
        add(added, Edge.CENTRE_BACK, habit.centre());
        add(added, Edge.CENTRE_BACK_ZIP, habit.zip());
        return draft.pieces().stream().map(p -> cut(p, added)).toList();
    }

    private static void add(Map<Edge, Double> added, Edge edge, Length length) {
        added.put(edge, length.mm());
    }

    private static CutPiece cut(Piece piece, Map<Edge, Double> added) {
        boolean front = piece.panel() == Panel.FRONT;
        return new CutPiece(
                piece, "Skirt " + piece.panel().id(), front ? 1 : 2, front, !front, added, CutLine.of(piece, added));
    }
}
