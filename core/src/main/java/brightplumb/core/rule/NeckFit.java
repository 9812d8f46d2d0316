package brightplumb.core.rule;

/** How large a neck is drawn. */
public enum NeckFit implements Choice {
    /** As wide and deep as its amounts say. */
    DRAWN("drawn", "As wide and deep as said"),
    /** In the same shape, as long as the tape round the neck and a little ease. */
    CLOSE("close", "Close, by the tape");

    private final String id;
    private final String title;

    NeckFit(String id, String title) {
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
