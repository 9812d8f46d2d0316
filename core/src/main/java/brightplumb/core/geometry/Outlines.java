package brightplumb.core.geometry;

import java.util.List;

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
        for (int i = 0; i < n; i++) {
            double left = Math.min(x[i], x[i + 1]);
            double right = Math.max(x[i], x[i + 1]);
            double top = Math.min(y[i], y[i + 1]);
            double bottom = Math.max(y[i], y[i + 1]);
            int last = i == 0 ? n - 1 : n;
            for (int j = i + 2; j < last; j++) {
                boolean apart = x[j] < left && x[j + 1] < left
                        || x[j] > right && x[j + 1] > right
                        || y[j] < top && y[j + 1] < top
                        || y[j] > bottom && y[j + 1] > bottom;
                if (!apart
                        && side(x, y, i, j) * side(x, y, i, j + 1) < 0
                        && side(x, y, j, i) * side(x, y, j, i + 1) < 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /** On which side of the stretch from {@code i} the place {@code k} lies. */
    private static double side(double[] x, double[] y, int i, int k) {
        return (x[i + 1] - x[i]) * (y[k] - y[i]) - (y[i + 1] - y[i]) * (x[k] - x[i]);
    }

    /** Whether a place lies inside a closed outline; curves are taken in twelve steps. */
    public static boolean inside(List<Segment> outline, Point place) {
        List<Point> points = Curves.flattened(outline, STEPS);
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
