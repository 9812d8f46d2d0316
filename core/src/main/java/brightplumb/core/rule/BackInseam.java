package brightplumb.core.rule;

/** How the back inseam runs from fork to knee. Common practice, no source. */
public enum BackInseam implements Choice {
    /** In one sweep. */
    ONE_CURVE("one-curve", "One curve to the knee"),
    /** Curved for the upper half, straight from there on. */
    HALF_STRAIGHT("half-straight", "Half curved, half straight");

    private final String id;
    private final String title;

    BackInseam(String id, String title) {
        this.id = id;
        this.title = title;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }
}
