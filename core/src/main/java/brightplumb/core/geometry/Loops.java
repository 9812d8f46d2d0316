package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Small loops in a line, where it runs through itself and back, as a parallel does inside a bend tighter than its
 * distance.
 */
public final class Loops {

    private static final double INSIDE = 1e-6;

    private Loops() {}

    /**
     * The line with its small loops cut out.
     *
     * @param run joined segments
     * @param most mm from end to end of its parts; a loop longer than this is left, for it is no accident
     */
    public static List<Segment> cutOut(List<Segment> run, double most) {
        List<Segment> out = new ArrayList<>(run);
        List<double[]> boxes = new ArrayList<>(run.size());
        run.forEach(s -> boxes.add(Crossings.box(s)));
        int i = 0;
        // Each cut takes a loop away; a line so tangled that it would go on for ever is left as it is.
        int cuts = 0;
        while (i < out.size() && cuts <= run.size()) {
            if (cutFrom(out, boxes, i, most)) {
                cuts++;
            } else {
                i++;
            }
        }
        return List.copyOf(out);
    }

    /** @param boxes what each segment lies in; kept along with the run */
    private static boolean cutFrom(List<Segment> run, List<double[]> boxes, int i, double most) {
        double between = 0;
        for (int j = i + 1; j < run.size() && between < most; j++) {
            boolean cannot =
                    Crossings.apart(boxes.get(i), boxes.get(j)) || j == i + 1 && onward(run.get(i), run.get(j));
            double[] at = cannot ? null : Crossings.parameters(run.get(i), run.get(j), INSIDE);
            if (at != null) {
                Segment before = run.get(i).part(0, at[0]);
                Segment after = run.get(j).part(at[1], 1);
                Point meet = before.to();
                for (int k = j; k >= i; k--) {
                    run.remove(k);
                    boxes.remove(k);
                }
                run.add(i, startingAt(after, meet));
                run.add(i, before);
                boxes.add(i, Crossings.box(run.get(i + 1)));
                boxes.add(i, Crossings.box(before));
                return true;
            }
            between += run.get(j).from().distance(run.get(j).to());
        }
        return false;
    }

    /** Whether two joined segments only go forward along the way from end to end, so that they cannot meet again. */
    static boolean onward(Segment a, Segment b) {
        Point way = b.to().minus(a.from());
        return forward(a, way) && forward(b, way);
    }

    /** Whether a segment only goes forward along the way between its ends, so that it cannot meet itself. */
    static boolean onward(Segment s) {
        return s instanceof Line || forward(s, s.to().minus(s.from()));
    }

    private static boolean forward(Segment s, Point way) {
        return s instanceof Cubic k
                ? forward(k.from(), k.c1(), way) && forward(k.c1(), k.c2(), way) && forward(k.c2(), k.to(), way)
                : forward(s.from(), s.to(), way);
    }

    private static boolean forward(Point from, Point to, Point way) {
        return (to.x() - from.x()) * way.x() + (to.y() - from.y()) * way.y() > 0;
    }

    private static Segment startingAt(Segment segment, Point start) {
        return segment instanceof Cubic k
                ? new Cubic(start, k.c1().plus(start.minus(k.from())), k.c2(), k.to())
                : new Line(start, segment.to());
    }
}
