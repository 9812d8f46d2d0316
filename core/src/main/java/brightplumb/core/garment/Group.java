package brightplumb.core.garment;

/** Under what heading a cut is shown; nothing is decided by it. */
public enum Group {
    SKIRTS("skirts"),
    TROUSERS("trousers"),
    SHORTS("shorts"),
    ONE_PIECE("one-piece");

    private final String id;

    Group(String id) {
        this.id = id;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }
}
