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
        List<Point> p = Curves.flattened(outline, STEPS);
        int n = p.size() - 1;
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                boolean neighbours = i == 0 && j == n - 1;
                if (!neighbours && cross(p.get(i), p.get(i + 1), p.get(j), p.get(j + 1))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean cross(Point a, Point b, Point c, Point d) {
        if (Math.max(a.x(), b.x()) < Math.min(c.x(), d.x())
                || Math.max(c.x(), d.x()) < Math.min(a.x(), b.x())
                || Math.max(a.y(), b.y()) < Math.min(c.y(), d.y())
                || Math.max(c.y(), d.y()) < Math.min(a.y(), b.y())) {
            return false;
        }
        double c1 = b.minus(a).cross(c.minus(a));
        double d1 = b.minus(a).cross(d.minus(a));
        double a2 = d.minus(c).cross(a.minus(c));
        double b2 = d.minus(c).cross(b.minus(c));
        return c1 * d1 < 0 && a2 * b2 < 0;
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
