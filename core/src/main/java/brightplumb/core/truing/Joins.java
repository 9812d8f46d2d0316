package brightplumb.core.truing;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Dart;
import brightplumb.core.paper.Edge;
import brightplumb.core.paper.Piece;
import brightplumb.core.paper.Seam;
import java.util.List;

/** How smoothly one outline runs on into its neighbour when their seam is closed, in degrees of turn. */
final class Joins {

    private Joins() {}

    /** The turn where two pieces meet at the end of a common seam, or a piece meets its own mirror image: 0 is smooth. */
    static double turn(double cornerAngle, double neighbourAngle) {
        return Math.abs(180 - cornerAngle - neighbourAngle);
    }

    /** The inside angle at the corner between the end of one seam and the start of the next. */
    static double corner(Seam ending, Seam starting) {
        Segment last = ending.run().get(ending.run().size() - 1);
        Segment first = starting.run().get(0);
        return last.direction(1).times(-1).angleTo(first.direction(0));
    }

    /** The inside angle at a corner of a piece, given the edge that ends there. */
    static double corner(Piece piece, Edge ending) {
        List<Seam> seams = piece.seams();
        for (int i = 0; i < seams.size(); i++) {
            if (seams.get(i).edge() == ending) {
                return corner(seams.get(i), seams.get((i + 1) % seams.size()));
            }
        }
        throw new IllegalStateException(piece.id() + " has no " + ending.id());
    }

    /** The largest turn of the waist over any dart of a piece when it is closed. */
    static double overDarts(Piece piece) {
        List<Segment> waist = piece.require(Edge.WAIST).run();
        double worst = 0;
        for (Dart dart : piece.darts()) {
            Rigid close = dart.closing();
            Point before = directionInto(waist, dart.inner());
            Point after = close.direction(directionOutOf(waist, dart.outer()));
            worst = Math.max(worst, before.angleTo(after));
        }
        return worst;
    }

    private static Point directionInto(List<Segment> waist, Point at) {
        return waist.stream()
                .filter(s -> s.to().distance(at) < 1e-6)
                .findFirst()
                .orElseThrow()
                .direction(1);
    }

    private static Point directionOutOf(List<Segment> waist, Point at) {
        return waist.stream()
                .filter(s -> s.from().distance(at) < 1e-6)
                .findFirst()
                .orElseThrow()
                .direction(0);
    }
}
