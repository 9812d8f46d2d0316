package brightplumb.core.making;

import static brightplumb.core.table.Work.*;

import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A habit of making: in which order kinds of work are taken up where nothing else says which comes first. Common
 * practice, no source.
 *
 * @param id its name in requests
 * @param title its name at the bench
 * @param about what it is good for
 * @param order every kind of work, the first first
 */
public record Sequence(String id, String title, String about, List<Work> order) {

    /** Flat work before anything is sewn together. */
    private static final List<Work> FLAT = List.of(MARK, FUSE, DART, FOLD, NEATEN, LINING);

    public static final Sequence CROTCH_FIRST = flatThen(
            "crotch-first",
            "Centre first",
            "Both fronts and both backs are joined at the centre, then the sides; on legs the inseam closes all in "
                    + "one pass.",
            FLY,
            CENTRE,
            SLIT,
            POCKET,
            TURN_UP,
            SIDE,
            HEM,
            INSEAM,
            CLOSE,
            BAND,
            ZIP,
            DRAW_IN,
            TRY_ON,
            PRESS);

    public static final Sequence LEG_FIRST = flatThen(
            "leg-first",
            "Sides first",
            "Each half is finished by itself and the centre closes last: strong, and easily taken in behind.",
            POCKET,
            FLY,
            TURN_UP,
            SIDE,
            INSEAM,
            CENTRE,
            CLOSE,
            SLIT,
            BAND,
            ZIP,
            DRAW_IN,
            TRY_ON,
            HEM,
            PRESS);

    public static final Sequence PANELS_FIRST = flatThen(
            "panels-first",
            "Panels flat",
            "All that can be done flat is done flat; sides and inseams are sewn through it, and the fork closes last.",
            FLY,
            CENTRE,
            SLIT,
            POCKET,
            TURN_UP,
            HEM,
            SIDE,
            INSEAM,
            CLOSE,
            BAND,
            ZIP,
            DRAW_IN,
            TRY_ON,
            PRESS);

    public static final Sequence SIDES_LAST = flatThen(
            "sides-last",
            "Sides last",
            "Hems and all else are done before the sides, so that the whole fit can still be taken in there.",
            FLY,
            CENTRE,
            SLIT,
            INSEAM,
            CLOSE,
            POCKET,
            TURN_UP,
            HEM,
            TRY_ON,
            SIDE,
            BAND,
            ZIP,
            DRAW_IN,
            PRESS);

    /** The four habits. */
    public static final List<Sequence> ALL = List.of(CROTCH_FIRST, LEG_FIRST, PANELS_FIRST, SIDES_LAST);

    public Sequence {
        order = List.copyOf(order);
        if (order.size() != Work.values().length || !EnumSet.copyOf(order).containsAll(Set.of(Work.values()))) {
            throw new IllegalArgumentException("Every kind of work has one place in an order");
        }
    }

    private static Sequence flatThen(String id, String title, String about, Work... then) {
        List<Work> order = new ArrayList<>(FLAT);
        order.addAll(List.of(then));
        return new Sequence(id, title, about, order);
    }

    /**
     * A recipe's own order: what it names in that order, and all else as by another habit, before what it followed
     * there.
     */
    public static Sequence byTheRecipe(Sequence otherwise, Work... named) {
        List<Work> order = new ArrayList<>(otherwise.order());
        List<Integer> places =
                List.of(named).stream().map(order::indexOf).sorted().toList();
        for (int i = 0; i < named.length; i++) {
            order.set(places.get(i), named[i]);
        }
        return new Sequence("recipe", "By the recipe", "In the order its recipe gives.", order);
    }

    /** The habit of that name among the four. */
    public static Optional<Sequence> of(String id) {
        return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** Whether one kind of work is taken up before another. */
    public boolean before(Work one, Work other) {
        return order.indexOf(one) < order.indexOf(other);
    }
}
