package brightplumb.core.pattern;

/**
 * A part of an edge as it is sewn.
 *
 * @param piece the piece's id
 * @param edge the edge
 * @param from where it begins, mm along the edge in the outline's direction
 * @param to where it ends, mm; more than {@code from}
 * @param backwards whether it is sewn against the outline's direction
 */
public record Stretch(String piece, Edge edge, double from, double to, boolean backwards) {

    public Stretch {
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException("A stretch runs from a place on its edge to one further on");
        }
    }

    /** The whole of a piece's edge, in the outline's direction. */
    static Stretch whole(Piece piece, Edge edge) {
        return new Stretch(piece.id(), edge, 0, piece.require(edge).length(), false);
    }

    /** How much of the edge it takes, mm. */
    public double length() {
        return to - from;
    }

    /** The edge by the name outsiders know it: {@code front.side}. */
    public String name() {
        return piece + "." + edge.id();
    }

    /** The same stretch of a piece by another name. */
    Stretch of(String otherPiece) {
        return new Stretch(otherPiece, edge, from, to, backwards);
    }
}
