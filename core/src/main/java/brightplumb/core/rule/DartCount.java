package brightplumb.core.rule;

/** How many darts a front quarter has. */
public enum DartCount implements Choice {
    /** As many as the intake asks. */
    BY_INTAKE("by-intake", "As many as it takes"),
    /** One, whatever it takes: where it is not sewn but folded in. */
    ONE("one", "One");

    private final String id;
    private final String title;

    DartCount(String id, String title) {
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
