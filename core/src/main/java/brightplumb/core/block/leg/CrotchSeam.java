package brightplumb.core.block.leg;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Tolerance;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The centre seam of a leg, from the waist down its straight part and round to the fork. The curve leaves along the
 * centre seam and climbs from the fork at a given angle; both handles go the same share of the way to where these two
 * directions cross, the share found so that the curve passes the guide: a distance from the corner of centre line and
 * crotch line, at 45°.
 *
 * @param run from the waist to the fork
 * @param guide mm from the corner at 45°, as drawn
 */
record CrotchSeam(List<Segment> run, double guide) {

    /**
     * A curve is never drawn nearer its chord than this share of the chord's own distance from the corner. Our own
     * choice.
     */
    static final double FLATTEST = 0.65;

    /** How many places along a curve are looked at for its tightest bend. */
    static final int PLACES = 24;

    private static final Point DIAGONAL = Point.of(-1, -1).unit();
    private static final double LEAST_SHARE = 0.02;
    private static final double MOST_SHARE = 0.98;

    /**
     * Draws it.
     *
     * @param top where it leaves the waist
     * @param start where the curve begins
     * @param fork where it ends
     * @param climb the angle above the level at which it leaves the fork, in radians
     * @param cornerY the level of the crotch line; the corner lies there on the centre-front line
     * @param asked the guide asked for, mm; or NaN for a share of the chord's distance
     * @param share that share
     * @return the seam, or null where the two directions do not cross between the curve's ends
     */
    static CrotchSeam drawn(
            Point top, Point start, Point fork, double climb, double cornerY, double asked, double share) {
        Point down = start.minus(top).unit();
        Point rising = Point.of(Math.cos(climb), -Math.sin(climb));
        Point cross = Parallel.meet(start, down, fork, rising);
        if (cross == null
                || cross.minus(start).dot(down) <= 0
                || cross.minus(fork).dot(rising) <= 0) {
            return null;
        }
        Point corner = Point.of(0, cornerY);
        double chord = away(new Line(start, fork), corner);
        double wanted = Double.isNaN(asked) ? share * chord : Math.min(asked, FLATTEST * chord);
        double found = Roots.between(LEAST_SHARE, MOST_SHARE, k -> away(curve(start, cross, fork, k), corner) - wanted)
                .orElse(MOST_SHARE);
        Cubic curve = curve(start, cross, fork, found);
        return new CrotchSeam(List.of(new Line(top, start), curve), away(curve, corner));
    }

    private static Cubic curve(Point start, Point cross, Point fork, double share) {
        return new Cubic(start, start.toward(cross, share), fork.toward(cross, share), fork);
    }

    /** How far a line lies from the corner at 45°. */
    private static double away(Segment line, Point corner) {
        OptionalDouble t = Curves.crossing(line, corner, DIAGONAL);
        return t.isPresent() ? line.at(t.getAsDouble()).minus(corner).dot(DIAGONAL) : Double.NaN;
    }

    /** A curve that bends no tighter than this lies without being forced, mm. Our own choice. */
    static final double EASY = 20;

    boolean easy() {
        return curve().tightest(PLACES) >= EASY;
    }

    boolean hooks() {
        return curve().tightest(PLACES) < Tolerance.HOOK;
    }

    double length() {
        return Curves.length(run);
    }

    /** The part that bends. */
    Cubic curve() {
        return (Cubic) run.get(1);
    }
}
