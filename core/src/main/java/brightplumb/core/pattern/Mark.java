package brightplumb.core.pattern;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;

/**
 * A mark transferred to the cloth.
 *
 * @param kind what is made
 * @param at where on the sewn line, or inside the piece
 * @param direction for a notch, the way out across the allowance (length one); for a drill hole zero
 * @param count how many strokes
 * @param text what it marks
 * @param along how far along its join it lies, mm from the join's start; null where it lies on none
 */
public record Mark(Kind kind, Point at, Point direction, int count, String text, Double along) {

    /** A mark that lies on no join. */
    public Mark(Kind kind, Point at, Point direction, int count, String text) {
        this(kind, at, direction, count, text, null);
    }

    /** The same mark after a move of the paper. */
    public Mark moved(Rigid move) {
        return new Mark(kind, move.apply(at), move.direction(direction), count, text, along);
    }

    /** What is made in the cloth. */
    public enum Kind {
        NOTCH,
        DRILL
    }
}
