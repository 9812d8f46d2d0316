package brightplumb.formats.sheet;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.math3.analysis.UnivariateFunction;
import org.apache.commons.math3.analysis.interpolation.SplineInterpolator;

/**
 * The smooth line that a hand draws through points along a lath bent past them: a natural cubic spline over the
 * distances between them, by Commons Math. A lath is straight at its ends where nothing holds it, so the points lie
 * closer together there.
 */
final class SmoothLine {

    private static final int MOST_PARTS = 16;

    /** So many places between two points are looked at. */
    private static final int LOOKED = 8;

    private final double[] at;
    private final UnivariateFunction x;
    private final UnivariateFunction y;

    private SmoothLine(List<Point> points) {
        this.at = new double[points.size()];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + points.get(i - 1).distance(points.get(i));
        }
        this.x = through(points.stream().mapToDouble(Point::x).toArray());
        this.y = through(points.stream().mapToDouble(Point::y).toArray());
    }

    private UnivariateFunction through(double[] values) {
        return new SplineInterpolator().interpolate(at, values);
    }

    /**
     * Points along a curve, its ends included, closer toward both ends and as few as keep a smooth line through them
     * near it.
     *
     * @param near how far the line stands off the curve at the most, mm
     */
    static List<Point> through(Cubic curve, double near) {
        List<Point> drawn = Curves.flattened(List.of(curve), 64);
        List<Point> points = List.of();
        for (int parts = 2; parts <= MOST_PARTS; parts++) {
            points = points(curve, parts);
            if (new SmoothLine(points).standsOff(drawn) <= near) {
                return points;
            }
        }
        return points;
    }

    private static List<Point> points(Cubic curve, int parts) {
        List<Point> points = new ArrayList<>(List.of(curve.from()));
        double length = curve.length();
        for (int i = 1; i < parts; i++) {
            points.add(Curves.along(List.of(curve), length * (1 - Math.cos(Math.PI * i / parts)) / 2)
                    .at());
        }
        points.add(curve.to());
        return points;
    }

    /** How far it stands off a chain of places at the most, mm. */
    private double standsOff(List<Point> chain) {
        double most = 0;
        for (int i = 0; i + 1 < at.length; i++) {
            for (int k = 1; k < LOOKED; k++) {
                double along = at[i] + (at[i + 1] - at[i]) * k / LOOKED;
                Point here = Point.of(x.value(along), y.value(along));
                double least = Double.POSITIVE_INFINITY;
                for (int j = 0; j + 1 < chain.size(); j++) {
                    least = Math.min(least, away(here, chain.get(j), chain.get(j + 1)));
                }
                most = Math.max(most, least);
            }
        }
        return most;
    }

    private static double away(Point p, Point from, Point to) {
        Point along = to.minus(from);
        double length = along.dot(along);
        double share = length == 0 ? 0 : Math.max(0, Math.min(1, p.minus(from).dot(along) / length));
        return p.distance(from.toward(to, share));
    }
}
