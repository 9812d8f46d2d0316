package brightplumb.core.pattern;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Rigid;

/**
 * A fold laid in the cloth of a piece, not the fold that the cloth is cut on. The cloth between {@code out} and {@code back} lies beneath;
 * both meet on the face.
 *
 * @param kind what fold it is
 * @param out the line that is folded outward first, downward
 * @param middle where the hidden cloth turns
 * @param back the line that is brought to the first
 * @param sewnDown mm from the top along which it is stitched shut; 0 where it is only caught at its edge
 */
public record Fold(Kind kind, Line out, Line middle, Line back, double sewnDown) {

    /** What a fold is called at the bench. */
    public enum Kind {
        /** Both lines meet over hidden cloth. */
        BOX,
        /** An extension behind a slit. */
        KICK,
        /** A hem's turn-up. */
        TURN_UP
    }

    /** The same fold after a move of the paper. */
    public Fold moved(Rigid move) {
        return new Fold(kind, out.moved(move), middle.moved(move), back.moved(move), sewnDown);
    }
}
