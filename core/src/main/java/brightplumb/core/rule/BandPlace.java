package brightplumb.core.rule;

/** Where a waistband lies: what it takes off the top of the skirt. */
public enum BandPlace implements Choice {
    /** The band stands above the waist line; nothing is taken off. */
    ABOVE("above", "Above the waist line"),
    /** The band finishes at the waist; depth and length give up its height. */
    INCLUDED("included", "Included in the length"),
    /** Drafted whole from the natural waist; the band's height is then cut off the top. */
    TAKEN_OFF("taken-off", "Taken off the top"),
    NONE("none", "None");

    private final String id;
    private final String title;

    BandPlace(String id, String title) {
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
