package brightplumb.core.pattern;

/**
 * What a piece is called.
 *
 * @param name in files: front, lining-front; no dot
 * @param hand the side it is on, where left and right differ
 */
public record PieceId(String name, Hand hand) implements Comparable<PieceId> {

    public PieceId {
        if (name.isBlank() || name.contains(".")) {
            throw new IllegalArgumentException("A piece's name has no dot and is not empty: " + name);
        }
    }

    /** A piece that serves both sides. */
    public static PieceId of(String name) {
        return new PieceId(name, Hand.BOTH);
    }

    /** The same piece's name with something before it: front, as the lining's. */
    public PieceId with(String prefix) {
        return new PieceId(prefix + "-" + name, hand);
    }

    /** The same piece on one side. */
    public PieceId on(Hand side) {
        return new PieceId(name, side);
    }

    /** Whether it lies behind. */
    public boolean behind() {
        return name.equals("back") || name.endsWith("-back");
    }

    /** Its name as outsiders know it: {@code front}, {@code front-left}. */
    @Override
    public String toString() {
        return hand == Hand.BOTH ? name : name + "-" + hand.id();
    }

    @Override
    public int compareTo(PieceId other) {
        return toString().compareTo(other.toString());
    }
}
