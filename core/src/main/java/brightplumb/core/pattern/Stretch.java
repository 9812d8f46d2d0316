package brightplumb.core.pattern;

/**
 * A part of an edge as it is sewn.
 *
 * @param piece the piece
 * @param copy which of a pair's two, or which half of a piece on the fold; both where it goes for either
 * @param role the edge's role
 * @param nth the edge's number among those of its role
 * @param from where it begins, mm along the edge in the outline's direction
 * @param to where it ends, mm; more than {@code from}
 * @param backwards whether it is sewn against the outline's direction
 */
public record Stretch(PieceId piece, Hand copy, EdgeRole role, int nth, double from, double to, boolean backwards) {

    public Stretch {
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException("A stretch runs from a place on its edge to one further on");
        }
    }

    /** The whole of a piece's edge, in the outline's direction. */
    public static Stretch whole(Piece piece, Edge edge) {
        return new Stretch(piece.id(), Hand.BOTH, edge.role(), edge.nth(), 0, edge.length(), false);
    }

    /** How much of the edge it takes, mm. */
    public double length() {
        return to - from;
    }

    /** The edge by the name outsiders know it: {@code front.side}. */
    public String name() {
        return piece + "." + edgeName();
    }

    /** The edge by its name on its piece: {@code side}. */
    public String edgeName() {
        return nth == 1 ? role.id() : role.id() + "#" + nth;
    }

    /** Whether it lies on that edge. */
    public boolean on(PieceId otherPiece, Edge edge) {
        return piece.equals(otherPiece) && role.equals(edge.role()) && nth == edge.nth();
    }

    /** The same stretch sewn the other way. */
    public Stretch reversed() {
        return new Stretch(piece, copy, role, nth, from, to, !backwards);
    }

    /** The same stretch on one of a pair's two, or one half of a piece on the fold. */
    public Stretch of(Hand otherCopy) {
        return new Stretch(piece, otherCopy, role, nth, from, to, backwards);
    }
}
