package brightplumb.core.rule;

/** How a garment is lined. */
public enum Lined implements Choice {
    NONE("none", "None"),
    /** The lining is sewn up by itself and joined to the shell at the hem. */
    HEM("hem", "Joined at the hem"),
    /** Each panel is joined to its lining at hem and sides, turned, and only then seamed. */
    PANEL("panel", "Each panel bagged");

    private final String id;
    private final String title;

    Lined(String id, String title) {
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
