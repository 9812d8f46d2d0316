package brightplumb.core.pattern;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;

/**
 * A dart as drawn, open.
 *
 * @param point where it ends in the cloth
 * @param inner the top of the leg nearer the centre, on the waist
 * @param outer the top of the leg nearer the side, on the waist
 */
public record Dart(Point point, Point inner, Point outer) {

    /** How long it is, mm: along it, from the middle of its mouth to its point. */
    public double length() {
        return centre().distance(point);
    }

    /** What it takes out of the waist: mm between the leg tops. */
    public double intake() {
        return inner.distance(outer);
    }

    /** Where its centre line meets the mouth. */
    public Point centre() {
        return inner.toward(outer, 0.5);
    }

    /** Returns its leg nearer to the centre, from the edge to the point. */
    public Line innerLeg() {
        return new Line(inner, point);
    }

    /** Returns its leg nearer to the side, from the edge to the point. */
    public Line outerLeg() {
        return new Line(point, outer);
    }

    /**
     * The turn about the point that lays the outer leg on the inner one: how the cloth beyond it moves when it is sewn.
     */
    public Rigid closing() {
        double half = Math.asin(Math.min(1, intake() / 2 / point.distance(outer)));
        return Rigid.turn(point, -2 * half);
    }

    /** The same dart after a move of the paper. */
    public Dart moved(Rigid move) {
        return new Dart(move.apply(point), move.apply(inner), move.apply(outer));
    }
}
