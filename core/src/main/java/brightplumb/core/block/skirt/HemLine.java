package brightplumb.core.block.skirt;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import java.util.List;

/**
 * A hem that leaves the side square, bends to the level within 2½ in (half the hem where that is shorter) and meets the
 * centre level.
 *
 * @param sideEnd where it meets the side
 * @param run from the side to the centre
 */
record HemLine(Point sideEnd, List<Segment> run) {

    private static final double BEND = Length.INCH * 2.5;

    /**
     * @param atLevel where the side crosses the hem's level
     * @param sideDown the side's direction there, downward
     * @param centre where the hem meets the centre line, on the level
     */
    static HemLine drawn(Point atLevel, Point sideDown, Point centre) {
        double bend = Math.min(BEND, (atLevel.x() - centre.x()) / 2);
        if (Math.abs(sideDown.x()) < 1e-9) {
            return new HemLine(atLevel, List.of(new Line(atLevel, centre)));
        }
        double reach = bend / 2;
        Point end = atLevel.plus(sideDown.times(-reach * sideDown.x() / sideDown.y()));
        Point corner = Point.of(end.x() - reach * sideDown.y(), atLevel.y());
        Point level = Point.of(corner.x() - reach, atLevel.y());
        return new HemLine(end, List.of(Cubic.parabola(end, corner, level), new Line(level, centre)));
    }
}
