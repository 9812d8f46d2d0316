package brightplumb.core.pattern;

/** The edges a piece of a lower garment can have. */
public enum Edge {
    WAIST("waist", "waist"),
    SIDE("side", "side"),
    HEM("hem", "hem"),
    INSEAM("inseam", "inseam"),
    /** From the fork up to the waist, or to where an opening ends. */
    CROTCH("crotch", "crotch"),
    /** The part of a leg's centre front that opens. */
    FLY("fly", "fly"),
    CENTRE_FRONT("centre.front", "centre front"),
    CENTRE_BACK("centre.back", "centre back"),
    /** The part of the centre back that the zip takes. */
    CENTRE_BACK_ZIP("centre.back.zip", "centre back");

    private final String id;
    private final String spoken;

    Edge(String id, String spoken) {
        this.id = id;
        this.spoken = spoken;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }

    /** Its name at the bench. */
    public String spoken() {
        return spoken;
    }
}
