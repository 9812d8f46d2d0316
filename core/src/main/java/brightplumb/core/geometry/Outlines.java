package brightplumb.core.geometry;

import java.util.List;
import java.util.function.Predicate;

/** Closed outlines: whether they close, whether they cross themselves, and the area inside. */
public final class Outlines {

    private static final int STEPS = 12;

    private Outlines() {}

    /** Whether each segment starts where the one before it ended, and the last ends where the first started. */
    public static boolean closed(List<Segment> outline) {
        Point at = outline.get(outline.size() - 1).to();
        for (Segment segment : outline) {
            if (segment.from().distance(at) > 1e-6) {
                return false;
            }
            at = segment.to();
        }
        return true;
    }

    /** Whether an outline runs through itself. Curves are taken in twelve steps. */
    public static boolean crosses(List<Segment> outline) {
        Ring ring = Ring.of(outline);
        for (int a = 0; a < outline.size(); a++) {
            for (int b = a; b < outline.size(); b++) {
                if (ring.cross(a, b)) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * A closed outline with the box round each of its segments, so that most pairs need not be looked at; only what
     * comes near something else is taken apart in straight stretches.
     *
     * @param boxes round each segment with its handles
     * @param chains each segment's stretches; null until it is asked for
     */
    private record Ring(List<Segment> outline, double[][] boxes, Chain[] chains) {

        static Ring of(List<Segment> outline) {
            double[][] boxes = new double[outline.size()][];
            for (int i = 0; i < boxes.length; i++) {
                boxes[i] = Crossings.box(outline.get(i));
            }
            return new Ring(outline, boxes, new Chain[boxes.length]);
        }

        boolean cross(int a, int b) {
            return !Crossings.apart(boxes[a], boxes[b]) && !onward(a, b) && crossing(a, b);
        }

        /**
         * Whether it is plain that two segments do not cross: one and the same, or neighbours, that only go forward.
         */
        private boolean onward(int a, int b) {
            return a == b
                    ? Loops.onward(outline.get(a))
                    : next(a) == b && Loops.onward(outline.get(a), outline.get(b))
                            || next(b) == a && Loops.onward(outline.get(b), outline.get(a));
        }

        private int next(int a) {
            return a + 1 == chains.length ? 0 : a + 1;
        }

        /** Whether a stretch of one segment crosses one of another, or of its own; neighbours only touch. */
        private boolean crossing(int a, int b) {
            Chain one = chain(a);
            Chain other = chain(b);
            for (int i = 0; i < one.stretches(); i++) {
                for (int j = a == b ? i + 2 : 0; j < other.stretches(); j++) {
                    boolean touch = next(a) == b && i == one.stretches() - 1 && j == 0
                            || next(b) == a && j == other.stretches() - 1 && i == 0;
                    if (!touch
                            && one.side(i, other, j) * one.side(i, other, j + 1) < 0
                            && other.side(j, one, i) * other.side(j, one, i + 1) < 0) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** Whether a place lies inside: a line from it to the right crosses the outline an odd number of times. */
        boolean holds(Point place) {
            boolean inside = false;
            for (int i = 0; i < boxes.length; i++) {
                double[] box = boxes[i];
                if (place.y() < box[2] || place.y() > box[3] || place.x() > box[1]) {
                    continue;
                }
                // A segment that lies to the right of the place as a whole is crossed as often, odd or even, as the
                // line between its ends.
                Segment s = outline.get(i);
                inside ^= place.x() < box[0]
                        ? s.from().y() > place.y() != s.to().y() > place.y()
                        : chain(i).passes(place);
            }
            return inside;
        }

        private Chain chain(int part) {
            if (chains[part] == null) {
                chains[part] = Chain.of(outline.get(part));
            }
            return chains[part];
        }
    }

    /** The places along a segment between which it is taken as straight. */
    private record Chain(double[] x, double[] y) {

        static Chain of(Segment segment) {
            int steps = segment instanceof Cubic ? STEPS : 1;
            double[] x = new double[steps + 1];
            double[] y = new double[steps + 1];
            if (segment instanceof Cubic curve) {
                curve.flattened(steps, x, y, 0);
            } else {
                x[0] = segment.from().x();
                y[0] = segment.from().y();
            }
            x[steps] = segment.to().x();
            y[steps] = segment.to().y();
            return new Chain(x, y);
        }

        /** Whether it passes to the right of a place an odd number of times. */
        boolean passes(Point place) {
            boolean odd = false;
            for (int i = 0; i < stretches(); i++) {
                odd ^= y[i] > place.y() != y[i + 1] > place.y()
                        && place.x() < x[i] + (place.y() - y[i]) / (y[i + 1] - y[i]) * (x[i + 1] - x[i]);
            }
            return odd;
        }

        int stretches() {
            return x.length - 1;
        }

        /** On which side of the stretch from {@code i} a place of another lies. */
        double side(int i, Chain other, int k) {
            return (x[i + 1] - x[i]) * (other.y[k] - y[i]) - (y[i + 1] - y[i]) * (other.x[k] - x[i]);
        }
    }

    /** Whether a place lies inside a closed outline; curves are taken in twelve steps. */
    public static boolean inside(List<Segment> outline, Point place) {
        return inside(outline).test(place);
    }

    /** The same for several places. */
    public static Predicate<Point> inside(List<Segment> outline) {
        return Ring.of(outline)::holds;
    }

    /**
     * The area inside in mm², positive when the outline runs clockwise as seen on the paper. Exact for lines and
     * cubics.
     */
    public static double area(List<Segment> outline) {
        return outline.stream().mapToDouble(Outlines::sweep).sum();
    }

    private static double sweep(Segment segment) {
        if (segment instanceof Cubic k) {
            Point a = k.from();
            Point b = k.c1();
            Point c = k.c2();
            Point d = k.to();
            return (6 * a.cross(b) + 3 * a.cross(c) + a.cross(d) + 3 * b.cross(c) + 3 * b.cross(d) + 6 * c.cross(d))
                    / 20;
        }
        return segment.from().cross(segment.to()) / 2;
    }
}
