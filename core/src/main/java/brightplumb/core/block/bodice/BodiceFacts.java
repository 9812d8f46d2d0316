package brightplumb.core.block.bodice;

import brightplumb.core.working.Fact;

/** What the upper half finds and others read; lengths in mm. Those of a panel are read with {@link Fact#of}. */
public final class BodiceFacts {

    /** By how much the armhole lies below where its depth is laid off. */
    public static final Fact ARMHOLE_DEPTH = new Fact("armhole.depth");

    /** A quarter on chest and bust line. */
    public static final Fact BUST_QUARTER = new Fact("bust.quarter");

    public static final Fact SHOULDER_HALF = new Fact("shoulder.half");
    public static final Fact SHOULDER_SLOPE = new Fact("shoulder.slope");

    /** Half the width of the neck. */
    public static final Fact NECK_WIDTH = new Fact("neck.width");

    /** From the neck end of the shoulder down to the neck at the centre. */
    public static final Fact NECK_DEPTH = new Fact("neck.depth");

    /** Once round the neck, as drawn. */
    public static final Fact NECK_OPENING = new Fact("neck.opening");

    /** Both panels' armholes together, as drawn. */
    public static final Fact ARMHOLE_LENGTH = new Fact("armhole.length");

    /** From the level waist line to the crotch line. */
    public static final Fact CROTCH_LINE = new Fact("crotch.line");

    /** From the level waist line to where a panel ends between the legs. */
    public static final Fact CROTCH_END = new Fact("crotch.end");

    /** Straight down from the shoulder and up again, front and back together, less the lap. */
    public static final Fact TRUNK = new Fact("trunk.loop");

    /** The waist seam of the bodice, darts shut, from centre front to centre back. */
    public static final Fact WAIST_SEAM_TOP = new Fact("waist.seam.top");

    /** The waist seam of what hangs below it, the same way. */
    public static final Fact WAIST_SEAM_BOTTOM = new Fact("waist.seam.bottom");

    /** Once round the top edge of a bodice without shoulders, over the arms where it goes over them. */
    public static final Fact TOP_RING = new Fact("top.ring");

    private BodiceFacts() {}
}
