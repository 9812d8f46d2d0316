package brightplumb.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Lays things one after the other, each in the place that suits a taste best among all that are free. */
final class BottomLeft {

    /** What makes one free place better than another. */
    enum Taste {
        /** It ends soonest. */
        ENDS_SOONEST,
        /** It begins soonest. */
        BEGINS_SOONEST,
        /** It makes the lay no longer, and lies furthest across. */
        FILLS_UP
    }

    /** Things that overlap by no more than this touch, mm. */
    private static final double TOUCHING = 1e-6;

    private final Ground ground;
    private final NoFit noFit;
    private final Optional<Way> barrier;

    BottomLeft(List<Item> items, Ground ground) {
        int ways = 1
                + items.stream()
                        .flatMap(i -> i.ways().stream())
                        .mapToInt(Way::number)
                        .max()
                        .orElse(0);
        this.ground = ground;
        this.noFit = new NoFit(ways + 1);
        this.barrier =
                ground instanceof Ground.Remnant remnant ? Optional.of(Barrier.of(remnant, ways)) : Optional.empty();
    }

    /**
     * On cloth off the bolt, or on paper.
     *
     * @param noFit what is known of the things that are laid
     */
    BottomLeft(NoFit noFit, Ground.Bolt ground) {
        this.ground = ground;
        this.noFit = noFit;
        this.barrier = Optional.empty();
    }

    /** Where a thing is laid while it is looked for: in rows. */
    record Put(Item item, Way way, int row, double x) {
        Placed placed() {
            return new Placed(item, way, x, row * Scan.ROW);
        }
    }

    /**
     * What came of laying in an order.
     *
     * @param put in the order in which they were laid
     * @param left what found no room: on a remnant only
     */
    record Outcome(List<Put> put, Laid laid, List<Item> left) {}

    /** Lays things in an order. */
    Outcome lay(List<Item> order, Taste taste) {
        return lay(order, taste, List.of());
    }

    /**
     * The same where the first are laid already.
     *
     * @param laid where the first things of the order lie
     */
    Outcome lay(List<Item> order, Taste taste, List<Put> laid) {
        List<Put> put = new ArrayList<>(laid);
        List<Put> along = new ArrayList<>(laid);
        along.sort(Comparator.comparingDouble(Put::x));
        List<Item> left = new ArrayList<>();
        double length = 0;
        for (Put already : laid) {
            length = Math.max(length, already.x() + already.way().length());
        }
        for (Item item : order.subList(laid.size(), order.size())) {
            Put best = best(item, along, length, taste);
            if (best == null) {
                left.add(item);
            } else {
                put.add(best);
                insert(along, best);
                length = Math.max(length, best.x() + best.way().length());
            }
        }
        return new Outcome(
                List.copyOf(put), Laid.of(put.stream().map(Put::placed).toList()), List.copyOf(left));
    }

    private static void insert(List<Put> along, Put one) {
        int at = along.size();
        while (at > 0 && along.get(at - 1).x() > one.x()) {
            at--;
        }
        along.add(at, one);
    }

    private Put best(Item item, List<Put> along, double length, Taste taste) {
        Put best = null;
        double least = Double.POSITIVE_INFINITY;
        double then = Double.POSITIVE_INFINITY;
        for (Way way : item.ways()) {
            int far = item.atFold() ? 0 : (int) Math.floor((ground.across() - way.width()) / Scan.ROW + 1e-6);
            int last = item.side() == Item.Side.NEAR ? 0 : far;
            for (int row = item.side() == Item.Side.FAR ? far : 0; row <= last; row++) {
                double x = free(way, row, along, furthest(taste, least, way, length));
                if (Double.isInfinite(x)) {
                    continue;
                }
                double end = x + way.length();
                double first = switch (taste) {
                    case ENDS_SOONEST -> end;
                    case BEGINS_SOONEST -> x;
                    case FILLS_UP -> Math.max(length, end);
                };
                double second = taste == Taste.ENDS_SOONEST ? x : end;
                if (first < least - 1e-6 || first < least + 1e-6 && second < then - 1e-6) {
                    best = new Put(item, way, row, x);
                    least = first;
                    then = second;
                }
            }
        }
        return best;
    }

    /** Beyond this no place along is better than the best that was found. */
    private static double furthest(Taste taste, double least, Way way, double length) {
        return switch (taste) {
            case ENDS_SOONEST -> least - way.length();
            case BEGINS_SOONEST -> least;
            case FILLS_UP -> Math.max(least, length) - way.length();
        };
    }

    /**
     * The first free place along at a row; infinite where there is none up to {@code furthest}.
     *
     * @param along what is laid, in the order of where it begins: what lies further along than a place is not asked
     */
    private double free(Way way, int row, List<Put> along, double furthest) {
        double x = matched(way, 0);
        boolean moved = true;
        while (moved) {
            moved = false;
            double from = x;
            if (barrier.isPresent()) {
                x = past(noFit.between(barrier.get(), way, row), x, 0);
            }
            for (Put other : along) {
                if (other.x() >= x + way.length()) {
                    break;
                }
                if (x < other.x() + other.way().length()) {
                    x = past(noFit.between(other.way(), way, row - other.row()), x, other.x());
                    if (x > furthest + 1e-6) {
                        return Double.POSITIVE_INFINITY;
                    }
                }
            }
            if (x > from) {
                x = matched(way, x);
                moved = true;
            }
        }
        return x;
    }

    /** The first place from {@code x} on that is not barred. */
    private static double past(double[] barred, double x, double from) {
        double at = x - from;
        for (int i = 0; i < barred.length && barred[i] < at - TOUCHING; i += 2) {
            if (at < barred[i + 1] - TOUCHING) {
                at = barred[i + 1];
            }
        }
        return at + from > x + TOUCHING / 2 ? at + from : x;
    }

    /** The first place from {@code x} on where the print matches. */
    private double matched(Way way, double x) {
        double repeat = ground instanceof Ground.Bolt bolt ? bolt.repeat() : 0;
        if (repeat <= 0 || Double.isNaN(way.phase())) {
            return x;
        }
        return Math.ceil((x + way.phase() - TOUCHING / 10) / repeat) * repeat - way.phase();
    }
}
