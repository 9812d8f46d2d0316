package brightplumb.core.block.skirt;

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
 * The centre-back seam from waist to hem: a profile of how far it lies in from the original centre line. From the waist
 * it is a parabola that stands upright where it runs out; between later levels it is an S that stands upright at both.
 *
 * @param run the seam, downward
 * @param hipY the hip's level
 */
record CentreBack(List<Segment> run, double hipY) {

    private static final double INCH = Length.INCH;

    /**
     * How the seam is shaped.
     *
     * @param in mm in at the waist
     * @param hemIn mm in from the narrow level to the hem
     * @param narrowY the narrowest level
     * @param pencil whether shaping under the seat stays in to the hem
     */
    record Shaping(CentreBackShape shape, Seat seat, double in, double hemIn, double narrowY, boolean pencil) {}

    /**
     * @param waistY the level of the dropped waist at the centre
     * @param hipY the hip's level
     * @param hemY the hem's level
     */
    static CentreBack of(Shaping asked, double waistY, double hipY, double hemY) {
        List<Segment> run = new ArrayList<>();
        Point waist = Point.of(asked.in(), waistY);
        double free = Math.min(2 * INCH, Math.min((hipY - waistY) / 2, (hemY - hipY) / 2));
        double foot = switch (asked.shape()) {
            case STRAIGHT, UNDER_SEAT -> hipY;
            case WAIST -> Math.min(waistY + 4.5 * INCH, hipY);
            case WAIST_TO_HIP -> hipY;
            case HOLLOW -> Math.min(hipY + 8 * INCH, hemY);
            case ROUND -> hipY - free;
        };
        if (asked.shape() == CentreBackShape.UNDER_SEAT) {
            run.add(new Line(waist, Point.of(0, hipY)));
            underSeat(run, asked, hipY, hemY);
        } else {
            double from = asked.shape() == CentreBackShape.ROUND ? hipY + free : Math.max(foot, hipY);
            boolean narrows = asked.hemIn() > 0 && hemY - from > 2 * INCH;
            out(run, waist, foot, narrows ? from : hemY);
            if (narrows) {
                narrow(run, Point.of(0, from), asked, hemY);
            }
        }
        return new CentreBack(List.copyOf(run), hipY);
    }

    private static void narrow(List<Segment> run, Point from, Shaping asked, double hemY) {
        double level = asked.narrowY() - from.y() > 2 * INCH ? asked.narrowY() : hemY;
        Point narrow = Point.of(Math.min(asked.hemIn(), (level - from.y()) / 3), level);
        run.add(bend(from, narrow));
        if (hemY - level > 1e-6) {
            run.add(new Line(narrow, Point.of(narrow.x(), hemY)));
        }
    }

    private static void underSeat(List<Segment> run, Shaping asked, double hipY, double hemY) {
        double deepest = Math.min(hipY + asked.seat().inchesBelow() * INCH, (hipY + hemY) / 2);
        Point under = Point.of(Math.min(asked.seat().inchesIn() * INCH, (deepest - hipY) / 3), deepest);
        run.add(bend(Point.of(0, hipY), under));
        run.add(asked.pencil() ? new Line(under, Point.of(under.x(), hemY)) : bend(under, Point.of(0, hemY)));
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
