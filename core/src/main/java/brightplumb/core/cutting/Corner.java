package brightplumb.core.cutting;

import brightplumb.core.geometry.Crossings;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * How two cut edges meet outside a sewn corner: cut back to where they cross inside a bend, prolonged to a mitre
 * outside one, and where the mitre would run out too far, cut off.
 *
 * @param before the edge that ends there, cut back where it must be
 * @param between what lies between the two, if anything
 * @param after the edge that begins there, cut back where it must be
 */
record Corner(List<Segment> before, List<Segment> between, List<Segment> after) {

    /** No corner reaches further from the sewn line than so many times its larger allowance. */
    static final double FURTHEST = 1.6;

    private static final double NEAR = 60;

    static Corner of(Point sewn, List<Segment> before, List<Segment> after, double allowance) {
        Point end = before.get(before.size() - 1).to();
        Point start = after.get(0).from();
        if (end.distance(start) < 1e-9) {
            return new Corner(before, List.of(), after);
        }
        double within = FURTHEST * allowance + NEAR;
        var crossing = Crossings.first(Curves.reversed(before), after)
                .filter(c -> c.along() < within && c.other() < within)
                .filter(c -> c.along() > 1e-6 || c.other() > 1e-6);
        if (crossing.isPresent()) {
            return cutBack(before, after, crossing.get());
        }
        Segment last = before.get(before.size() - 1);
        Segment first = after.get(0);
        Point meet = Parallel.meet(end, last.direction(1), start, first.direction(0));
        boolean ahead = meet != null
                && meet.minus(end).dot(last.direction(1)) >= -1e-9
                && meet.minus(start).dot(first.direction(0)) <= 1e-9;
        if (!ahead) {
            return new Corner(before, List.of(new Line(end, start)), after);
        }
        return meet.distance(sewn) <= FURTHEST * allowance
                ? new Corner(before, lines(end, meet, start), after)
                : cutOff(sewn, before, after, meet, FURTHEST * allowance);
    }

    private static Corner cutBack(List<Segment> before, List<Segment> after, Crossings.Meeting at) {
        List<Segment> head =
                Curves.cutAt(before, Curves.length(before) - at.along()).get(0);
        List<Segment> tail = Curves.cutAt(after, at.other()).get(1);
        return head.isEmpty() || tail.isEmpty()
                ? new Corner(
                        before,
                        List.of(new Line(
                                before.get(before.size() - 1).to(), after.get(0).from())),
                        after)
                : new Corner(head, List.of(), tail);
    }

    /** The mitre's tip taken off square to the way out of the corner. */
    private static Corner cutOff(Point sewn, List<Segment> before, List<Segment> after, Point meet, double reach) {
        Point end = before.get(before.size() - 1).to();
        Point start = after.get(0).from();
        Point out = meet.minus(sewn).unit();
        Point across = out.turned();
        Point middle = sewn.plus(out.times(reach * 0.98));
        Point one = on(end, meet, middle, across);
        Point other = on(start, meet, middle, across);
        return new Corner(before, lines(end, one, other, start), after);
    }

    /** Where the way from an edge's end to the mitre's tip is cut off; the end itself where it lies beyond the cut. */
    private static Point on(Point from, Point tip, Point middle, Point across) {
        if (from.distance(tip) < 1e-9) {
            return from;
        }
        Point at = Parallel.meet(from, tip.minus(from).unit(), middle, across);
        return at == null || at.minus(from).dot(tip.minus(from)) < 0 ? from : at;
    }

    private static List<Segment> lines(Point... places) {
        List<Segment> lines = new ArrayList<>();
        for (int i = 0; i + 1 < places.length; i++) {
            if (places[i].distance(places[i + 1]) > 1e-9) {
                lines.add(new Line(places[i], places[i + 1]));
            }
        }
        return List.copyOf(lines);
    }
}
