package brightplumb.core.rule;

import java.util.List;
import java.util.Optional;

/** The ways on offer. */
public final class Ways {

    /** Every way, in the order they are offered. */
    public static final List<Way> ALL = List.of(
            QuarterSkirt.WAY,
            AllocatedSkirt.WAY,
            HalfBlockSkirt.WAY,
            HouseSkirt.WAY,
            QuarterLegs.WAY,
            SixteenthLegs.WAY,
            ArcLegs.WAY,
            HouseLegs.WAY);

    private Ways() {}

    /** The way of that name for a family, if there is one. */
    public static Optional<Way> of(Family family, String id) {
        return of(family).stream().filter(w -> w.id().equals(id)).findFirst();
    }

    /** The ways of a family. */
    public static List<Way> of(Family family) {
        return ALL.stream().filter(w -> w.family() == family).toList();
    }
}
