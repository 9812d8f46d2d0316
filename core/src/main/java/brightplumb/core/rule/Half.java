package brightplumb.core.rule;

/** The front or the back half of the body, each drafted from its own amounts. */
public enum Half {
    FRONT("front"),
    BACK("back");

    private final String id;
    private final String title;

    Half(String id) {
        this.id = id;
        this.title = Character.toUpperCase(id.charAt(0)) + id.substring(1);
    }

    /** The half that lies behind, or the one in front. */
    public static Half of(boolean behind) {
        return behind ? BACK : FRONT;
    }

    /** Its name in facts and files. */
    public String id() {
        return id;
    }

    /** Its name at the start of a sentence. */
    public String title() {
        return title;
    }

    /** The name of its centre line. */
    public String centre() {
        return "centre " + id;
    }
}
