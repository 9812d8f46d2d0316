package brightplumb.core.geometry;

import java.util.List;
import java.util.function.Predicate;

/** Closed outlines: whether they close, whether they cross themselves, and the area inside. */
public final class Outlines {

    private static final int STEPS = 12;

    private Outlines() {}

    /** Whether each segment starts where the one before it ended, and the last ends where the first started. */
    public static boolean closed(List<Segment> outline) {
        Point at = outline.get(outline.size() - 1).to();
        for (Segment segment : outline) {
            if (segment.from().distance(at) > 1e-6) {
                return false;
            }
            at = segment.to();
        }
        return true;
    }

    /** Whether an outline runs through itself. Curves are taken in twelve steps. */
    public static boolean crosses(List<Segment> outline) {
        Stretches all = Stretches.of(outline);
        int last = all.parts() - 1;
        for (int a = 0; a <= last; a++) {
            for (int b = a; b <= last; b++) {
                if (!all.apart(a, b) && !onward(outline, a, b) && all.cross(a, b)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether it is plain that two segments do not cross: one and the same, or neighbours, that only go forward. */
    private static boolean onward(List<Segment> outline, int a, int b) {
        return b == a ? Loops.onward(outline.get(a)) : b == a + 1 && Loops.onward(outline.get(a), outline.get(b));
    }

    /**
     * An outline in straight stretches, with the box round each of its segments, so that most pairs need not be looked at.
     *
     * @param starts the first stretch of each segment, and at last how many there are
     */
    private record Stretches(
            double[] x, double[] y, int[] starts, double[] left, double[] right, double[] top, double[] bottom) {

        static Stretches of(List<Segment> outline) {
            int parts = outline.size();
            int[] starts = new int[parts + 1];
            for (int p = 0; p < parts; p++) {
                starts[p + 1] = starts[p] + (outline.get(p) instanceof Cubic ? STEPS : 1);
            }
            int n = starts[parts];
            double[] x = new double[n + 1];
            double[] y = new double[n + 1];
            for (int p = 0; p < parts; p++) {
                if (outline.get(p) instanceof Cubic curve) {
                    curve.flattened(STEPS, x, y, starts[p]);
                } else {
                    x[starts[p]] = outline.get(p).from().x();
                    y[starts[p]] = outline.get(p).from().y();
                }
            }
            Point end = outline.get(parts - 1).to();
            x[n] = end.x();
            y[n] = end.y();
            Stretches all = new Stretches(
                    x, y, starts, new double[parts], new double[parts], new double[parts], new double[parts]);
            for (int p = 0; p < parts; p++) {
                all.box(p);
            }
            return all;
        }

        private void box(int part) {
            left[part] = right[part] = x[starts[part]];
            top[part] = bottom[part] = y[starts[part]];
            for (int i = starts[part] + 1; i <= starts[part + 1]; i++) {
                left[part] = Math.min(left[part], x[i]);
                right[part] = Math.max(right[part], x[i]);
                top[part] = Math.min(top[part], y[i]);
                bottom[part] = Math.max(bottom[part], y[i]);
            }
        }

        int parts() {
            return left.length;
        }

        boolean apart(int a, int b) {
            return left[a] > right[b] || left[b] > right[a] || top[a] > bottom[b] || top[b] > bottom[a];
        }

        /** Whether a stretch of one segment crosses one of another, or of its own; neighbours only touch. */
        boolean cross(int a, int b) {
            int n = starts[starts.length - 1];
            for (int i = starts[a]; i < starts[a + 1]; i++) {
                int last = i == 0 ? Math.min(n - 1, starts[b + 1]) : starts[b + 1];
                for (int j = Math.max(i + 2, starts[b]); j < last; j++) {
                    if (side(x, y, i, j) * side(x, y, i, j + 1) < 0 && side(x, y, j, i) * side(x, y, j, i + 1) < 0) {
                        return true;
                    }
                }
            }
            return false;
        }
    }

    /** On which side of the stretch from {@code i} the place {@code k} lies. */
    private static double side(double[] x, double[] y, int i, int k) {
        return (x[i + 1] - x[i]) * (y[k] - y[i]) - (y[i + 1] - y[i]) * (x[k] - x[i]);
    }

    /** Whether a place lies inside a closed outline; curves are taken in twelve steps. */
    public static boolean inside(List<Segment> outline, Point place) {
        return inside(outline).test(place);
    }

    /** The same for several places. */
    public static Predicate<Point> inside(List<Segment> outline) {
        List<Point> points = Curves.flattened(outline, STEPS);
        return place -> within(points, place);
    }

    private static boolean within(List<Point> points, Point place) {
        boolean inside = false;
        for (int i = 0; i + 1 < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get(i + 1);
            if (a.y() > place.y() != b.y() > place.y()
                    && place.x() < a.x() + (place.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The area inside in mm², positive when the outline runs clockwise as seen on the paper. Exact for lines and cubics. */
    public static double area(List<Segment> outline) {
        return outline.stream().mapToDouble(Outlines::sweep).sum();
    }

    private static double sweep(Segment segment) {
        if (segment instanceof Cubic k) {
            Point a = k.from();
            Point b = k.c1();
            Point c = k.c2();
            Point d = k.to();
            return (6 * a.cross(b) + 3 * a.cross(c) + a.cross(d) + 3 * b.cross(c) + 3 * b.cross(d) + 6 * c.cross(d))
                    / 20;
        }
        return segment.from().cross(segment.to()) / 2;
    }
}
