package brightplumb.core.rule;

import brightplumb.core.working.Fact;

/** What the sleeve finds and others read; lengths in mm. */
public final class SleeveFacts {

    public static final Fact CAP_HEIGHT = new Fact("sleeve.cap.height");

    /** Along the cap, from underarm to underarm. */
    public static final Fact CAP_LENGTH = new Fact("sleeve.cap.length");

    /** Across the sleeve at the underarm. */
    public static final Fact BICEP = new Fact("sleeve.bicep");

    private SleeveFacts() {}
}
