package brightplumb.core.block;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Dart;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Mark;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Piece;
import brightplumb.core.paper.Seam;
import brightplumb.core.rule.Closure;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

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
    static Piece of(
            LegLines.Panelled lines,
            Closure closure,
            double zip,
            double hipY,
            double kneeY,
            double hemY,
            double crease) {
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
        level(lines.side(), hipY, -1, strokes, "hip", marks);
        if (kneeY < hemY - KNEE_ABOVE_HEM) {
            level(lines.side(), kneeY, -1, strokes, "knee", marks);
            level(lines.inseam(), kneeY, 1, strokes, "knee", marks);
        }
        Segment start = centre.get(1);
        marks.add(SkirtPieces.notch(start.from(), start.direction(0).turned(), strokes, panel.centre()));
        for (Dart dart : lines.waist().darts()) {
            SkirtPieces.dart(dart, marks);
        }
        Line grain = new Line(Point.of(crease, hipY), Point.of(crease, hipY + (hemY - hipY) * 0.85));
        return new Piece(panel.id(), panel, seams, lines.waist().darts(), marks, grain);
    }

    private static void level(List<Segment> edge, double y, int hand, int strokes, String text, List<Mark> marks) {
        for (Segment part : edge) {
            OptionalDouble t = Curves.crossing(part, Point.of(0, y), Point.of(1, 0));
            if (t.isPresent()) {
                Point out = part.direction(t.getAsDouble()).turned().times(hand);
                marks.add(SkirtPieces.notch(part.at(t.getAsDouble()), out, strokes, text));
                return;
            }
        }
    }
}
