package brightplumb.core.rule;

/** Where on the body, or in the work, a setting belongs; in the order of the body. */
public enum Zone {
    SHOULDER("Neck and shoulder"),
    BUST("Bust and armhole"),
    SLEEVE("Sleeve"),
    WAIST("Waist"),
    DARTS("Darts"),
    HIP("Hip"),
    CROTCH("Crotch"),
    LEG("Leg"),
    HEM("Length and hem"),
    MAKING("Making");

    private final String title;

    Zone(String title) {
        this.title = title;
    }

    /** Returns its name at the bench. */
    public String title() {
        return title;
    }
}
