package brightplumb.core.rule;

/** Whether a waist is cut to the body with darts, or at the width of the hip and drawn up. */
public enum WaistFinish implements Choice {
    FITTED("fitted", "Fitted"),
    GATHERED("gathered", "Gathered");

    private final String id;
    private final String title;

    WaistFinish(String id, String title) {
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
