package brightplumb.core.lay;

import brightplumb.core.lay.BottomLeft.Outcome;
import brightplumb.core.lay.BottomLeft.Taste;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Looks for a short lay. Things are laid one by one in an order; a step changes the order, or the way one thing lies,
 * and is kept where the lay is then no worse than it was some steps ago (late acceptance: E. Burke and Y. Bykov, 2017).
 * The same things give the same lay: steps are taken off a fixed sequence, nothing is left to chance, and the number of
 * tries is given.
 */
final class Search {

    /** How many steps back a lay is measured against. */
    private static final int MEMORY = 25;

    /** After so many tries that found nothing better it goes on from the best that was found. */
    private static final int PATIENCE = 250;

    /** What is left over on a remnant outweighs all length, mm. */
    private static final double LEFT_OVER = 1e6;

    /** How much of what makes a lay good is how far along it lies, beside its length. */
    private static final double ROOM = 0.1;

    private final List<Item> items;
    private final BottomLeft layer;
    private final int most;
    private final double bound;
    private final Wanted wanted;
    private final Steps steps = new Steps();
    private int tried;
    private Found best;

    /** An order and what came of it. */
    private record Found(List<Item> order, Taste taste, Outcome outcome) {

        double cost() {
            return LEFT_OVER * outcome.left().size()
                    + outcome.laid().length()
                    + ROOM * outcome.laid().weight();
        }

        double length() {
            return LEFT_OVER * outcome.left().size() + outcome.laid().length();
        }
    }

    /**
     * A fixed sequence of choices, each scattered over all there is: the finishing mix of SplitMix64, of 1, 2, 3 and so
     * on.
     */
    private static final class Steps {
        private long n;

        int next(int choices) {
            long z = ++n * 0x9E3779B97F4A7C15L;
            z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
            z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
            return (int) Long.remainderUnsigned(z ^ (z >>> 31), choices);
        }
    }

    private Search(List<Item> items, Ground ground, int tries, double bound, Wanted wanted) {
        this.wanted = wanted;
        this.items = items;
        this.layer = new BottomLeft(items, ground);
        this.most = tries;
        this.bound = bound;
    }

    /**
     * The best that was found.
     *
     * @param left what found no room: on a remnant only
     * @param tried how many orders were laid
     */
    record Result(Laid laid, List<Item> left, int tried) {}

    /**
     * Looks until the tries are used up.
     *
     * @param bound no lay is shorter, mm: one that is as short is the last that is tried
     * @param wanted asked before each try
     * @throws NotWanted where it is not wanted any more
     */
    static Result of(List<Item> items, Ground ground, int tries, double bound, Wanted wanted) {
        Search search = new Search(items, ground, tries, bound, wanted);
        search.start();
        search.better();
        return new Result(search.best.outcome().laid(), search.best.outcome().left(), search.tried);
    }

    private static final List<Comparator<Item>> ORDERS = List.of(
            Comparator.comparingDouble(Item::area).reversed(),
            Comparator.comparingDouble(Item::length).reversed(),
            Comparator.comparingDouble(Item::width).reversed(),
            Comparator.comparing((Item i) -> !i.atFold())
                    .thenComparing(Comparator.comparingDouble(Item::area).reversed()));

    private void start() {
        for (Comparator<Item> by : ORDERS) {
            List<Item> order = new ArrayList<>(items);
            order.sort(by);
            for (Taste taste : Taste.values()) {
                if (tried < most) {
                    keep(found(order, taste, null, 0));
                }
            }
        }
    }

    private void keep(Found found) {
        if (best == null
                || found.length() < best.length() - 0.01
                || found.length() < best.length() + 0.01 && found.cost() < best.cost()) {
            best = found;
        }
    }

    private void better() {
        if (items.size() < 2 && items.get(0).ways().size() < 2) {
            return;
        }
        Found now = best;
        double[] memory = new double[MEMORY];
        Arrays.fill(memory, now.cost());
        int since = 0;
        for (int step = 0; tried < most && best.length() > bound + 0.01; step++) {
            Found next = step(now);
            double before = best.cost();
            keep(next);
            since = best.cost() < before ? 0 : since + 1;
            if (next.cost() <= now.cost() || next.cost() <= memory[step % MEMORY]) {
                now = next;
            }
            memory[step % MEMORY] = now.cost();
            if (since > PATIENCE) {
                now = best;
                since = 0;
                Arrays.fill(memory, now.cost() * 1.05);
            }
        }
    }

    private Found step(Found now) {
        List<Item> order = new ArrayList<>(now.order());
        int n = order.size();
        int i = steps.next(n);
        int j = steps.next(n);
        int first = Math.min(i, j);
        switch (steps.next(4)) {
            case 0 -> Collections.swap(order, i, j);
            case 1 -> order.add(j, order.remove(i));
            case 2 -> {
                first = i;
                order.set(i, free(order.get(i)));
            }
            default -> {
                first = i;
                Item item = free(order.get(i));
                Way way = item.ways().get(steps.next(item.ways().size()));
                order.set(i, item.only(way, Item.Side.values()[steps.next(3)]));
            }
        }
        return found(order, now.taste(), now.outcome(), first);
    }

    /** A thing with all its ways again. */
    private Item free(Item item) {
        return items.stream()
                .filter(i -> i.kind() == item.kind() && i.copy() == item.copy())
                .findFirst()
                .orElse(item);
    }

    /** An order laid; what comes first may lie as it lay before. */
    private Found found(List<Item> order, Taste taste, Outcome like, int first) {
        if (!wanted.still()) {
            throw new NotWanted();
        }
        tried++;
        boolean whole = like != null && like.left().isEmpty();
        return new Found(
                order, taste, layer.lay(order, taste, whole ? like.put().subList(0, first) : List.of()));
    }
}
