package brightplumb.core.block.leg;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The side seam of a leg: a hip curve that meets the hip line upright, or a straight lean where the waist is wider, and
 * then the leg's own edge, leaving as the upper part arrived.
 *
 * @param hip the hip point
 * @param below the edge from the hip point down
 * @param end where the hem meets it
 * @param slant the direction in which the edge begins where the waist is wider than the hip; else null
 */
record LegSide(Point hip, LegRun below, Point end, Point slant) implements ClosedWaist.Side {

    @Override
    public Point leaving(Point waistPoint) {
        return (slant != null ? hip : corner(waistPoint)).minus(waistPoint).unit();
    }

    @Override
    public double raise(Point waistPoint) {
        return 0;
    }

    private Point corner(Point waistPoint) {
        return Point.of(hip.x(), (waistPoint.y() + hip.y()) / 2);
    }

    private Segment toHip(Point waistPoint) {
        return slant != null
                ? Cubic.leaving(waistPoint, hip.minus(waistPoint), slant, hip, 1.0 / 3)
                : Cubic.parabola(waistPoint, corner(waistPoint), hip);
    }

    /** The seam from a waist point down to the hem. */
    List<Segment> down(Point waistPoint) {
        List<Segment> run = new ArrayList<>();
        run.add(toHip(waistPoint));
        run.addAll(below.to(end));
        return List.copyOf(run);
    }

    /** The same side as seen by a panel whose waist point may rise until the seam is as long as its neighbour. */
    ClosedWaist.Side asLongAs(double wanted) {
        double under = Curves.length(below.to(end));
        return new ClosedWaist.Side() {
            @Override
            public Point leaving(Point waistPoint) {
                return LegSide.this.leaving(waistPoint);
            }

            @Override
            public double raise(Point waistPoint) {
                return wanted - under - toHip(waistPoint).length();
            }
        };
    }
}
