package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Small loops in a line, where it runs through itself and back, as a parallel does inside a bend tighter than its distance. */
public final class Loops {

    private static final int STEPS = 12;
    private static final int REFINEMENTS = 6;
    private static final double NUDGE = 1e-6;

    private Loops() {}

    /**
     * The line with its small loops cut out.
     *
     * @param run joined segments
     * @param most mm from end to end of its parts; a loop longer than this is left, for it is no accident
     */
    public static List<Segment> cutOut(List<Segment> run, double most) {
        List<Segment> out = new ArrayList<>(run);
        int i = 0;
        // Each cut takes a loop away; a line so tangled that it would go on for ever is left as it is.
        int cuts = 0;
        while (i < out.size() && cuts <= run.size()) {
            if (cutFrom(out, i, most)) {
                cuts++;
            } else {
                i++;
            }
        }
        return List.copyOf(out);
    }

    private static boolean cutFrom(List<Segment> run, int i, double most) {
        double between = 0;
        double[] box = box(run.get(i));
        for (int j = i + 1; j < run.size() && between < most; j++) {
            double[] at = apart(box, run.get(j)) ? null : crossing(run.get(i), run.get(j));
            if (at != null) {
                Segment before = run.get(i).part(0, at[0]);
                Segment after = run.get(j).part(at[1], 1);
                Point meet = before.to();
                for (int k = j; k >= i; k--) {
                    run.remove(k);
                }
                run.add(i, startingAt(after, meet));
                run.add(i, before);
                return true;
            }
            between += run.get(j).from().distance(run.get(j).to());
        }
        return false;
    }

    private static Segment startingAt(Segment segment, Point start) {
        return segment instanceof Cubic k
                ? new Cubic(start, k.c1().plus(start.minus(k.from())), k.c2(), k.to())
                : new Line(start, segment.to());
    }

    /** The parameters at which two segments cross, not counting a shared end; null where they do not. */
    private static double[] crossing(Segment a, Segment b) {
        List<Point> chainA = a instanceof Line ? List.of(a.from(), a.to()) : a.flattened(STEPS);
        List<Point> chainB = b instanceof Line ? List.of(b.from(), b.to()) : b.flattened(STEPS);
        for (int i = 0; i + 1 < chainA.size(); i++) {
            for (int j = 0; j + 1 < chainB.size(); j++) {
                double[] at = straight(chainA.get(i), chainA.get(i + 1), chainB.get(j), chainB.get(j + 1));
                if (at != null) {
                    return refined(a, (i + at[0]) / (chainA.size() - 1), b, (j + at[1]) / (chainB.size() - 1));
                }
            }
        }
        return null;
    }

    private static boolean apart(double[] x, Segment b) {
        double[] y = box(b);
        return x[0] > y[1] || y[0] > x[1] || x[2] > y[3] || y[2] > x[3];
    }

    /** Left, right, top and bottom of what a segment's ends and handles enclose. */
    private static double[] box(Segment s) {
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

    private static double[] straight(Point a, Point b, Point c, Point d) {
        Point u = b.minus(a);
        Point v = d.minus(c);
        double cross = u.cross(v);
        if (Math.abs(cross) < 1e-12) {
            return null;
        }
        double s = c.minus(a).cross(v) / cross;
        double t = c.minus(a).cross(u) / cross;
        boolean inside = s > NUDGE && s < 1 - NUDGE && t > NUDGE && t < 1 - NUDGE;
        return inside ? new double[] {s, t} : null;
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
