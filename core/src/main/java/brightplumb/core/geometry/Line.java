package brightplumb.core.geometry;

import java.util.List;

/** A straight line between two places. */
public record Line(Point from, Point to) implements Segment {

    @Override
    public Point at(double t) {
        return from.toward(to, t);
    }

    @Override
    public Point direction(double t) {
        return to.minus(from).unit();
    }

    @Override
    public double length() {
        return from.distance(to);
    }

    @Override
    public Line part(double t0, double t1) {
        return new Line(at(t0), at(t1));
    }

    @Override
    public Line reversed() {
        return new Line(to, from);
    }

    @Override
    public Line moved(Rigid move) {
        return new Line(move.apply(from), move.apply(to));
    }

    @Override
    public List<Point> flattened(int steps) {
        return List.of(from, to);
    }
}
