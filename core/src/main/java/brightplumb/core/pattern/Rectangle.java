package brightplumb.core.pattern;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import java.util.List;

/** Pieces with four straight edges: bands, strips, pockets, shields. */
public final class Rectangle {

    private Rectangle() {}

    /**
     * A rectangle with its grain upright; its upper left corner is the paper's origin.
     *
     * @param wide mm
     * @param high mm
     */
    public static Piece of(
            PieceId id,
            String title,
            Panel panel,
            double wide,
            double high,
            EdgeRole top,
            EdgeRole right,
            EdgeRole bottom,
            EdgeRole left,
            Copies copies) {
        Point a = Point.of(0, 0);
        Point b = Point.of(wide, 0);
        Point c = Point.of(wide, high);
        Point d = Point.of(0, high);
        return Piece.of(
                id,
                title,
                panel,
                Surgery.numbered(List.of(
                        Edge.of(top, List.of(new Line(a, b))),
                        Edge.of(right, List.of(new Line(b, c))),
                        Edge.of(bottom, List.of(new Line(c, d))),
                        Edge.of(left, List.of(new Line(d, a))))),
                new Line(Point.of(wide / 2, high * 0.2), Point.of(wide / 2, high * 0.8)),
                copies,
                OnBody.NOWHERE);
    }

    /** The same piece cut along the cloth: its grain across, for what must not give. */
    public static Piece along(Piece piece) {
        double wide = piece.edges().get(0).length();
        double high = piece.edges().get(1).length();
        return piece.withGrain(new Line(Point.of(wide * 0.2, high / 2), Point.of(wide * 0.8, high / 2)));
    }
}
