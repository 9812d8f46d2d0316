package brightplumb.core.block.leg;

import brightplumb.core.block.waist.WaistMarks;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Notches;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
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
     * @param hand the side it is of, where left and right differ
     * @param zip the opening's length, or 0
     */
    static Piece of(
            Hand hand, LegLines.Panelled lines, Closure closure, double zip, double hipY, double hemY, double crease) {
        Half panel = lines.panel();
        List<Mark> marks = new ArrayList<>();
        List<Edge> seams = new ArrayList<>(List.of(
                Edge.of(EdgeRole.WAIST, lines.waist().run()),
                Edge.of(EdgeRole.SIDE, lines.side()),
                Edge.of(EdgeRole.HEM, lines.hem()),
                Edge.of(EdgeRole.INSEAM, Curves.reversed(lines.inseam()))));
        List<Segment> centre = lines.crotch().run();
        boolean opens = closure == (panel == Half.FRONT ? Closure.FLY : Closure.CENTRE_BACK_ZIP);
        if (opens) {
            // An opening ends where the curve begins at the latest: no zip runs round it.
            var parted = Curves.cutAt(centre, Math.min(zip, centre.get(0).length()));
            seams.add(Edge.of(EdgeRole.CROTCH, Curves.reversed(parted.get(1))));
            seams.add(Edge.of(
                            panel == Half.FRONT ? EdgeRole.FLY : EdgeRole.CENTRE_BACK_ZIP,
                            Curves.reversed(parted.get(0)))
                    .as(End.OPENING));
            Segment end = parted.get(1).get(0);
            marks.add(Mark.notch(
                    Mark.Subject.OPENING,
                    end.from(),
                    end.direction(0).turned(),
                    2,
                    panel == Half.FRONT ? "fly end" : "zip end"));
        } else {
            seams.add(Edge.of(EdgeRole.CROTCH, Curves.reversed(centre)));
        }
        if (closure == Closure.SIDE_ZIP) {
            marks.add(WaistMarks.sideZip(lines.side(), zip));
        }
        int strokes = panel == Half.BACK ? 2 : 1;
        Segment start = centre.get(1);
        marks.add(
                Mark.notch(Mark.Subject.CENTRE, start.from(), start.direction(0).turned(), strokes, panel.centre()));
        lines.waist().darts().forEach(d -> marks.addAll(WaistMarks.dart(d)));
        Line grain = new Line(Point.of(crease, hipY), Point.of(crease, hipY + (hemY - hipY) * 0.85));
        boolean pair = hand == Hand.BOTH;
        return Piece.of(
                        PieceId.of(panel).on(hand),
                        "Leg " + panel.id() + (pair ? "" : ", " + hand.id()),
                        panel.panel(),
                        seams,
                        grain,
                        pair ? new Copies.Pairs(1) : new Copies.Singles(1),
                        OnBody.AS_DRAFTED)
                .withDarts(lines.waist().darts())
                .withMarks(marks);
    }

    /** What is sewn to what: sides and inseams, and each panel's own centre seam. */
    static List<Join> joins(Piece front, Piece back) {
        List<Join> joins = new ArrayList<>(List.of(
                Join.sewn(Seam.SIDE, EdgeRole.SIDE, front, back),
                Join.sewn(Seam.INSEAM, EdgeRole.INSEAM, front, back)));
        for (Piece piece : List.of(front, back)) {
            for (EdgeRole centre : List.of(EdgeRole.CROTCH, EdgeRole.FLY, EdgeRole.CENTRE_BACK_ZIP)) {
                if (piece.edge(centre).isPresent()) {
                    joins.add(Join.mirrored(Seam.of(centre).of(piece.panel()), centre, piece));
                }
            }
        }
        return List.copyOf(joins);
    }

    /** The pattern with the notches of hip and knee along its joins. */
    static Pattern notched(Pattern pattern, double hipY, double kneeY, double hemY) {
        Join side = pattern.joins().get(0);
        Join inseam = pattern.joins().get(1);
        Pattern notched = Notches.level(pattern, side, "hip", hipY);
        if (kneeY < hemY - KNEE_ABOVE_HEM) {
            notched = Notches.level(notched, side, "knee", kneeY);
            notched = Notches.level(notched, inseam, "knee", kneeY);
        }
        return notched;
    }
}
