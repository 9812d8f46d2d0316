package brightplumb.formats.sheet;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The cut line of a piece, to be chalked straight on cloth: which of its places lies beside a place of the sewn line.
 */
final class ChalkLine {

    /** The cosine of the turn, about twenty degrees, from which the cut line has a corner. */
    private static final double CORNER = 0.94;

    /** A corner of the cut line no further than this from a corner of the sewn line is its own, mm. */
    private static final double ITS_OWN = 160;

    private final List<Segment> cut;
    private final List<Point> corners = new ArrayList<>();

    ChalkLine(DrawnPattern.Piece piece) {
        this.cut = piece.cutLine();
        for (int i = 0; i < cut.size(); i++) {
            Segment next = cut.get((i + 1) % cut.size());
            if (cut.get(i).direction(1).dot(next.direction(0)) < CORNER) {
                corners.add(cut.get(i).to());
            }
        }
    }

    /** Beside a corner of the sewn line, the nearest corner; beside any other place, the nearest place. */
    Point beside(Point sewn, boolean corner) {
        Point nearest = Curves.along(cut, Curves.nearest(cut, sewn).along()).at();
        return corner
                ? corners.stream()
                        .filter(c -> c.distance(sewn) < ITS_OWN)
                        .min(Comparator.comparingDouble(c -> c.distance(sewn)))
                        .orElse(nearest)
                : nearest;
    }
}
