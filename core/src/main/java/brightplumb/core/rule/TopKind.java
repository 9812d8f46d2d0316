package brightplumb.core.rule;

/** How a top without shoulders goes round: about the body alone, or over both arms. */
public enum TopKind implements Choice {
    CLOSED("closed", "Round the body"),
    OVER_ARMS("over-arms", "Over the arms");

    private final String id;
    private final String title;

    TopKind(String id, String title) {
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
