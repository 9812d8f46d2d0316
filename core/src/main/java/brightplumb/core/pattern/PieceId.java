package brightplumb.core.pattern;

import java.util.Arrays;
import java.util.Optional;

/**
 * What a piece is called.
 *
 * @param name in files: front, lining-front; no dot; it says the half if it is of one
 * @param half the half of the body it is cut for; absent for a piece that goes round, or that lies on either
 * @param hand the side it is on, where left and right differ
 */
public record PieceId(String name, Optional<Half> half, Hand hand) implements Comparable<PieceId> {

    public PieceId {
        if (name.isBlank() || name.contains(".")) {
            throw new IllegalArgumentException("A piece's name has no dot and is not empty: " + name);
        }
        for (Half each : Half.values()) {
            if (Arrays.asList(name.split("-")).contains(each.id()) != half.equals(Optional.of(each))) {
                throw new IllegalArgumentException(name + " does not lie on the half that it names");
            }
        }
    }

    /** A piece of neither half that serves both sides, by its name. */
    public static PieceId of(String name) {
        return new PieceId(name, Optional.empty(), Hand.BOTH);
    }

    /** A half's own panel, for both sides. */
    public static PieceId of(Half half) {
        return new PieceId(half.id(), Optional.of(half), Hand.BOTH);
    }

    /** What several halves have of one kind, for both sides: the band of the front. */
    public static PieceId of(String kind, Half half) {
        return of(half).with(kind);
    }

    /** The same piece's name with something before it: front, as the lining's. */
    public PieceId with(String prefix) {
        return new PieceId(prefix + "-" + name, half, hand);
    }

    /** What lies on the piece and is called after it: front, the strip's. */
    public PieceId then(String suffix) {
        return new PieceId(name + "-" + suffix, half, hand);
    }

    /** The fusing that lies on the piece. */
    public PieceId fusing() {
        return then("fusing");
    }

    /** The same piece on one side. */
    public PieceId on(Hand side) {
        return new PieceId(name, half, side);
    }

    /** Whether it lies behind. */
    public boolean behind() {
        return half.equals(Optional.of(Half.BACK));
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
