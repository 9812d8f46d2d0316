package brightplumb.core.block.sleeve;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The cap of a sleeve, from the front's underarm over the top to the back's: hollow below, round above. The sleeve's
 * middle is x = 0, the underarm line y = 0 with the cap above it, y growing downward.
 *
 * @param run from the front's underarm, at −x, to the back's
 * @param half half the bicep, mm
 * @param height mm
 */
record Cap(List<Segment> run, double half, double height) {

    /**
     * How far below the straight line from underarm to top the lower quarters lie, mm: more in front, where the arm
     * moves. Common practice.
     */
    static final double FRONT_HOLLOW = 12.7;

    static final double BACK_HOLLOW = 6.35;

    /** The upper part bends over from here on, as a share of the straight line. */
    private static final double TURNS = 0.5;

    /** How much steeper than the straight line the cap crosses it, in radians. */
    private static final double STEEPER = 0.3;

    private static final Point LEVEL = Point.of(1, 0);

    Cap {
        run = List.copyOf(run);
    }

    static Cap of(double half, double height) {
        Point top = Point.of(0, -height);
        List<Segment> run = new ArrayList<>(rising(Point.of(-half, 0), top, FRONT_HOLLOW));
        // The back is drawn as a front and turned over.
        List<Segment> back = rising(Point.of(-half, 0), top, BACK_HOLLOW);
        for (int i = back.size() - 1; i >= 0; i--) {
            run.add(turned((Cubic) back.get(i)));
        }
        return new Cap(run, half, height);
    }

    private static Cubic turned(Cubic k) {
        return new Cubic(over(k.to()), over(k.c2()), over(k.c1()), over(k.from()));
    }

    private static Point over(Point p) {
        return Point.of(-p.x(), p.y());
    }

    private static List<Segment> rising(Point underarm, Point top, double hollow) {
        Point chord = top.minus(underarm);
        Point crossing = underarm.toward(top, TURNS);
        double slope = Math.atan2(chord.y(), chord.x());
        // Never past upright, however high the cap.
        double steep = Math.max(-Math.PI / 2 * 0.97, slope - STEEPER);
        Point along = Point.of(Math.cos(steep), Math.sin(steep));
        double asked = Math.min(hollow, chord.norm() / 12);
        double share = Roots.between(
                        0.05, 0.9, s -> below(lower(underarm, crossing, along, s), chord, underarm) - asked)
                .orElse(0.4);
        Cubic upper = Cubic.leaving(crossing, along, LEVEL, top, 0.4);
        return List.of(lower(underarm, crossing, along, share), upper);
    }

    private static Cubic lower(Point underarm, Point crossing, Point along, double share) {
        double handle = underarm.distance(crossing) * share;
        return new Cubic(underarm, underarm.plus(LEVEL.times(handle)), crossing.minus(along.times(handle)), crossing);
    }

    /** How far a curve lies below the straight line at the most. */
    private static double below(Cubic curve, Point chord, Point from) {
        Point across = chord.unit().turned();
        double most = 0;
        for (Point p : Curves.flattened(List.of(curve), 24)) {
            most = Math.max(most, p.minus(from).dot(across));
        }
        return most;
    }

    double length() {
        return Curves.length(run);
    }
}
