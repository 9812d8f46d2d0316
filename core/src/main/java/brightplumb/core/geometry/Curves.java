package brightplumb.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is measured on runs of joined segments. */
public final class Curves {

    private static final int SEARCH = 16;
    /** What is this near a line (mm) lies on it. */
    private static final double ON = 1e-9;
    /** Parameters no further apart than this are one. */
    private static final double SAME = 1e-15;

    private static final int MOST_STEPS = 60;

    private Curves() {}

    /** The length along a run, in mm. */
    public static double length(List<? extends Segment> run) {
        double length = 0;
        for (Segment segment : run) {
            length += segment.length();
        }
        return length;
    }

    /** The run after a move of the paper. */
    public static List<Segment> moved(List<? extends Segment> run, Rigid move) {
        List<Segment> out = new ArrayList<>(run.size());
        run.forEach(s -> out.add(s.moved(move)));
        return List.copyOf(out);
    }

    /** The run travelled the other way. */
    public static List<Segment> reversed(List<? extends Segment> run) {
        List<Segment> out = new ArrayList<>(run.size());
        for (int i = run.size() - 1; i >= 0; i--) {
            out.add(run.get(i).reversed());
        }
        return List.copyOf(out);
    }

    /** Places along a run, curves taken in so many steps; consecutive places differ. */
    public static List<Point> flattened(List<? extends Segment> run, int steps) {
        List<Point> points = new ArrayList<>();
        for (Segment segment : run) {
            List<Point> part = segment.flattened(steps);
            points.addAll(points.isEmpty() ? part : part.subList(1, part.size()));
        }
        return points;
    }

    /** The parameter at which a segment first crosses the line through a place in a direction, if it does. */
    public static OptionalDouble crossing(Segment segment, Point through, Point direction) {
        double start = segment.from().minus(through).cross(direction);
        double end = segment.to().minus(through).cross(direction);
        if (segment instanceof Cubic curve) {
            // How far a place on the curve lies beside the line is itself a cubic, made of what its handles lie beside
            // it.
            return firstRoot(
                    start,
                    curve.c1().minus(through).cross(direction),
                    curve.c2().minus(through).cross(direction),
                    end);
        }
        if (Math.abs(start) < ON) {
            return OptionalDouble.of(0);
        }
        if (Math.abs(end) < ON) {
            return OptionalDouble.of(1);
        }
        return start * end < 0 ? OptionalDouble.of(start / (start - end)) : OptionalDouble.empty();
    }

    private static OptionalDouble firstRoot(double b0, double b1, double b2, double b3) {
        if (Math.min(Math.min(b0, b1), Math.min(b2, b3)) > ON || Math.max(Math.max(b0, b1), Math.max(b2, b3)) < -ON) {
            return OptionalDouble.empty();
        }
        if (Math.abs(b0) < ON) {
            return OptionalDouble.of(0);
        }
        double k1 = 3 * (b1 - b0);
        double k2 = 3 * (b0 - 2 * b1 + b2);
        double k3 = b3 - b0 + 3 * (b1 - b2);
        double before = 0;
        double fBefore = b0;
        for (int i = 1; i <= SEARCH; i++) {
            double t = (double) i / SEARCH;
            double f = b0 + t * (k1 + t * (k2 + t * k3));
            if (Math.abs(f) < ON) {
                return OptionalDouble.of(t);
            }
            if (fBefore * f < 0) {
                return OptionalDouble.of(rootBetween(before, t, fBefore, b0, k1, k2, k3));
            }
            before = t;
            fBefore = f;
        }
        return OptionalDouble.empty();
    }

    /** By Newton's steps, halved instead wherever one would leave the bracket. */
    private static double rootBetween(
            double from, double to, double fFrom, double k0, double k1, double k2, double k3) {
        double low = from;
        double high = to;
        double t = (low + high) / 2;
        for (int i = 0; i < MOST_STEPS; i++) {
            double f = k0 + t * (k1 + t * (k2 + t * k3));
            if (f * fFrom > 0) {
                low = t;
            } else {
                high = t;
            }
            double next = t - f / (k1 + t * (2 * k2 + 3 * t * k3));
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            if (Math.abs(next - t) < SAME) {
                return next;
            }
            t = next;
        }
        return t;
    }

    /** The x at which a run crosses a level for the first time, if it does. */
    public static OptionalDouble xAtLevel(List<? extends Segment> run, double y) {
        for (Segment segment : run) {
            OptionalDouble t = crossing(segment, Point.of(0, y), Point.of(1, 0));
            if (t.isPresent()) {
                return OptionalDouble.of(segment.at(t.getAsDouble()).x());
            }
        }
        return OptionalDouble.empty();
    }

    /**
     * The place so far along a run, with the direction there.
     *
     * @param distance mm from its start; beyond the end gives the end
     */
    public static Along along(List<? extends Segment> run, double distance) {
        double left = distance;
        for (Segment segment : run) {
            double length = segment.length();
            if (left <= length) {
                double t = parameter(segment, left, length);
                return new Along(segment.at(t), segment.direction(t));
            }
            left -= length;
        }
        Segment last = run.get(run.size() - 1);
        return new Along(last.to(), last.direction(1));
    }

