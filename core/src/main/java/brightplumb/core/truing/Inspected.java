package brightplumb.core.truing;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Piece;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Settings;
import java.util.List;
import java.util.Set;

/**
 * A draft on the table with the body it is for.
 *
 * @param draft the draft
 * @param body the body
 * @param set the settings in force
 */
public record Inspected(Draft draft, Body body, Settings set) {

    private static final Set<Edge> NOT_CENTRE = Set.of(Edge.WAIST, Edge.SIDE, Edge.HEM);

    public Piece front() {
        return draft.piece(Panel.FRONT);
    }

    public Piece back() {
        return draft.piece(Panel.BACK);
    }

    /** The level of the hip, mm below the level waist line. */
    public double hipY() {
        return draft.fact("hip.depth").value();
    }

    /** The level of the hem. */
    public double hemY() {
        return draft.fact("length").value();
    }

    /** A piece's centre seam, from the waist down. */
    public static List<Segment> centre(Piece piece) {
        return Curves.reversed(piece.seams().stream()
                .filter(s -> !NOT_CENTRE.contains(s.edge()))
                .flatMap(s -> s.run().stream())
                .toList());
    }

    /** The width of a piece as drawn at a level: from its centre line to its side; NaN where it does not reach. */
    public static double widthAt(Piece piece, double y) {
        return sideAt(piece, y) - centreAt(piece, y);
    }

    static double sideAt(Piece piece, double y) {
        return at(piece.require(Edge.SIDE).run(), y);
    }

    static double centreAt(Piece piece, double y) {
        return at(centre(piece), y);
    }

    /** The x of a downward run at a level; where a hem bends up and the run ends above it, the run's end. */
    private static double at(List<Segment> run, double y) {
        Point end = run.get(run.size() - 1).to();
        return y >= end.y() ? end.x() : Curves.xAtLevel(run, y).orElse(Double.NaN);
    }

    /** What the garment measures all round at a level, as drawn. */
    public double girthAt(double y) {
        return 2 * (widthAt(front(), y) + widthAt(back(), y));
    }
}
