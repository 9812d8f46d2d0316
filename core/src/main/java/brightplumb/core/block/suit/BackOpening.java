package brightplumb.core.block.suit;

import brightplumb.core.block.waist.Openings;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;

/**
 * The centre back of what is drawn on: on the fold, or a seam with a zip in its upper part, the back then a pair.
 *
 * @param edges from below up to the neck
 * @param copies how the back is cut
 * @param marks where the zip ends
 */
record BackOpening(List<Edge> edges, Copies copies, List<Mark> marks) {

    BackOpening {
        edges = List.copyOf(edges);
        marks = List.copyOf(marks);
    }

    /**
     * The centre back along a line.
     *
     * @param up from below up to the neck
     * @param zip how long a zip in it is, or null where it lies on the fold
     */
    static BackOpening of(List<Segment> up, Settings set, Amount zip) {
        if (zip == null) {
            return new BackOpening(
                    List.of(Edge.of(EdgeRole.CENTRE_BACK, up).as(End.FOLD)),
                    new Copies.OnFold(EdgeRole.CENTRE_BACK, 1),
                    List.of());
        }
        double whole = Curves.length(up);
        Openings.within(set, whole - 2 * Length.INCH);
        double opens = Math.min(zip.value(), whole - 2 * Length.INCH);
        List<List<Segment>> parted = Curves.cutAt(up, whole - opens);
        Point at = parted.get(1).get(0).from();
        return new BackOpening(
                List.of(
                        Edge.of(EdgeRole.CENTRE_BACK, parted.get(0)),
                        Edge.of(EdgeRole.CENTRE_BACK_ZIP, parted.get(1)).as(End.OPENING)),
                new Copies.Pairs(1),
                List.of(Mark.notch(Mark.Subject.OPENING, at, Point.of(-1, 0), 2, "zip end")));
    }

    /** The seams of a back that is a pair; none where it lies on the fold. */
    static List<Join> seams(Piece back) {
        List<Join> joins = new ArrayList<>();
        for (EdgeRole centre : List.of(EdgeRole.CENTRE_BACK, EdgeRole.CENTRE_BACK_ZIP)) {
            if (back.edge(centre).filter(e -> e.end() != End.FOLD).isPresent()) {
                joins.add(Join.mirrored(Seam.of(centre), centre, back));
            }
        }
        return joins;
    }
}
