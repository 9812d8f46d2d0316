package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A cubic curve with two handles.
 *
 * @param from where it starts
 * @param c1 the handle at the start
 * @param c2 the handle at the end
 * @param to where it ends
 */
public record Cubic(Point from, Point c1, Point c2, Point to) implements Segment {

    // Gauss-Legendre abscissae and weights on [-1, 1], eight places.
    private static final double[] NODE = {0.1834346424956498, 0.5255324099163290, 0.7966664774136267, 0.9602898564975363
    };
    private static final double[] WEIGHT = {
        0.3626837833783620, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763
    };

    /** How far the velocity may stray from that in the middle, as a share of it, for one set of nodes to do. */
    private static final double CALM = 0.25;

    private static final int MOST_HALVINGS = 18;

    /** A place along it is found within this, mm. */
    private static final double ALONG = 1e-11;

    private static final int MOST_STEPS = 60;

    /** A parabola that leaves toward {@code corner} and arrives from it. */
    public static Cubic parabola(Point from, Point corner, Point to) {
        return new Cubic(from, from.toward(corner, 2.0 / 3), to.toward(corner, 2.0 / 3), to);
    }

    /**
     * The way round a place from one of its circle's to another, toward where a quarter turn takes the one.
     *
     * @param angle between the two, radians; up to a quarter of a circle it is within 0.03 % of the radius, up to an
     *     eighth within 0.0005 %
     */
    public static Cubic arc(Point about, Point from, Point to, double angle) {
        double handle = 4.0 / 3 * Math.tan(angle / 4) * about.distance(to);
        Point leaving = from.minus(about).unit().turned();
        Point arriving = to.minus(about).unit().turned();
        return new Cubic(from, from.plus(leaving.times(handle)), to.minus(arriving.times(handle)), to);
    }

    /**
     * A curve that leaves and arrives in given directions, both handles the same share of the distance between its
     * ends.
     */
    public static Cubic leaving(Point from, Point leave, Point arrive, Point to, double share) {
        double handle = from.distance(to) * share;
        return new Cubic(
                from,
                from.plus(leave.unit().times(handle)),
                to.minus(arrive.unit().times(handle)),
                to);
    }

    @Override
    public Point at(double t) {
        double s = 1 - t;
        double b0 = s * s * s;
        double b1 = 3 * s * s * t;
        double b2 = 3 * s * t * t;
        double b3 = t * t * t;
        return new Point(
                b0 * from.x() + b1 * c1.x() + b2 * c2.x() + b3 * to.x(),
                b0 * from.y() + b1 * c1.y() + b2 * c2.y() + b3 * to.y());
    }

    @Override
    public Point direction(double t) {
        Point d = velocity(t);
        if (d.norm() < 1e-9) {
            return (t < 0.5 ? at(t + 1e-4).minus(at(t)) : at(t).minus(at(t - 1e-4))).unit();
        }
        return d.unit();
    }

    private Point velocity(double t) {
        double s = 1 - t;
        return c1.minus(from)
                .times(3 * s * s)
                .plus(c2.minus(c1).times(6 * s * t))
                .plus(to.minus(c2).times(3 * t * t));
    }

    /** The smallest radius it bends to, in mm, of so many places along it; infinite where it runs straight. */
    public double tightest(int places) {
        return Math.min(tightest(places, 1), tightest(places, -1));
    }

    /** The same where it bends to the left of travel as seen on the paper: there a clockwise outline is hollow. */
    public double tightestHollow(int places) {
        return tightest(places, -1);
    }

