package brightplumb.core.pattern;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;

/** Segments with an end laid on a place that is all but theirs. */
final class Ends {

    private Ends() {}

    static Segment ending(Segment segment, Point end) {
        return segment instanceof Cubic k
                ? new Cubic(k.from(), k.c1(), k.c2().plus(end.minus(k.to())), end)
                : new Line(segment.from(), end);
    }

    static Segment starting(Segment segment, Point start) {
        return ending(segment.reversed(), start).reversed();
    }
}
