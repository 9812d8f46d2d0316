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

    /** Whether it weighs more with a cutter than another: off, then a watch, then what could not be looked at. */
    public boolean worseThan(Verdict other) {
        return weight() > other.weight();
    }

    private int weight() {
        return switch (this) {
            case TRUE -> 0;
            case NOT_TAKEN -> 1;
            case WATCH -> 2;
            case OFF -> 3;
        };
    }

    /** Its name in answers. */
    public String id() {
        return id;
    }
}
