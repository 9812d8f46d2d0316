package brightplumb.core.rule;

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

    /** The inner leg of a panel, as drawn. */
    public static final Fact INNER_LEG = new Fact("inner.leg");

    /** From the corner at the leg to its curve. */
    public static final Fact LEG_GUIDE = new Fact("leg.guide");

    /** The leg line of a panel, as drawn. */
    public static final Fact LEG_LINE = new Fact("leg.line");

    private SuitFacts() {}
}
