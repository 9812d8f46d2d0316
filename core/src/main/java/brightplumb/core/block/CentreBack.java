package brightplumb.core.block;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.Seat;
import java.util.ArrayList;
import java.util.List;

/**
 * The centre-back seam from waist to hem: a profile of how far it lies in from the original centre line. From the waist it is a
 * parabola that stands upright where it runs out; between later levels it is an S that stands upright at both.
 *
 * @param run the seam, downward
 * @param hipY the hip's level
 */
record CentreBack(List<Segment> run, double hipY) {

    private static final double INCH = Length.INCH;

    /**
     * @param in mm in at the waist
     * @param waistY the level of the dropped waist at the centre
     * @param hipY the hip's level
     * @param hemY the hem's level
     * @param pencil whether the skirt stays narrow to the hem
     */
    static CentreBack of(
            CentreBackShape shape, Seat seat, double in, double waistY, double hipY, double hemY, boolean pencil) {
        List<Segment> run = new ArrayList<>();
        Point waist = Point.of(in, waistY);
        switch (shape) {
            case STRAIGHT -> run.add(new Line(waist, Point.of(in, hemY)));
            case WAIST -> out(run, waist, Math.min(waistY + 4.5 * INCH, hipY), hemY);
            case WAIST_TO_HIP -> out(run, waist, hipY, hemY);
            case HOLLOW -> out(run, waist, Math.min(hipY + 8 * INCH, hemY), hemY);
            case ROUND -> {
                double free = Math.min(2 * INCH, Math.min((hipY - waistY) / 2, (hemY - hipY) / 2));
                out(run, waist, hipY - free, hipY + free);
                run.add(bend(Point.of(0, hipY + free), Point.of(Math.min(0.5 * INCH, (hemY - hipY) / 8), hemY)));
            }
            case UNDER_SEAT -> {
                double deepest = Math.min(hipY + seat.inchesBelow() * INCH, (hipY + hemY) / 2);
                double offset = Math.min(seat.inchesIn() * INCH, (deepest - hipY) / 3);
                run.add(new Line(waist, Point.of(0, hipY)));
                run.add(bend(Point.of(0, hipY), Point.of(offset, deepest)));
                Point under = Point.of(offset, deepest);
                run.add(pencil ? new Line(under, Point.of(offset, hemY)) : bend(under, Point.of(0, hemY)));
            }
        }
        return new CentreBack(List.copyOf(run), hipY);
    }

    private static void out(List<Segment> run, Point waist, double upright, double end) {
        if (waist.x() < 1e-9) {
            run.add(new Line(waist, Point.of(0, end)));
            return;
        }
        Point foot = Point.of(0, upright);
        run.add(Cubic.parabola(waist, Point.of(0, (waist.y() + upright) / 2), foot));
        if (end > upright + 1e-6) {
            run.add(new Line(foot, Point.of(0, end)));
        }
    }

    private static Cubic bend(Point from, Point to) {
        double handle = (to.y() - from.y()) / 2;
        return new Cubic(from, from.plus(Point.of(0, handle)), to.minus(Point.of(0, handle)), to);
    }

    /** How far in the seam lies at a level. */
    double inAt(double y) {
        return Curves.xAtLevel(run, y).orElse(0);
    }

    /** Its direction at the waist, downward. */
    Point leaving() {
        return run.get(0).direction(0);
    }

    Point waist() {
        return run.get(0).from();
    }

    /** The seam where it meets the level of the hem. */
    Point hem() {
        return run.get(run.size() - 1).to();
    }
}
