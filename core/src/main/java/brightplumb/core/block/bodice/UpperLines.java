package brightplumb.core.block.bodice;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * The upper lines of a panel, from the centre at the neck round to the underarm. The centre line is x = 0 with the side
 * at +x.
 *
 * @param neck from the centre to the shoulder
 * @param shoulder from the neck to its end
 * @param armhole from the shoulder's end to the side
 */
public record UpperLines(List<Segment> neck, Line shoulder, List<Segment> armhole) {

    /** The handles of a quarter of a round line, as a share of the way to its corner. */
    private static final double ROUND = 0.56;

    /** No neck bends tighter than this at the centre, mm: half an inch of seam lies flat in it. */
    private static final double HOLLOWEST = 18;

    public UpperLines {
        neck = List.copyOf(neck);
        armhole = List.copyOf(armhole);
    }

    /**
     * Draws them.
     *
     * @param neckWidth half of it, mm
     * @param neckDepth mm below the top line
     * @param end where the shoulder ends
     * @param across half the width between the armholes on the chest line, mm
     * @param hollow how far the armhole lies inside its guide at its middle, mm
     * @param underarm where the armhole meets the side
     */
    static UpperLines drawn(
            Levels levels,
            double neckWidth,
            double neckDepth,
            Point end,
            double across,
            double hollow,
            Point underarm) {
        Point centre = Point.of(0, levels.top() + neckDepth);
        Point neck = Point.of(neckWidth, levels.top());
        Line shoulder = new Line(neck, end);
        Point square = squareDown(shoulder);
        // Neck and armhole leave the shoulder square, so that both run on over it without a corner.
        double drop = centre.y() - neck.y();
        Point foot = neck.plus(square.times(drop / square.y()));
        // On a deep neck that square runs toward the centre: the curve still leaves it by half the neck's width.
        Point beside = Point.of(Math.max(foot.x(), neckWidth / 2), centre.y());
        // A pointed neck takes no seam allowance in its hollow: it stays as round as that asks.
        double out = Math.max(ROUND * beside.x(), Math.sqrt(HOLLOWEST * (1 - ROUND) * drop / 1.5));
        Cubic round = new Cubic(centre, Point.of(Math.min(out, neckWidth), centre.y()), neck.toward(foot, ROUND), neck);
        return new UpperLines(List.of(round), shoulder, armhole(end, square, across, hollow, underarm));
    }

    /** The armhole below a shoulder, leaving it square. */
    static List<Segment> armhole(Line shoulder, double across, double hollow, Point underarm) {
        return armhole(shoulder.to(), squareDown(shoulder), across, hollow, underarm);
    }

    /** Down from a shoulder at a right angle. */
    private static Point squareDown(Line shoulder) {
        return shoulder.direction(0).turned();
    }

    private static List<Segment> armhole(Point end, Point square, double across, double hollow, Point underarm) {
        Point guide = Point.of(across, underarm.y());
        Point along = guide.minus(end).unit();
        Point middle = end.toward(guide, 0.5).plus(along.turned().times(hollow));
        double upper = end.distance(middle) / 3;
        Point corner = middle.plus(along.times((underarm.y() - middle.y()) / along.y()));
        return List.of(
                new Cubic(end, end.plus(square.times(upper)), middle.minus(along.times(upper)), middle),
                new Cubic(middle, middle.toward(corner, ROUND), underarm.toward(corner, ROUND), underarm));
    }
}
