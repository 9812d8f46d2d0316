package brightplumb.core.table;

/** What an inspection found. */
public enum Verdict {
    TRUE("true"),
    WATCH("watch"),
    OFF("off"),
    NOT_TAKEN("not-taken");

    private final String id;

    Verdict(String id) {
        this.id = id;
    }

    /** Its name in answers. */
    public String id() {
        return id;
    }
}
