package brightplumb.core.style.sweep;

import brightplumb.core.working.Fact;

/** What a sweep finds; lengths in mm, the angle in degrees. Those of a panel are read with {@link Fact#of}. */
public final class SweepFacts {

    /** What the dart takes on the side. */
    public static final Fact DART = new Fact("bust.dart");

    /** By how much the outer part is swung. */
    public static final Fact ANGLE = new Fact("sweep.angle");

    /** How far apart the two edges of the cut lie at the hem, straight across. */
    public static final Fact SPREAD = new Fact("sweep.spread");

    /** What the side lost to the dart, from the underarm to the hem. */
    public static final Fact SIDE_LOST = new Fact("sweep.side.lost");

    /** Once round the waist of the opened panels. */
    public static final Fact WAIST = new Fact("sweep.waist");

    /** Front and back hem of a leg, opened. */
    public static final Fact HEM = new Fact("sweep.hem");

    private SweepFacts() {}
}
