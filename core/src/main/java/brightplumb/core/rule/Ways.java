package brightplumb.core.rule;

import java.util.List;

/** The ways on offer, by the part they draft, in the order they are offered. */
public final class Ways {

    public static final List<Way> SKIRT =
            List.of(QuarterSkirt.WAY, AllocatedSkirt.WAY, HalfBlockSkirt.WAY, HouseSkirt.WAY);

    public static final List<Way> LEGS = List.of(QuarterLegs.WAY, SixteenthLegs.WAY, ArcLegs.WAY, HouseLegs.WAY);

    private Ways() {}
}
