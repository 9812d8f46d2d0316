package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where lines cross. */
public final class Crossings {

    private static final int STEPS = 12;
    private static final int REFINEMENTS = 6;
    private static final double NUDGE = 1e-6;
    private static final double ENDS_COUNT = -1e-7;

    private Crossings() {}

    /**
     * A place where two runs cross.
     *
     * @param along mm along the first
     * @param other mm along the other
     */
    public record Meeting(Point at, double along, double other) {}

    /** The first place along a run at which it crosses another; ends count. */
    public static Optional<Meeting> first(List<? extends Segment> run, List<? extends Segment> other) {
        List<double[]> boxes = new ArrayList<>(other.size());
        for (Segment b : other) {
            boxes.add(box(b));
        }
        for (int i = 0; i < run.size(); i++) {
            Segment a = run.get(i);
            double[] box = box(a);
            double nearest = Double.POSITIVE_INFINITY;
            double[] met = null;
            int with = -1;
            for (int j = 0; j < other.size(); j++) {
                double[] at = apart(box, boxes.get(j)) ? null : parameters(a, other.get(j), ENDS_COUNT);
                if (at != null && at[0] < nearest) {
                    nearest = at[0];
                    met = at;
                    with = j;
                }
            }
            if (met != null) {
                return Optional.of(new Meeting(a.at(met[0]), lengthTo(run, i, met[0]), lengthTo(other, with, met[1])));
            }
        }
        return Optional.empty();
    }

    private static double lengthTo(List<? extends Segment> run, int segment, double t) {
        return Curves.length(run.subList(0, segment))
                + run.get(segment).part(0, Math.max(0, t)).length();
    }

    /** A run prolonged straight on at both ends, mm. */
    public static List<Segment> prolonged(List<? extends Segment> run, double by) {
        Segment first = run.get(0);
        Segment last = run.get(run.size() - 1);
        List<Segment> longer = new ArrayList<>();
        longer.add(new Line(first.from().minus(first.direction(0).times(by)), first.from()));
        longer.addAll(run);
        longer.add(new Line(last.to(), last.to().plus(last.direction(1).times(by))));
        return List.copyOf(longer);
    }

    /**
     * The parameters at which two segments cross; null where they do not.
     *
     * @param inside how far from its ends, as a share of each straight part, a crossing must lie; negative to reach a
     *     little beyond them
     */
    static double[] parameters(Segment a, Segment b, double inside) {
        List<Point> chainA = a instanceof Line ? List.of(a.from(), a.to()) : a.flattened(STEPS);
        List<Point> chainB = b instanceof Line ? List.of(b.from(), b.to()) : b.flattened(STEPS);
        for (int i = 0; i + 1 < chainA.size(); i++) {
            for (int j = 0; j + 1 < chainB.size(); j++) {
                double[] at = straight(chainA.get(i), chainA.get(i + 1), chainB.get(j), chainB.get(j + 1), inside);
                if (at != null) {
                    return refined(a, (i + at[0]) / (chainA.size() - 1), b, (j + at[1]) / (chainB.size() - 1));
                }
            }
        }
        return null;
    }

    static boolean apart(double[] x, double[] y) {
        return x[0] > y[1] || y[0] > x[1] || x[2] > y[3] || y[2] > x[3];
    }

    /** Left, right, top and bottom of what a segment's ends and handles enclose. */
    public static double[] box(Segment s) {
        double left = Math.min(s.from().x(), s.to().x());
        double right = Math.max(s.from().x(), s.to().x());
        double top = Math.min(s.from().y(), s.to().y());
        double bottom = Math.max(s.from().y(), s.to().y());
        if (s instanceof Cubic c) {
            left = Math.min(left, Math.min(c.c1().x(), c.c2().x()));
            right = Math.max(right, Math.max(c.c1().x(), c.c2().x()));
            top = Math.min(top, Math.min(c.c1().y(), c.c2().y()));
            bottom = Math.max(bottom, Math.max(c.c1().y(), c.c2().y()));
        }
        return new double[] {left, right, top, bottom};
    }

    private static double[] straight(Point a, Point b, Point c, Point d, double inside) {
        Point u = b.minus(a);
        Point v = d.minus(c);
        double cross = u.cross(v);
        if (Math.abs(cross) < 1e-12) {
            return null;
        }
        double s = c.minus(a).cross(v) / cross;
        double t = c.minus(a).cross(u) / cross;
        boolean within = s > inside && s < 1 - inside && t > inside && t < 1 - inside;
        return within ? new double[] {s, t} : null;
    }

    private static double[] refined(Segment a, double s, Segment b, double t) {
        double atA = s;
        double atB = t;
        for (int i = 0; i < REFINEMENTS; i++) {
            Point gap = b.at(atB).minus(a.at(atA));
            Point u = a.at(atA + NUDGE).minus(a.at(atA)).times(1 / NUDGE);
            Point v = b.at(atB + NUDGE).minus(b.at(atB)).times(1 / NUDGE);
            double cross = u.cross(v);
            if (Math.abs(cross) < 1e-12) {
                break;
            }
            atA = Math.max(0, Math.min(1, atA + gap.cross(v) / cross));
            atB = Math.max(0, Math.min(1, atB + gap.cross(u) / cross));
        }
        return new double[] {atA, atB};
    }
}
