package brightplumb.core.pattern;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;

/**
 * A mark transferred to the cloth.
 *
 * @param kind what is made
 * @param subject what it belongs to: who looks for a dart's marks or a slit's asks for these, not for their text
 * @param at where on the sewn line, or inside the piece
 * @param direction for a notch, the way out across the allowance (length one); for a drill hole zero
 * @param count how many strokes
 * @param text what it marks
 * @param along how far along its join it lies, mm from the join's start; null where it lies on none
 */
public record Mark(Kind kind, Subject subject, Point at, Point direction, int count, String text, Double along) {

    /**
     * Returns a notch that lies on no join.
     *
     * @param at its place on the edge
     * @param outward the direction away from the piece, of length one
     * @param strokes one in front, two behind
     */
    public static Mark notch(Subject subject, Point at, Point outward, int strokes, String text) {
        return new Mark(Kind.NOTCH, subject, at, outward, strokes, text, null);
    }

    /** Returns a drill hole at a place inside the piece. */
    public static Mark drill(Subject subject, Point at, String text) {
        return new Mark(Kind.DRILL, subject, at, Point.of(0, 0), 1, text, null);
    }

    /** The same mark after a move of the paper. */
    public Mark moved(Rigid move) {
        return new Mark(kind, subject, move.apply(at), move.direction(direction), count, text, along);
    }

    /** What is made in the cloth. */
    public enum Kind {
        NOTCH,
        DRILL
    }

    /** What a mark belongs to. */
    public enum Subject {
        /** A dart's legs or its point. */
        DART,
        /** The end of a zip or of a fly. */
        OPENING,
        /** The top of a slit. */
        SLIT,
        /** The centre of the body, on an edge that could be taken for another. */
        CENTRE,
        /** The lines and corners of a fold. */
        FOLD,
        /** Where something is sewn on. */
        PLACE,
        /** Where two edges of a seam meet. */
        SEAM
    }
}
