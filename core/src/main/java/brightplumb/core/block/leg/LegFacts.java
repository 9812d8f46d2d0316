package brightplumb.core.block.leg;

import brightplumb.core.working.Fact;

/** What the leg block finds and others read; lengths in mm. Those of a panel are read with {@link Fact#of}. */
public final class LegFacts {

    /** From the level waist line to the crotch line. */
    public static final Fact CROTCH_DEPTH = new Fact("crotch.depth");

    /** How far the back's waist is raised at the centre. */
    public static final Fact BACK_RISE = new Fact("back.rise");

    /** How far the back fork lies below the crotch line. */
    public static final Fact FORK_DROP = new Fact("fork.drop");

    /** Where the front's crease stands, from its hip line's centre. */
    public static final Fact CREASE_FRONT = new Fact("crease.front");

    /** How far the back goes beyond its centre at the fork. */
    public static final Fact EXTENSION_BACK = new Fact("crotch.extension.back");

    /** The crotch seam of a panel, waist to fork. */
    public static final Fact CROTCH_CURVE = new Fact("crotch.curve");

    /** A panel across the thigh. */
    public static final Fact THIGH_WIDTH = width("thigh");

    /** A panel across the knee. */
    public static final Fact KNEE_WIDTH = width("knee");

    /** A panel along its hem. */
    public static final Fact HEM_WIDTH = width("hem");

    /** The side of a panel, waist to hem. */
    public static final Fact SIDE = new Fact("side");

    private LegFacts() {}

    /** A panel across a level. */
    static Fact width(String level) {
        return new Fact(level + ".width");
    }

    /** Front and back together at a level. */
    static Fact girth(String level) {
        return new Fact(level + ".girth");
    }
}
