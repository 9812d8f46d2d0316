package brightplumb.core.rule;

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

    public static final Fact SHOULDER_TO_WAIST = new Fact("shoulder.to.waist");

    /** From the shoulder to the chest line. */
    public static final Fact ARMHOLE_LEVEL = new Fact("armhole.level");

    /** From the shoulder to the bust line. */
    public static final Fact BUST_LEVEL = new Fact("bust.level");

    /** What half a neck is of the neck's girth. */
    public static final Fact NECK_SHARE = new Fact("neck.share");

    /** The neck of a panel, as drawn. */
    public static final Fact NECK_LINE = new Fact("neck.line");

    /** The armhole of a panel, as drawn. */
    public static final Fact ARMHOLE_LINE = new Fact("armhole.line");

    /** How far the back's side begins below the chest line. */
    public static final Fact UNDERARM_BACK = new Fact("underarm.back").ofBack();

    /** What a bodice's waist dart takes. */
    public static final Fact BODICE_DART = new Fact("bodice.dart");

    /** A zip that goes on into what hangs below. */
    public static final Fact ZIP_THROUGH = new Fact("zip.length.through");

    private BodiceFacts() {}
}
