package brightplumb.core.rule;

/** The edge a dart is moved to. */
public enum DartTo implements Choice {
    SIDE("side", "Side"),
    HEM("hem", "Hem");

    private final String id;
    private final String title;

    DartTo(String id, String title) {
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
