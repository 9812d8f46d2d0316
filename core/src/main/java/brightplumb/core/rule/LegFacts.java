package brightplumb.core.rule;

import brightplumb.core.working.Fact;

/** What the leg block finds and others read; lengths in mm. Those of a panel are read with {@link Fact#of}. */
public final class LegFacts {

    /** From the level waist line to the crotch line. */
    public static final Fact CROTCH_DEPTH = new Fact("crotch.depth");

    /** How far the back's waist is raised at the centre. */
    public static final Fact BACK_RISE = new Fact("back.rise").ofBack();

    /** How far the back fork lies below the crotch line. */
    public static final Fact FORK_DROP = new Fact("fork.drop").ofBack();

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

    /** How long the crotch loop is to be. */
    public static final Fact CROTCH_WANTED = new Fact("crotch.wanted").ofBack();

    /** How far a panel goes beyond its centre at the fork. */
    public static final Fact CROTCH_EXTENSION = new Fact("crotch.extension");

    /** From the corner at the crotch to its curve. */
    public static final Fact CROTCH_GUIDE = new Fact("crotch.guide");

    /** Both crotch seams together. */
    public static final Fact CROTCH_CURVE_TOTAL = new Fact("crotch.curve.total");

    /** The front's width, where the back's is drawn from it. */
    public static final Fact LEG_FRONT = new Fact("leg.front");

    /** Where a panel's crease stands. */
    public static final Fact CREASE = new Fact("crease");

    /** The inseam of a panel, fork to hem. */
    public static final Fact INSEAM = new Fact("inseam");

    /** How far each seam edge was moved for a hem that a hand asked. */
    public static final Fact HEM_EDGE_MOVED = new Fact("hem.edge.moved");

    /** Once round the knee, as drawn. */
    public static final Fact KNEE_GIRTH = girth("knee");

    private LegFacts() {}

    /** A panel across a level. */
    public static Fact width(String level) {
        return new Fact(level + ".width");
    }

    /** Front and back together at a level. */
    public static Fact girth(String level) {
        return new Fact(level + ".girth");
    }
}
