package brightplumb.core.block.suit;

import brightplumb.core.working.Fact;

/** What these blocks find and others read; lengths in mm. Those of a panel are read with {@link Fact#of}. */
public final class SuitFacts {

    /** Half the width of a panel's end. */
    public static final Fact HALF_WIDTH = new Fact("crotch.half.width");

    /** From the level waist line to where the leg line meets the side. */
    public static final Fact LEG_LINE_LEVEL = new Fact("leg.line.level");

    /** A quarter there. */
    public static final Fact LEG_LINE_QUARTER = new Fact("leg.line.quarter");

    /** Once round a leg, as drawn. */
    public static final Fact LEG_OPENING = new Fact("leg.opening");

    private SuitFacts() {}
}
