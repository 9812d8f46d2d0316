package brightplumb.core.block.suit;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The side from the underarm over the waist: upright at each level it passes, so that a small waist is rounded and no
 * wider or narrower than asked.
 */
final class SuitSide {

    private final List<Segment> run;

    private SuitSide(List<Segment> run) {
        this.run = run;
    }

    /** Through places from the underarm down, two different ones at least; below the last it falls plumb. */
    static SuitSide through(List<Point> places) {
        List<Segment> run = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            Point from = places.get(i);
            Point to = places.get(i + 1);
            if (to.equals(from)) {
                continue;
            }
            double third = (to.y() - from.y()) / 3;
            run.add(new Cubic(from, from.plus(Point.of(0, third)), to.minus(Point.of(0, third)), to));
        }
        return new SuitSide(List.copyOf(run));
    }

    /** How far out it is at a level. */
    double at(double y) {
        Point end = run.get(run.size() - 1).to();
        return y >= end.y() ? end.x() : Curves.xAtLevel(run, y).orElse(end.x());
    }

    /** The direction at a right angle to it at a level, toward the centre. */
    Point inward(double y) {
        List<Segment> down = downTo(y);
        return down.get(down.size() - 1).direction(1).turned();
    }

    /** The side down to a level. */
    List<Segment> downTo(double y) {
        Point end = run.get(run.size() - 1).to();
        if (y > end.y() + 1e-6) {
            List<Segment> longer = new ArrayList<>(run);
            longer.add(new Line(end, Point.of(end.x(), y)));
            return List.copyOf(longer);
        }
        List<Segment> kept = new ArrayList<>();
        for (Segment part : run) {
            if (part.to().y() <= y + 1e-9) {
                kept.add(part);
            } else if (part.from().y() < y - 1e-9) {
                double t = Curves.crossing(part, Point.of(0, y), Point.of(1, 0)).orElse(1);
                kept.add(part.part(0, t));
            }
        }
        return List.copyOf(kept);
    }
}
