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
        List<Point> points = Curves.flattened(outline, STEPS);
        int n = points.size() - 1;
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            x[i] = points.get(i).x();
            y[i] = points.get(i).y();
        }
        Boxes boxes = Boxes.of(x, y, n);
        for (int i = 0; i < n; i++) {
            int last = i == 0 ? n - 1 : n;
            for (int box = (i + 2) / STEPS; box * STEPS < last; box++) {
                if (boxes.apart(box, x, y, i)) {
                    continue;
                }
                for (int j = Math.max(i + 2, box * STEPS); j < Math.min(last, (box + 1) * STEPS); j++) {
                    if (side(x, y, i, j) * side(x, y, i, j + 1) < 0 && side(x, y, j, i) * side(x, y, j, i + 1) < 0) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** The boxes round every twelve stretches, so that most pairs of stretches need not be looked at. */
    private record Boxes(double[] left, double[] right, double[] top, double[] bottom) {

        static Boxes of(double[] x, double[] y, int n) {
            int boxes = (n + STEPS - 1) / STEPS;
            Boxes all = new Boxes(new double[boxes], new double[boxes], new double[boxes], new double[boxes]);
            for (int b = 0; b < boxes; b++) {
                int from = b * STEPS;
                all.left[b] = all.right[b] = x[from];
                all.top[b] = all.bottom[b] = y[from];
                for (int i = from; i <= Math.min(n, from + STEPS); i++) {
                    all.left[b] = Math.min(all.left[b], x[i]);
                    all.right[b] = Math.max(all.right[b], x[i]);
                    all.top[b] = Math.min(all.top[b], y[i]);
                    all.bottom[b] = Math.max(all.bottom[b], y[i]);
                }
            }
            return all;
        }

        /** Whether a stretch lies beside a box. */
        boolean apart(int box, double[] x, double[] y, int i) {
            return Math.max(x[i], x[i + 1]) < left[box]
                    || Math.min(x[i], x[i + 1]) > right[box]
                    || Math.max(y[i], y[i + 1]) < top[box]
                    || Math.min(y[i], y[i + 1]) > bottom[box];
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
