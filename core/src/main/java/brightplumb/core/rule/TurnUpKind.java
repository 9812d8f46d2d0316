package brightplumb.core.rule;

/** How a turn-up is cut. */
public enum TurnUpKind implements Choice {
    /** A doubled strip of its own, sewn on. */
    STRIP("strip", "A strip, sewn on"),
    /** In one with the leg, folded up twice. */
    IN_ONE("in-one", "In one with the leg");

    private final String id;
    private final String title;

    TurnUpKind(String id, String title) {
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
