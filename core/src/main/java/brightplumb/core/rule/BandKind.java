package brightplumb.core.rule;

/** How the ends of a waistband meet. */
public enum BandKind implements Choice {
    /** They meet at the opening, edge to edge. */
    OPEN("open", "Meets at the opening"),
    /** One goes on under the other. */
    LAPPED("lapped", "Laps over"),
    /** It is closed and pulled on. */
    RING("ring", "A ring, pulled on");

    private final String id;
    private final String title;

    BandKind(String id, String title) {
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