    private static double parameter(Segment segment, double distance, double length) {
        if (segment instanceof Line || distance <= 0 || distance >= length) {
            return length == 0 ? 0 : Math.max(0, Math.min(1, distance / length));
        }
        return ((Cubic) segment).parameter(distance, length);
    }

    /** A run cut in two, so far from its start; the first part is at least one segment long, and so is the second. */
    public static List<List<Segment>> cutAt(List<? extends Segment> run, double distance) {
        List<Segment> head = new ArrayList<>();
        List<Segment> tail = new ArrayList<>();
        double left = distance;
        for (Segment segment : run) {
            if (!tail.isEmpty() || left <= 1e-9) {
                tail.add(segment);
                continue;
            }
            double length = segment.length();
            if (left >= length - 1e-9) {
                head.add(segment);
            } else {
                double t = parameter(segment, left, length);
                head.add(segment.part(0, t));
                tail.add(segment.part(t, 1));
            }
            left -= length;
        }
        return List.of(List.copyOf(head), List.copyOf(tail));
    }

    /** The part of a run between two lengths from its start, mm. */
    public static List<Segment> part(List<? extends Segment> run, double from, double to) {
        List<Segment> head = cutAt(run, to).get(0);
        return from <= 1e-9 ? head : cutAt(head, from).get(1);
    }

    /**
     * How far along a run a place lies that is the end of one of its segments, or stands on a straight one.
     *
     * @param near mm within which a place is on the line
     */
    public static OptionalDouble lengthTo(List<? extends Segment> run, Point place, double near) {
        for (int i = 0; i < run.size(); i++) {
            Segment segment = run.get(i);
            if (segment.from().distance(place) <= near) {
                return OptionalDouble.of(length(run.subList(0, i)));
            }
            if (segment instanceof Line line) {
                double along = place.minus(line.from()).dot(line.direction(0));
                double beside = Math.abs(place.minus(line.from()).cross(line.direction(0)));
                if (beside <= near && along > 0 && along < line.length()) {
                    return OptionalDouble.of(length(run.subList(0, i)) + along);
                }
            }
            if (segment.to().distance(place) <= near) {
                return OptionalDouble.of(length(run.subList(0, i + 1)));
            }
        }
        return OptionalDouble.empty();
    }

    /** How far along a run the place on it lies that is nearest to another, and how far that is, mm. */
    public static Nearest nearest(List<? extends Segment> run, Point place) {
        int which = 0;
        double where = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < run.size(); i++) {
            Segment segment = run.get(i);
            if (atLeast(segment, place) < least) {
                double t = nearestParameter(segment, place);
                double away = segment.at(t).distance(place);
                if (away < least) {
                    which = i;
                    where = t;
                    least = away;
                }
            }
        }
        double before = length(run.subList(0, which));
        return new Nearest(
                before + (where <= 0 ? 0 : run.get(which).part(0, where).length()), least);
    }

    /** Whether any place on a run is within so many mm of another. */
    public static boolean near(List<? extends Segment> run, Point place, double most) {
        for (Segment s : run) {
            if (atLeast(s, place) < most && s.at(nearestParameter(s, place)).distance(place) < most) {
                return true;
            }
        }
        return false;
    }

    /** No place of a segment is nearer than this: it lies in the box of its ends and handles. */
    private static double atLeast(Segment segment, Point place) {
        double[] box = Crossings.box(segment);
        double dx = Math.max(0, Math.max(box[0] - place.x(), place.x() - box[1]));
        double dy = Math.max(0, Math.max(box[2] - place.y(), place.y() - box[3]));
        return Math.sqrt(dx * dx + dy * dy);
    }

    private static double nearestParameter(Segment segment, Point place) {
        if (segment instanceof Line line) {
            Point along = line.to().minus(line.from());
            double square = along.dot(along);
            return square == 0
                    ? 0
                    : Math.max(0, Math.min(1, place.minus(line.from()).dot(along) / square));
        }
        double best = 0;
        double nearest = segment.from().distance(place);
        if (nearest < ON || segment.to().distance(place) < ON) {
            return nearest < ON ? 0 : 1;
        }
        for (int i = 1; i <= SEARCH; i++) {
            double t = (double) i / SEARCH;
            double away = segment.at(t).distance(place);
            if (away < nearest) {
                nearest = away;
                best = t;
            }
        }
        double low = Math.max(0, best - 1.0 / SEARCH);
        double high = Math.min(1, best + 1.0 / SEARCH);
        // At the nearest place the line from there to the other stands square to the curve; at an end it need not.
        return Roots.between(low, high, t -> segment.at(t).minus(place).dot(segment.direction(t)))
                .orElse(best);
    }

    /**
     * The place on a run that is nearest to another.
     *
     * @param along mm from the run's start
     * @param away mm from the place
     */
    public record Nearest(double along, double away) {}

    /** A place on a run and the direction of travel there. */
    public record Along(Point at, Point direction) {}
}
