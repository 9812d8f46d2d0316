package brightplumb.core.paper;

/** The edges a piece of a lower garment can have. */
public enum Edge {
    WAIST("waist"),
    SIDE("side"),
    HEM("hem"),
    CENTRE_FRONT("centre.front"),
    CENTRE_BACK("centre.back"),
    /** The part of the centre back that the zip takes. */
    CENTRE_BACK_ZIP("centre.back.zip");

    private final String id;

    Edge(String id) {
        this.id = id;
    }

    /** Its name in files. */
    public String id() {
        return id;
    }
}
