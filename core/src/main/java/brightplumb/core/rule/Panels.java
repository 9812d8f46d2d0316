package brightplumb.core.rule;

import brightplumb.core.pattern.Panel;

/** Which panels something is done to. */
public enum Panels implements Choice {
    FRONT("front", "Front"),
    BACK("back", "Back"),
    BOTH("both", "Front and back");

    private final String id;
    private final String title;

    Panels(String id, String title) {
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

    /** Whether a panel of that name is among them. */
    public boolean has(Panel panel) {
        return this == BOTH || id.equals(panel.id());
    }
}
