package brightplumb.core.rule;

/** How the garment is closed. */
public enum Closure implements Choice {
    CENTRE_BACK_ZIP("centre-back-zip", "Zip at centre back"),
    SIDE_ZIP("side-zip", "Zip at the left side"),
    FLY("fly", "Fly at centre front"),
    NONE("none", "None, pulled on");

    private final String id;
    private final String title;

    Closure(String id, String title) {
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

    /** Whether it opens a centre seam. */
    public boolean atCentre() {
        return this == CENTRE_BACK_ZIP || this == FLY;
    }
}
