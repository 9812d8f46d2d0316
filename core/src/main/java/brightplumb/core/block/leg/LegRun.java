package brightplumb.core.block.leg;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One long edge of a leg, inseam or side, from where it begins (fork or hip) over the knee to the foot; a garment ends
 * where its hem cuts it. Every part runs on into the next.
 *
 * @param whole from its beginning to the foot
 */
record LegRun(List<Segment> whole) {

    private static final double BEND = Length.INCH * 2.5;

    private static final int PLACES = 8;

    /** Less than a quarter of a degree in an eighth of a line does not show. */
    private static final double LEAST_TURN = Math.toRadians(0.25);

    /**
     * An edge in one sweep to the knee and straight from there. It leaves in a given direction; its handles are a third
     * of the distance.
     *
     * @param leaving the direction in which it begins; null along the straight line to the knee
     */
    static LegRun swept(Point from, Point leaving, Point knee, Point foot) {
        Point below = foot.distance(knee) < 1 ? knee.minus(from) : foot.minus(knee);
        Point first = leaving == null ? knee.minus(from) : leaving;
        List<Segment> run = new ArrayList<>();
        run.add(Cubic.leaving(from, first, below, knee, 1.0 / 3));
        if (foot.distance(knee) >= 1) {
            run.add(new Line(knee, foot));
        }
        return ofWhole(run);
    }

    /** A hem that is square to a leaning edge ends a little below the foot: the edge runs on that far. */
    private static LegRun ofWhole(List<Segment> run) {
        Segment last = run.get(run.size() - 1);
        run.add(new Line(last.to(), last.to().plus(last.direction(1).times(BEND))));
        return new LegRun(List.copyOf(run));
    }

    /** An edge straight from its beginning to the foot. */
    static LegRun straight(Point from, Point foot) {
        return ofWhole(new ArrayList<>(List.of(new Line(from, foot))));
    }

    /** The same edge led through a place on its way to the knee. */
    LegRun through(Point place) {
        Segment sweep = whole.get(0);
        Point along = sweep.to().minus(sweep.from());
        List<Segment> run = new ArrayList<>();
        run.add(Cubic.leaving(sweep.from(), sweep.direction(0), along, place, 1.0 / 3));
        run.add(Cubic.leaving(place, along, sweep.direction(1), sweep.to(), 1.0 / 3));
        run.addAll(whole.subList(1, whole.size()));
        return new LegRun(List.copyOf(run));
    }

    /**
     * Led through a place; where that would bend the edge to and fro it begins toward the place instead, in one bend.
     */
    LegRun easedThrough(Point place) {
        LegRun led = through(place);
        if (led.bends() <= 1) {
            return led;
        }
        Segment sweep = whole.get(0);
        Point along = sweep.to().minus(sweep.from()).unit();
        Cubic first = Cubic.leaving(sweep.from(), mirrored(along, place.minus(sweep.from())), along, place, 1.0 / 3);
        LegRun arched = led.with(0, first);
        // Where the edge ends with its sweep nothing below says how it should arrive.
        if (whole.size() == 2) {
            Point arrives = mirrored(along, sweep.to().minus(place));
            arched =
                    ofWhole(new ArrayList<>(List.of(first, Cubic.leaving(place, along, arrives, sweep.to(), 1.0 / 3))));
        }
        return arched.bends() < led.bends() ? arched : led;
    }

    /** A direction seen in a mirror along a chord: with both, the ends of an arc over it. */
    private static Point mirrored(Point direction, Point chord) {
        Point way = chord.unit();
        return way.times(2 * way.dot(direction)).minus(direction);
    }

    private LegRun with(int i, Segment segment) {
        List<Segment> run = new ArrayList<>(whole);
        run.set(i, segment);
        return new LegRun(List.copyOf(run));
    }