    private double tightest(int places, int side) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= places; i++) {
            double t = (double) i / places;
            Point v = velocity(t);
            Point a = from.minus(c1.times(2))
                    .plus(c2)
                    .times(6 * (1 - t))
                    .plus(c1.minus(c2.times(2)).plus(to).times(6 * t));
            double turn = side * v.cross(a);
            if (turn > 1e-9) {
                least = Math.min(least, Math.pow(v.norm(), 3) / turn);
            }
        }
        return least;
    }

    private double speed(double t) {
        double s = 1 - t;
        double k0 = 3 * s * s;
        double k1 = 6 * s * t;
        double k2 = 3 * t * t;
        double dx = k0 * (c1.x() - from.x()) + k1 * (c2.x() - c1.x()) + k2 * (to.x() - c2.x());
        double dy = k0 * (c1.y() - from.y()) + k1 * (c2.y() - c1.y()) + k2 * (to.y() - c2.y());
        return Math.sqrt(dx * dx + dy * dy);
    }

    @Override
    public double length() {
        return length(0, 1, 0);
    }

    /** The places along it, written behind others. */
    void flattened(int steps, double[] x, double[] y, int first) {
        for (int i = 0; i < steps; i++) {
            double t = (double) i / steps;
            double s = 1 - t;
            double b0 = s * s * s;
            double b1 = 3 * s * s * t;
            double b2 = 3 * s * t * t;
            double b3 = t * t * t;
            x[first + i] = b0 * from.x() + b1 * c1.x() + b2 * c2.x() + b3 * to.x();
            y[first + i] = b0 * from.y() + b1 * c1.y() + b2 * c2.y() + b3 * to.y();
        }
    }

    /**
     * The parameter so far along it, by Newton's steps; the bracket is halved where one would leave it.
     *
     * @param distance mm from its start, between 0 and its length
     * @param length its length
     */
    double parameter(double distance, double length) {
        double low = 0;
        double high = 1;
        double t = distance / length;
        for (int i = 0; i < MOST_STEPS; i++) {
            double over = length(0, t, 0) - distance;
            if (Math.abs(over) < ALONG) {
                return t;
            }
            if (over < 0) {
                low = t;
            } else {
                high = t;
            }
            double next = t - over / speed(t);
            t = next > low && next < high ? next : (low + high) / 2;
        }
        return t;
    }

    /**
     * The length between two parameters. Where the velocity strays from that in the middle by no more than about a
     * third of it, one set of eight Gaussian nodes is right to nine digits; elsewhere the part is halved. A cusp is
     * halved until it is too small to matter.
     */
    private double length(double a, double b, int depth) {
        // The velocity is a + t (b + t c) each way; laid out once, for nothing is asked more often than a length.
        double ax = 3 * (c1.x() - from.x());
        double ay = 3 * (c1.y() - from.y());
        double bx = 6 * (from.x() - 2 * c1.x() + c2.x());
        double by = 6 * (from.y() - 2 * c1.y() + c2.y());
        double cx = 3 * (to.x() - from.x() + 3 * (c1.x() - c2.x()));
        double cy = 3 * (to.y() - from.y() + 3 * (c1.y() - c2.y()));
        double middle = (a + b) / 2;
        double half = (b - a) / 2;
        double there = norm(ax + middle * (bx + middle * cx), ay + middle * (by + middle * cy));
        double strays = half * norm(bx + 2 * middle * cx, by + 2 * middle * cy) + half * half * norm(cx, cy);
        if (strays > CALM * there && depth < MOST_HALVINGS) {
            return length(a, middle, depth + 1) + length(middle, b, depth + 1);
        }
        double sum = 0;
        for (int i = 0; i < NODE.length; i++) {
            double low = middle - half * NODE[i];
            double high = middle + half * NODE[i];
            sum += WEIGHT[i]
                    * (norm(ax + low * (bx + low * cx), ay + low * (by + low * cy))
                            + norm(ax + high * (bx + high * cx), ay + high * (by + high * cy)));
        }
        return sum * half;
    }

    private static double norm(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    @Override
    public Cubic part(double t0, double t1) {
        Cubic tail = t0 == 0 ? this : splitAt(t0, false);
        return t1 == 1 ? tail : tail.splitAt((t1 - t0) / (1 - t0), true);
    }

    private Cubic splitAt(double t, boolean head) {
        Point a = from.toward(c1, t);
        Point b = c1.toward(c2, t);
        Point c = c2.toward(to, t);
        Point d = a.toward(b, t);
        Point e = b.toward(c, t);
        Point middle = d.toward(e, t);
        return head ? new Cubic(from, a, d, middle) : new Cubic(middle, e, c, to);
    }

    @Override
    public Cubic reversed() {
        return new Cubic(to, c2, c1, from);
    }

    @Override
    public Cubic moved(Rigid move) {
        return new Cubic(move.apply(from), move.apply(c1), move.apply(c2), move.apply(to));
    }

    @Override
    public List<Point> flattened(int steps) {
        List<Point> points = new ArrayList<>(steps + 1);
        for (int i = 0; i < steps; i++) {
            points.add(at((double) i / steps));
        }
        points.add(to);
        return points;
    }
}
