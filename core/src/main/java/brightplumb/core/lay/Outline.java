package brightplumb.core.lay;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * A closed outline in straight stretches, as it lies on the cloth.
 *
 * @param x its corners, mm along; the last is not the first again
 * @param y its corners, mm across
 */
record Outline(double[] x, double[] y) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** A curve is taken in so many straight stretches: none stands off it by more than a fifth of a millimetre. */
    private static final int STEPS = 24;

    static Outline of(List<Segment> closed) {
        List<Point> places = new ArrayList<>(Curves.flattened(closed, STEPS));
        if (places.get(0).distance(places.get(places.size() - 1)) < 1e-6) {
            places.remove(places.size() - 1);
        }
        return through(places);
    }

    static Outline through(List<Point> places) {
        double[] x = new double[places.size()];
        double[] y = new double[places.size()];
        for (int i = 0; i < x.length; i++) {
            x[i] = places.get(i).x();
            y[i] = places.get(i).y();
        }
        return new Outline(x, y);
    }

    static LineString line(Point from, Point to) {
        return GEOMETRY.createLineString(
                new Coordinate[] {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())});
    }

    int corners() {
        return x.length;
    }

    /** The corner after one, once round. */
    int next(int i) {
        return i + 1 == x.length ? 0 : i + 1;
    }

    Outline moved(Rigid move) {
        double[] mx = new double[x.length];
        double[] my = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            Point p = move.apply(Point.of(x[i], y[i]));
            mx[i] = p.x();
            my[i] = p.y();
        }
        return new Outline(mx, my);
    }

    Outline slid(double dx, double dy) {
        double[] mx = new double[x.length];
        double[] my = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            mx[i] = x[i] + dx;
            my[i] = y[i] + dy;
        }
        return new Outline(mx, my);
    }

    /** The same with along and across exchanged. */
    Outline turnedOver() {
        return new Outline(y, x);
    }

    double left() {
        return least(x);
    }

    double right() {
        return most(x);
    }

    double top() {
        return least(y);
    }

    double bottom() {
        return most(y);
    }

    private static double least(double[] all) {
        double least = Double.POSITIVE_INFINITY;
        for (double v : all) {
            least = Math.min(least, v);
        }
        return least;
    }

    private static double most(double[] all) {
        double most = Double.NEGATIVE_INFINITY;
        for (double v : all) {
            most = Math.max(most, v);
        }
        return most;
    }

    List<Point> places() {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            places.add(Point.of(x[i], y[i]));
        }
        return List.copyOf(places);
    }

    Polygon polygon() {
        Coordinate[] ring = new Coordinate[x.length + 1];
        for (int i = 0; i < x.length; i++) {
            ring[i] = new Coordinate(x[i], y[i]);
        }
        ring[x.length] = ring[0];
        return GEOMETRY.createPolygon(ring);
    }
}
