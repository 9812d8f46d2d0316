package brightplumb.core.rule;

/**
 * The size of a seat for shaping under it: how far below the hip, and how far in (inches). Common practice, no source.
 */
public enum Seat implements Choice {
    SLIGHT("slight", "Slight", 5.5, 1),
    MEDIUM("medium", "Medium", 6, 1.25),
    FULL("full", "Full", 6.5, 1.5);

    private final String id;
    private final String title;
    private final double below;
    private final double in;

    Seat(String id, String title, double below, double in) {
        this.id = id;
        this.title = title;
        this.below = below;
        this.in = in;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    /** Inches below the hip line at which the shaping is deepest. */
    public double inchesBelow() {
        return below;
    }

    /** Inches in from the original centre line there. */
    public double inchesIn() {
        return in;
    }
}
