package brightplumb.core.rule;

import java.util.List;

/** The ways on offer, by the part they draft, in the order they are offered. */
public final class Ways {

    public static final List<Way> SKIRT =
            List.of(QuarterSkirt.WAY, AllocatedSkirt.WAY, HalfBlockSkirt.WAY, HouseSkirt.WAY);

    public static final List<Way> LEGS = List.of(QuarterLegs.WAY, SixteenthLegs.WAY, ArcLegs.WAY, HouseLegs.WAY);

    public static final List<Way> SUITS = List.of(SittingSuits.WAY, HipquarterSuits.WAY, HouseSuits.WAY);

    public static final List<Way> ROMPERS = List.of(HouseRompers.WAY);

    private Ways() {}

    /** The way of that name among several. */
    public static Way of(List<Way> ways, String id) {
        return ways.stream()
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No way " + id));
    }
}
