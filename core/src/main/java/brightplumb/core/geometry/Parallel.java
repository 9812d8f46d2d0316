package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Lines at a distance from lines. */
public final class Parallel {

    private static final double CLOSE = 0.02;

    private Parallel() {}

    /**
     * The line beside a run at a distance, on the left of travel as seen on the paper (outside a clockwise outline).
     * Straight stays straight; a curve becomes cubics within 0.02 mm of the true parallel. Joins inside the run are
     * mitred when they turn, so the run stays connected.
     *
     * @param run joined segments
     * @param distance mm, zero or more
     */
    public static List<Segment> beside(List<? extends Segment> run, double distance) {
        List<Segment> out = new ArrayList<>();
        for (Segment segment : run) {
            List<Segment> piece = beside(segment, distance, 0);
            if (!out.isEmpty()) {
                join(out, piece);
            }
            out.addAll(piece);
        }
        return out;
    }

    private static List<Segment> beside(Segment segment, double distance, int depth) {
        Point from = shifted(segment, 0, distance);
        Point to = shifted(segment, 1, distance);
        if (segment instanceof Line) {
            return new ArrayList<>(List.of(new Line(from, to)));
        }
        Cubic curve = (Cubic) segment;
        double scale = from.distance(to) / Math.max(1e-9, curve.from().distance(curve.to()));
        Cubic guess = new Cubic(
                from,
                from.plus(curve.direction(0).times(curve.from().distance(curve.c1()) * scale)),
                to.minus(curve.direction(1).times(curve.to().distance(curve.c2()) * scale)),
                to);
        if (depth >= 6
                || (near(curve, guess, 0.25, distance)
                        && near(curve, guess, 0.5, distance)
                        && near(curve, guess, 0.75, distance))) {
            return new ArrayList<>(List.of(guess));
        }
        List<Segment> halves = beside(curve.part(0, 0.5), distance, depth + 1);
        halves.addAll(beside(curve.part(0.5, 1), distance, depth + 1));
        return halves;
    }

    private static boolean near(Cubic curve, Cubic guess, double t, double distance) {
        Point wanted = shifted(curve, t, distance);
        Point normal = curve.direction(t).turned();
        return Math.abs(guess.at(t).minus(wanted).dot(normal)) < CLOSE;
    }

    private static Point shifted(Segment segment, double t, double distance) {
        return segment.at(t).minus(segment.direction(t).turned().times(distance));
    }

    /** Joins two parallels that should meet: mitred where they turn apart, cut back where they overlap. */
    private static void join(List<Segment> before, List<Segment> after) {
        Segment last = before.get(before.size() - 1);
        Segment first = after.get(0);
        if (last.to().distance(first.from()) < 1e-6) {
            return;
        }
        Point corner = meet(last.to(), last.direction(1), first.from(), first.direction(0));
        if (corner == null || corner.distance(last.to()) > 200) {
            before.add(new Line(last.to(), first.from()));
            return;
        }
        before.set(before.size() - 1, endingAt(last, corner));
        after.set(0, startingAt(first, corner));
    }

    /** Where two straight lines, given by a place and a direction each, meet; null when they are all but parallel. */
    public static Point meet(Point a, Point u, Point b, Point v) {
        double cross = u.cross(v);
        if (Math.abs(cross) < 1e-9) {
            return null;
        }
        return a.plus(u.times(b.minus(a).cross(v) / cross));
    }

    private static Segment endingAt(Segment segment, Point end) {
        if (segment instanceof Cubic k) {
            return new Cubic(k.from(), k.c1(), k.c2().plus(end.minus(k.to())), end);
        }
        return new Line(segment.from(), end);
    }

    private static Segment startingAt(Segment segment, Point start) {
        return endingAt(segment.reversed(), start).reversed();
    }
}
