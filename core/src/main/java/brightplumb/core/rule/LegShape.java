package brightplumb.core.rule;

/** How a leg runs from the crotch line to its hem. Common practice, no source. */
public enum LegShape implements Choice {
    /** As wide all the way down as at the crotch line. */
    STRAIGHT("straight", "Straight from the crotch"),
    /** Each panel straight down from its own fork and its own side. */
    PLUMB("plumb", "Plumb from fork and side"),
    /** By the garment's own thigh, knee and hem, each centred on the crease. */
    TAPE("tape", "By thigh, knee and hem"),
    /** In one sweep to the knee, then to the hem. */
    TAPERED("tapered", "Tapered to the knee");

    private final String id;
    private final String title;

    LegShape(String id, String title) {
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
