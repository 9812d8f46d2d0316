package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * One edge of a piece, between two corners, as it is sewn.
 *
 * @param role what the edge is for
 * @param nth which of the edges of that role on its piece, in the outline's direction, from 1
 * @param run its segments, in the outline's direction
 * @param end how it ends up
 */
public record Edge(EdgeRole role, int nth, List<Segment> run, End end) {

    public Edge {
        run = List.copyOf(run);
        if (run.isEmpty() || nth < 1) {
            throw new IllegalArgumentException("An edge has a line, and its number counts from 1");
        }
    }

    /** An edge that is sewn, or at a hem turned: the first of its role. */
    public static Edge of(EdgeRole role, List<? extends Segment> run) {
        return new Edge(role, 1, List.copyOf(run), role.equals(EdgeRole.HEM) ? End.HEM : End.SEWN);
    }

    /** The same edge ending otherwise. */
    public Edge as(End otherEnd) {
        return new Edge(role, nth, run, otherEnd);
    }

    /** The same edge along another line. */
    public Edge along(List<? extends Segment> otherRun) {
        return new Edge(role, nth, List.copyOf(otherRun), end);
    }

    /** The same edge after a move of the paper. */
    public Edge moved(Rigid move) {
        return along(Curves.moved(run, move));
    }

    /** Its name on its piece: {@code side}, {@code end#2}. */
    public String name() {
        return nth == 1 ? role.id() : role.id() + "#" + nth;
    }

    /** Returns the place halfway along it. */
    public Point middle() {
        return Curves.along(run, length() / 2).at();
    }

    /** The length along it in mm; on a waist the mouths of open darts are counted. */
    public double length() {
        return Curves.length(run);
    }
}
