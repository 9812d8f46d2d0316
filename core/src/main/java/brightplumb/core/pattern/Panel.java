package brightplumb.core.pattern;

/** Which part of the body a piece covers. */
public enum Panel {
    FRONT("front"),
    BACK("back");

    private final String id;

    Panel(String id) {
        this.id = id;
    }

    /** Its name in facts and files. */
    public String id() {
        return id;
    }

    /** Its name at the start of a sentence. */
    public String title() {
        return Character.toUpperCase(id.charAt(0)) + id.substring(1);
    }

    /** The name of its centre line. */
    public String centre() {
        return "centre " + id;
    }

    /** Notches that mark this panel's edges: one in front, two behind, so that they are not mixed up. */
    public int notches() {
        return this == BACK ? 2 : 1;
    }
}
