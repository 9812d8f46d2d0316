package brightplumb.core.block.skirt;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * The side seam of a skirt panel: a hip curve that meets the hip line upright, or a straight lean where the waist is
 * wider; then down to the hem, tapering from below the hip so that the hip is not pinched, every corner rounded.
 *
 * @param hip the hip point
 * @param taper how far the hem point lies in from below the hip point, mm; negative flares
 * @param taperStart mm below the hip where the taper begins
 * @param narrow mm from the level waist to where the taper ends; the hem's level where it runs to the hem
 * @param length mm from the level waist to the hem
 * @param leaning whether the waist is wider than the hip
 */
record SkirtSide(Point hip, double taper, double taperStart, double narrow, double length, boolean leaning)
        implements ClosedWaist.Side {

    private static final double ROUNDING = Length.INCH * 2;

    /** The side's direction at a waist point, downward. */
    @Override
    public Point leaving(Point waistPoint) {
        return (leaning ? hip : corner(waistPoint)).minus(waistPoint).unit();
    }

    @Override
    public double raise(Point waistPoint) {
        return 0;
    }

    private Point corner(Point waistPoint) {
        return Point.of(hip.x(), (waistPoint.y() + hip.y()) / 2);
    }

    /** The seam from a waist point down to where it meets the hem. */
    List<Segment> down(Point waistPoint, Point hemPoint) {
        List<Segment> run = new ArrayList<>(toHip(waistPoint));
        run.addAll(belowHip(run.get(run.size() - 1).to(), hemPoint));
        return run;
    }

    private List<Segment> toHip(Point waistPoint) {
        if (!leaning) {
            return List.of(Cubic.parabola(waistPoint, corner(waistPoint), hip));
        }
        double round = Math.min(ROUNDING, Math.min(hip.y() / 2, taperStart / 2));
        Point above = hip.toward(waistPoint, round / hip.distance(waistPoint));
        Point below = Point.of(hip.x(), hip.y() + round);
        return List.of(new Line(waistPoint, above), Cubic.parabola(above, hip, below));
    }

    private List<Segment> belowHip(Point from, Point hemPoint) {
        if (Math.abs(taper) < 1e-9) {
            return List.of(new Line(from, hemPoint));
        }
        Point turn = Point.of(hip.x(), hip.y() + taperStart);
        double round = Math.min(turn.y() - from.y(), (narrow - turn.y()) / 2);
        Point above = Point.of(hip.x(), turn.y() - round);
        Point after = turn.plus(slope().times(round));
        List<Segment> run = new ArrayList<>();
        if (above.distance(from) > 1e-6) {
            run.add(new Line(from, above));
        }
        run.add(Cubic.parabola(run.isEmpty() ? from : above, turn, after));
        if (runsToHem()) {
            run.add(new Line(after, hemPoint));
        } else {
            Point knee = Point.of(hip.x() - taper, narrow);
            double bend = Math.min(ROUNDING, Math.min(length - narrow, after.distance(knee)) / 2);
            Point before = knee.minus(slope().times(bend));
            Point below = Point.of(knee.x(), narrow + bend);
            run.add(new Line(after, before));
            run.add(Cubic.parabola(before, knee, below));
            run.add(new Line(below, hemPoint));
        }
        return run;
    }

    private boolean runsToHem() {
        return length - narrow < 1;
    }

    private Point slope() {
        return Point.of(-taper, narrow - hip.y() - taperStart).unit();
    }

    /** The side's direction at the hem, downward. */
    Point atHem() {
        return runsToHem() ? slope() : Point.of(0, 1);
    }

    /** Where the side crosses the level of the hem. */
    Point atHemLevel() {
        return Point.of(hip.x() - taper, length);
    }

    /** The same side as seen by a panel whose waist point may rise until the seam is as long as its neighbour. */
    ClosedWaist.Side asLongAs(double wanted, Point hemPoint) {
        // Below the hip the seam does not change while the waist point moves.
        List<Segment> first = toHip(Point.of(hip.x() - 1, 0));
        double below = Curves.length(belowHip(first.get(first.size() - 1).to(), hemPoint));
        return new ClosedWaist.Side() {
            @Override
            public Point leaving(Point waistPoint) {
                return SkirtSide.this.leaving(waistPoint);
            }

            @Override
            public double raise(Point waistPoint) {
                return wanted - below - Curves.length(toHip(waistPoint));
            }
        };
    }
}
