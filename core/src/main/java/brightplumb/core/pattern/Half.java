package brightplumb.core.pattern;

/** The front or the back half of the body, each drafted from its own amounts. */
public enum Half {
    FRONT(Panel.FRONT),
    BACK(Panel.BACK);

    private final Panel panel;

    Half(Panel panel) {
        this.panel = panel;
    }

    /** Returns the half that lies behind, or the one in front. */
    public static Half of(boolean behind) {
        return behind ? BACK : FRONT;
    }

    /** Returns the panel that is drafted for it. */
    public Panel panel() {
        return panel;
    }

    /** Returns its name in facts and files: front, back. */
    public String id() {
        return panel.id();
    }

    /** Returns its name at the start of a sentence. */
    public String title() {
        return this == FRONT ? "Front" : "Back";
    }

    /** Returns the name of its centre line. */
    public String centre() {
        return "centre " + id();
    }

    @Override
    public String toString() {
        return id();
    }
}
