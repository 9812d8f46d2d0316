package brightplumb.core.block.bodice;

import brightplumb.core.geometry.Point;

/**
 * The levels of the upper half, mm below the level waist line: all but the waist lie above it and are negative.
 *
 * @param top the neck end of the shoulder
 * @param shoulder the shoulder's end, sloped
 * @param armhole the chest line, where the armhole meets the side
 * @param bust the bust point
 */
public record Levels(double top, double shoulder, double armhole, double bust) {

    /**
     * Where a side that falls plumb from an underarm, as wide at the bust as at the chest, passes the bust line; the
     * underarm itself where that lies lower.
     */
    public Point atBust(Point underarm) {
        return Point.of(underarm.x(), Math.max(underarm.y(), bust));
    }
}
