package brightplumb.core.geometry;

/**
 * A place on the paper, or a displacement from one place to another.
 *
 * @param x mm; grows from the centre line toward the side
 * @param y mm; grows downward from the waist
 */
public record Point(double x, double y) {

    /** The place, or the displacement, at these coordinates. */
    public static Point of(double x, double y) {
        return new Point(x, y);
    }

    /** Returns this point moved by another's coordinates, mm. */
    public Point plus(Point d) {
        return new Point(x + d.x, y + d.y);
    }

    /** Returns the way from another point to this one, mm. */
    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    /** Returns this point with both coordinates so many times as large. */
    public Point times(double k) {
        return new Point(x * k, y * k);
    }

    /** The scalar product. */
    public double dot(Point d) {
        return x * d.x + y * d.y;
    }

    /** The third component of the vector product: positive when {@code d} lies clockwise as seen on the paper. */
    public double cross(Point d) {
        return x * d.y - y * d.x;
    }

    /** The length of this displacement. */
    public double norm() {
        return Math.sqrt(x * x + y * y);
    }

    /** Returns how far another point is away, mm. */
    public double distance(Point other) {
        double dx = x - other.x;
        double dy = y - other.y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** The displacement of length one in this direction; a zero displacement stays zero. */
    public Point unit() {
        double n = norm();
        return n == 0 ? this : new Point(x / n, y / n);
    }

    /** This displacement turned a quarter clockwise as seen on the paper. */
    public Point turned() {
        return new Point(-y, x);
    }

    /** The place a share {@code t} of the way to another. */
    public Point toward(Point other, double t) {
        return new Point(x + (other.x - x) * t, y + (other.y - y) * t);
    }

    /** The angle in degrees between two directions, 0 to 180. */
    public double angleTo(Point direction) {
        return Math.toDegrees(Math.atan2(Math.abs(cross(direction)), dot(direction)));
    }
}
