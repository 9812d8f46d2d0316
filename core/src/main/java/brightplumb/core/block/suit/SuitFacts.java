package brightplumb.core.block.suit;

import brightplumb.core.working.Fact;

/** What these blocks find and others read; lengths in mm. Those of a panel are read with {@link Fact#of}. */
public final class SuitFacts {

    /** From the level waist line to the crotch line. */
    public static final Fact CROTCH_LINE = new Fact("crotch.line");

    /** From the level waist line to where a panel ends between the legs. */
    public static final Fact CROTCH_END = new Fact("crotch.end");

    /** Half the width of a panel's end. */
    public static final Fact HALF_WIDTH = new Fact("crotch.half.width");

    /** From the level waist line to where the leg line meets the side. */
    public static final Fact LEG_LINE_LEVEL = new Fact("leg.line.level");

    /** A quarter there. */
    public static final Fact LEG_LINE_QUARTER = new Fact("leg.line.quarter");

    /** Once round a leg, as drawn. */
    public static final Fact LEG_OPENING = new Fact("leg.opening");

    /** Straight down from the shoulder and up again, front and back together, less the lap. */
    public static final Fact TRUNK = new Fact("trunk.loop");

    private SuitFacts() {}
}
