package brightplumb.core.rule;

import brightplumb.core.working.Fact;

/**
 * What is found of a skirt's or a leg's panel and read or laid off by others; lengths in mm. Those of a half are read
 * with {@link Fact#of}.
 */
public final class PanelFacts {

    /** A quarter of the waist, with the panel's share of the ease. */
    public static final Fact WAIST_QUARTER = new Fact("waist.quarter");

    /** A quarter of the hip. */
    public static final Fact HIP_QUARTER = new Fact("hip.quarter");

    /** A quarter of the hem. */
    public static final Fact HEM_QUARTER = new Fact("hem.quarter");

    /** Half of what the hip is wider than the waist. */
    public static final Fact HALF_DROP = new Fact("half.drop");

    /** How far a skirt's centre back stands in at the waist. */
    public static final Fact CENTRE_BACK_IN = new Fact("centre.back.in").ofBack();

    /** How far a leg's centre back stands in at the waist. */
    public static final Fact BACK_IN = new Fact("back.in").ofBack();

    /** How far the centre stands in at the waist where it has no name of its own. */
    public static final Fact CENTRE_IN = new Fact("centre.in");

    /** How far the side stands in at the waist. */
    public static final Fact SIDE_INSET = new Fact("side.inset");

    public static final Fact DART_COUNT = new Fact("dart.count");

    /** What the darts of a panel take together. */
    public static final Fact DART_INTAKE = new Fact("dart.intake");

    public static final Fact DART_LENGTH = new Fact("dart.length");

    /** From the centre to the first dart. */
    public static final Fact DART_PLACE = new Fact("dart.place");

    /** The first dart's centre, from where the shaped centre line meets the waist. */
    public static final Fact DART_FROM_CENTRE = new Fact("dart.from.centre");

    /** From the centre to the second dart. */
    public static final Fact DART_SECOND = new Fact("dart.second");

    /** The waist line of a panel, as drawn. */
    public static final Fact WAIST_LINE = new Fact("waist.line");

    /** The side of a panel, as drawn. */
    public static final Fact SIDE_LINE = new Fact("side.line");

    /** The centre of a panel, as drawn. */
    public static final Fact CENTRE_LINE = new Fact("centre.line");

    private PanelFacts() {}
}
