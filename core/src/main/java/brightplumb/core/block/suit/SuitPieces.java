package brightplumb.core.block.suit;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;

/** Makes pattern pieces of a bodysuit's lines: edges in order, marks, grain, and what is sewn to what. */
final class SuitPieces {

    private SuitPieces() {}

    static Piece front(BodysuitBlock.Panel lines, boolean sewn) {
        List<Edge> edges = edges(lines, sewn);
        edges.add(Edge.of(EdgeRole.CENTRE_FRONT, centre(lines)).as(End.FOLD));
        return piece(lines, edges, new Copies.OnFold(EdgeRole.CENTRE_FRONT, 1), List.of());
    }

    /** @param zip how long a zip in the centre seam is, or null where the back is cut on the fold */
    static Piece back(BodysuitBlock.Panel lines, boolean sewn, Settings set, Amount zip) {
        List<Edge> edges = edges(lines, sewn);
        BackOpening opening = BackOpening.of(centre(lines), set, zip);
        edges.addAll(opening.edges());
        return piece(lines, edges, opening.copies(), opening.marks());
    }

    private static List<Segment> centre(BodysuitBlock.Panel lines) {
        return List.of(
                new Line(Point.of(0, lines.end()), lines.upper().neck().get(0).from()));
    }

    private static List<Edge> edges(BodysuitBlock.Panel lines, boolean sewn) {
        Line end = new Line(Point.of(lines.half(), lines.end()), Point.of(0, lines.end()));
        return new ArrayList<>(List.of(
                Edge.of(EdgeRole.NECK, lines.upper().neck()).as(End.BOUND),
                Edge.of(EdgeRole.SHOULDER, List.of(lines.upper().shoulder())),
                Edge.of(EdgeRole.ARMHOLE, lines.upper().armhole()).as(End.BOUND),
                Edge.of(EdgeRole.SIDE, lines.side()),
                Edge.of(EdgeRole.LEG, lines.leg()).as(End.BOUND),
                Edge.of(EdgeRole.CROTCH_END, List.of(end)).as(sewn ? End.SEWN : End.BOUND)));
    }

    private static Piece piece(BodysuitBlock.Panel lines, List<Edge> edges, Copies copies, List<Mark> marks) {
        Half half = lines.panel();
        double top = lines.upper().neck().get(0).from().y();
        double x = lines.half() * 0.6;
        Line grain =
                new Line(Point.of(x, top + (lines.end() - top) * 0.15), Point.of(x, top + (lines.end() - top) * 0.8));
        return Piece.of(PieceId.of(half), "Bodysuit " + half, half.panel(), edges, grain, copies, OnBody.AS_DRAFTED)
                .withMarks(marks);
    }

    /** Shoulders, sides, and the ends between the legs: sewn, or the front laid over the back. */
    static Pattern joined(Piece front, Piece back, boolean sewn) {
        List<Join> joins = new ArrayList<>(List.of(
                Join.sewn(Seam.SHOULDER, EdgeRole.SHOULDER, front, back),
                Join.sewn(Seam.SIDE, EdgeRole.SIDE, front, back)));
        joins.addAll(BackOpening.seams(back));
        Run one = Run.of(Stretch.whole(front, front.require(EdgeRole.CROTCH_END)));
        Run other = Run.of(Stretch.whole(back, back.require(EdgeRole.CROTCH_END)));
        joins.add(
                sewn
                        ? Join.sewn(Seam.CROTCH_ENDS, one, other)
                        : new Join(
                                Seam.CROTCH_ENDS,
                                List.of(one, other),
                                one.length() - other.length(),
                                Join.Kind.LAPPED));
        return new Pattern(List.of(front, back), joins);
    }
}
