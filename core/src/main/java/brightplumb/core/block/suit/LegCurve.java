package brightplumb.core.block.suit;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Tolerance;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The curve round the leg: it leaves the side square, passes its guide and reaches the strip between the legs upright.
 * One cubic whose handles grow together until it passes the guide; two where the guide lies nearly on the straight line
 * or beyond it.
 *
 * @param guide where it crosses the line at 45° from the corner
 * @param chord how far from the corner the straight line crosses it, mm
 */
record LegCurve(List<Segment> run, Point guide, double chord) {

    /** From this share of the straight line's distance on, one cubic would stand in a corner at its ends. */
    private static final double NEAR_THE_CHORD = 0.93;

    private static final int PLACES = 48;

    private static final Point DOWN = Point.of(0, 1);
    private static final Point DIAGONAL = Point.of(1, 1).unit();

    LegCurve {
        run = List.copyOf(run);
    }

    /** Whether it bends round less than a cutter's least radius somewhere: there cloth pulls. */
    boolean hooks() {
        return run.stream().anyMatch(s -> s instanceof Cubic curve && curve.tightest(PLACES) < Tolerance.HOOK);
    }

    /** How far from the corner the straight line from the side to the strip crosses the line at 45°, mm. */
    static double chord(Point side, Point strip) {
        Point corner = Point.of(0, side.y());
        Point along = strip.minus(side);
        return side.minus(corner).cross(along) / DIAGONAL.cross(along);
    }

    /**
     * Draws it.
     *
     * @param side where the leg line meets the side
     * @param inward the direction at a right angle to the side there, toward the centre
     * @param strip the upper end of the strip
     * @param distance how far from the corner of centre line and leg line it passes, mm
     */
    static LegCurve through(Point side, Point inward, Point strip, double distance) {
        Point corner = Point.of(0, side.y());
        double chord = chord(side, strip);
        Point guide = corner.plus(DIAGONAL.times(distance));
        if (distance < NEAR_THE_CHORD * chord) {
            OptionalDouble share =
                    Roots.between(0.02, 0.999, s -> crossing(one(side, inward, strip, s), corner) - distance);
            if (share.isPresent()) {
                return new LegCurve(List.of(one(side, inward, strip, share.getAsDouble())), guide, chord);
            }
        }
        Point along = strip.minus(side).unit();
        return new LegCurve(
                List.of(
                        Cubic.leaving(side, inward, along, guide, 1.0 / 3),
                        Cubic.leaving(guide, along, DOWN, strip, 1.0 / 3)),
                guide,
                chord);
    }

    /** Both handles the same share of the way to where the end tangents cross. */
    private static Cubic one(Point side, Point inward, Point strip, double share) {
        Point corner = side.plus(inward.times((strip.x() - side.x()) / inward.x()));
        return new Cubic(side, side.toward(corner, share), strip.toward(corner, share), strip);
    }

    private static double crossing(Cubic curve, Point corner) {
        return Curves.crossing(curve, corner, DIAGONAL).stream()
                .map(t -> curve.at(t).distance(corner))
                .findFirst()
                .orElse(0);
    }
}
