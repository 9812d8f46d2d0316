package brightplumb.core.style.peplum;

import brightplumb.core.working.Fact;

/** What a peplum finds and others read. */
public final class PeplumFacts {

    /** The radius of its inner edge, mm. */
    public static final Fact RADIUS = new Fact("peplum.radius");

    private PeplumFacts() {}
}
