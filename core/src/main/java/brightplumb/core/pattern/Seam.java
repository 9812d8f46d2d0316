package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * One edge of a piece, between two corners, as it is sewn.
 *
 * @param edge what edge it is
 * @param run its segments, in the outline's direction
 */
public record Seam(Edge edge, List<Segment> run) {

    public Seam {
        run = List.copyOf(run);
    }

    /** The length along it in mm; on a waist the mouths of open darts are counted. */
    public double length() {
        return Curves.length(run);
    }
}
