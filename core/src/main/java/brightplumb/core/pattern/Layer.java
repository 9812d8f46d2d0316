package brightplumb.core.pattern;

/** The cloth a piece is cut from. */
public enum Layer {
    SHELL("shell"),
    LINING("lining"),
    FUSING("fusing"),
    POCKETING("pocketing");

    private final String id;

    Layer(String id) {
        this.id = id;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }
}