    /** How often it goes over from bending one way to bending the other, by what shows. */
    private int bends() {
        int bends = 0;
        double way = 0;
        for (Segment segment : whole) {
            for (double t = 0; t < 1; t += 1.0 / PLACES) {
                Point before = segment.direction(t);
                double turn = before.cross(segment.direction(t + 1.0 / PLACES));
                if (Math.abs(turn) > LEAST_TURN && turn * way <= 0) {
                    bends += way == 0 ? 0 : 1;
                    way = turn;
                }
            }
        }
        return bends;
    }

    /** Where it crosses a level, and its direction there. */
    Curves.Along at(double y) {
        for (Segment segment : whole) {
            OptionalDouble t = Curves.crossing(segment, Point.of(0, y), Point.of(1, 0));
            if (t.isPresent()) {
                return new Curves.Along(segment.at(t.getAsDouble()), segment.direction(t.getAsDouble()));
            }
        }
        Segment last = whole.get(whole.size() - 1);
        return new Curves.Along(last.to(), last.direction(1));
    }

    /** The edge from its beginning to where a hem meets it. */
    List<Segment> to(Point end) {
        List<Segment> run = new ArrayList<>();
        for (Segment segment : whole) {
            OptionalDouble t = Curves.crossing(segment, Point.of(0, end.y()), Point.of(1, 0));
            if (t.isPresent()) {
                if (t.getAsDouble() > 1e-9) {
                    run.add(segment.part(0, t.getAsDouble()));
                }
                break;
            }
            run.add(segment);
        }
        return List.copyOf(run);
    }

    /**
     * A hem between two edges: leaving each square, bent to the level within 2½ in, or half the hem where that is
     * shorter.
     *
     * @param side where it meets the side
     * @param inseam where it meets the inseam
     * @param run from side to inseam
     */
    record Hem(Point side, Point inseam, List<Segment> run) {

        static Hem drawn(LegRun side, LegRun inseam, double y) {
            double width = side.at(y).at().x() - inseam.at(y).at().x();
            // Both ends bend; a little of the level is kept between them, for they lie lower than it where the leg
            // tapers. Edges that have crossed leave no hem, and the outline is refused.
            double reach = Math.min(BEND, 0.45 * Math.max(0, width)) / 2;
            Curves.Along outer = square(side, y, reach, 1);
            Curves.Along inner = square(inseam, y, reach, -1);
            Point corner = Point.of(outer.at().x() - reach * outer.direction().y(), y);
            Point otherCorner =
                    Point.of(inner.at().x() + reach * inner.direction().y(), y);
            Point level = Point.of(corner.x() - reach, y);
            Point otherLevel = Point.of(otherCorner.x() + reach, y);
            List<Segment> run = new ArrayList<>();
            if (Math.abs(outer.at().y() - y) < LEVEL) {
                level = outer.at();
            } else {
                run.add(Cubic.parabola(outer.at(), corner, level));
            }
            boolean inseamLevel = Math.abs(inner.at().y() - y) < LEVEL;
            Point last = inseamLevel ? inner.at() : otherLevel;
            if (level.x() - last.x() > 1e-6) {
                run.add(new Line(level, last));
            }
            if (!inseamLevel) {
                run.add(Cubic.parabola(run.isEmpty() ? level : last, otherCorner, inner.at()));
            }
            return new Hem(outer.at(), inner.at(), List.copyOf(run));
        }

        /** Straight across, mm. */
        double width() {
            return side.x() - inseam.x();
        }

        private static final double LEVEL = 1e-9;

        /**
         * Where a hem is square to an edge and, bent, comes to its level: a little below it where the edge leans in.
         */
        private static Curves.Along square(LegRun edge, double y, double reach, int hand) {
            double at = Roots.between(
                            y - reach,
                            y + reach,
                            place -> place
                                    + hand * reach * edge.at(place).direction().x()
                                    - y)
                    .orElse(y);
            return edge.at(at);
        }
    }
}
