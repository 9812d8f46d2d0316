package brightplumb.core.paper;

import brightplumb.core.geometry.Point;

/**
 * A mark transferred to the cloth.
 *
 * @param kind what is made
 * @param at where on the sewn line, or inside the piece
 * @param direction for a notch, the way out across the allowance (length one); for a drill hole zero
 * @param count how many strokes
 * @param text what it marks
 */
public record Mark(Kind kind, Point at, Point direction, int count, String text) {

    /** What is made in the cloth. */
    public enum Kind {
        NOTCH,
        DRILL
    }
}
