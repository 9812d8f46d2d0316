package brightplumb.core.geometry;

/**
 * A move of the paper that keeps all lengths: turn, slide, flip over a line, and what they make together. Maps (x, y)
 * to (ax + by + e, cx + dy + f).
 */
public record Rigid(double a, double b, double c, double d, double e, double f) {

    /** Leaves everything where it is. */
    public static final Rigid STAY = new Rigid(1, 0, 0, 1, 0, 0);

    /** A turn about a place; a positive angle (radians) turns clockwise as seen on the paper. */
    public static Rigid turn(Point about, double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Rigid(
                cos,
                -sin,
                sin,
                cos,
                about.x() - cos * about.x() + sin * about.y(),
                about.y() - sin * about.x() - cos * about.y());
    }

    /** A slide by a displacement. */
    public static Rigid slide(Point by) {
        return new Rigid(1, 0, 0, 1, by.x(), by.y());
    }

    /** A flip over the line through a place in a direction. */
    public static Rigid flip(Point through, Point direction) {
        Point u = direction.unit();
        double p = u.x() * u.x() - u.y() * u.y();
        double q = 2 * u.x() * u.y();
        return new Rigid(
                p,
                q,
                q,
                -p,
                through.x() - p * through.x() - q * through.y(),
                through.y() - q * through.x() + p * through.y());
    }

    /** The turn and slide that lay one straight line on another, start on start. */
    public static Rigid onto(Line from, Line to) {
        Point u = from.direction(0);
        Point v = to.direction(0);
        double angle = Math.atan2(u.cross(v), u.dot(v));
        return slide(to.from().minus(from.from())).after(turn(from.from(), angle));
    }

    /** Returns where a point lies after the move. */
    public Point apply(Point at) {
        return new Point(a * at.x() + b * at.y() + e, c * at.x() + d * at.y() + f);
    }

    /** The same move for a direction, which has no place. */
    public Point direction(Point v) {
        return new Point(a * v.x() + b * v.y(), c * v.x() + d * v.y());
    }

    /** This move after another. */
    public Rigid after(Rigid first) {
        Point o = apply(first.apply(Point.of(0, 0)));
        Point i = direction(first.direction(Point.of(1, 0)));
        Point j = direction(first.direction(Point.of(0, 1)));
        return new Rigid(i.x(), j.x(), i.y(), j.y(), o.x(), o.y());
    }

    /** The move that undoes this one. */
    public Rigid back() {
        double det = a * d - b * c;
        double ia = d / det;
        double ib = -b / det;
        double ic = -c / det;
        double id = a / det;
        return new Rigid(ia, ib, ic, id, -(ia * e + ib * f), -(ic * e + id * f));
    }
}
