package brightplumb.core.rule;

/** What can be set on a waist that is drawn up, and on the belt round one. */
public final class DrawnSettings {

    public static final Setting ELASTIC_WIDTH =
            Setting.length("elasticWidth", "Elastic width", Zone.MAKING, "Elastic wide", 5, 80);

    /** How much of a casing is turned under. */
    public static final Setting CASING_TURN =
            Setting.length("casingTurn", "Casing turned under", Zone.MAKING, "Turned under", 0, 25);

    /** How much higher than its elastic a channel is stitched, so that it does not pinch. */
    public static final Setting CHANNEL_ROOM =
            Setting.length("channelRoom", "Channel beyond the elastic", Zone.MAKING, "Channel wider by", 0, 20);

    public static final Setting CORD_BEYOND =
            Setting.length("cordBeyond", "Cord beyond the band", Zone.MAKING, "Cord longer by", 150, 1200);

    public static final Setting CORD_HOLE =
            Setting.length("cordHole", "Buttonholes from centre front", Zone.MAKING, "Holes from centre", 10, 80);

    public static final Setting BELT_HEIGHT =
            Setting.length("beltHeight", "Belt height", Zone.MAKING, "Belt high", 10, 120);

    public static final Setting BELT_BEYOND =
            Setting.length("beltBeyond", "Belt beyond the waist", Zone.MAKING, "Belt longer by", 60, 1500);

    private DrawnSettings() {}
}
