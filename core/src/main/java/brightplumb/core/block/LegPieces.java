package brightplumb.core.block;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Closure;
import java.util.ArrayList;
import java.util.List;

/** Makes pattern pieces of a leg's lines: edges in order, marks, and the crease for a grain line. */
final class LegPieces {

    /** A knee nearer the hem than this needs no notch of its own, mm. */
    private static final double KNEE_ABOVE_HEM = 2 * Length.INCH;

    private LegPieces() {}

    /**
     * A panel as a piece; its centre seam is parted where an opening in it ends.
     *
     * @param zip the opening's length, or 0
     */
    static Piece of(LegLines.Panelled lines, Closure closure, double zip, double hipY, double hemY, double crease) {
        Panel panel = lines.panel();
        List<Mark> marks = new ArrayList<>();
        List<Seam> seams = new ArrayList<>(List.of(
                new Seam(Edge.WAIST, lines.waist().run()),
                new Seam(Edge.SIDE, lines.side()),
                new Seam(Edge.HEM, lines.hem()),
                new Seam(Edge.INSEAM, Curves.reversed(lines.inseam()))));
        List<Segment> centre = lines.crotch().run();
        boolean opens = closure == (panel == Panel.FRONT ? Closure.FLY : Closure.CENTRE_BACK_ZIP);
        if (opens) {
            // An opening ends where the curve begins at the latest: no zip runs round it.
            var parted = Curves.cutAt(centre, Math.min(zip, centre.get(0).length()));
            seams.add(new Seam(Edge.CROTCH, Curves.reversed(parted.get(1))));
            seams.add(new Seam(panel == Panel.FRONT ? Edge.FLY : Edge.CENTRE_BACK_ZIP, Curves.reversed(parted.get(0))));
            Segment end = parted.get(1).get(0);
            marks.add(SkirtPieces.notch(
                    end.from(), end.direction(0).turned(), 2, panel == Panel.FRONT ? "fly end" : "zip end"));
        } else {
            seams.add(new Seam(Edge.CROTCH, Curves.reversed(centre)));
        }
        if (closure == Closure.SIDE_ZIP) {
            Curves.Along end = Curves.along(lines.side(), zip);
            marks.add(SkirtPieces.notch(end.at(), end.direction().turned().times(-1), 2, "zip end, left side"));
        }
        int strokes = panel.notches();
        Segment start = centre.get(1);
        marks.add(SkirtPieces.notch(start.from(), start.direction(0).turned(), strokes, panel.centre()));
        for (Dart dart : lines.waist().darts()) {
            SkirtPieces.dart(dart, marks);
        }
        Line grain = new Line(Point.of(crease, hipY), Point.of(crease, hipY + (hemY - hipY) * 0.85));
        return new Piece(panel.id(), panel, seams, lines.waist().darts(), marks, grain);
    }

    /** What is sewn to what: sides and inseams, and each panel's own centre seam. */
    static List<Join> joins(Piece front, Piece back) {
        List<Join> joins = new ArrayList<>(
                List.of(Join.sewn("side", Edge.SIDE, front, back), Join.sewn("inseam", Edge.INSEAM, front, back)));
        for (Piece piece : List.of(front, back)) {
            for (Edge centre : List.of(Edge.CROTCH, Edge.FLY, Edge.CENTRE_BACK_ZIP)) {
                if (piece.seam(centre).isPresent()) {
                    joins.add(Join.mirrored(centre.id() + "." + piece.panel().id(), centre, piece));
                }
            }
        }
        return List.copyOf(joins);
    }

    /** The pieces with the notches of hip and knee along their joins. */
    static List<Piece> notched(List<Piece> pieces, List<Join> joins, double hipY, double kneeY, double hemY) {
        List<Piece> notched = Notches.along(joins.get(0), pieces, "hip", hipY);
        if (kneeY < hemY - KNEE_ABOVE_HEM) {
            notched = Notches.along(joins.get(0), notched, "knee", kneeY);
            notched = Notches.along(joins.get(1), notched, "knee", kneeY);
        }
        return notched;
    }
}
