package brightplumb.core.rule;

/** What can be set on a waistband. */
public final class BandSettings {

    public static final Setting BAND_PLACE =
            Setting.choice("bandPlace", "Band place", Zone.MAKING, "Band", BandPlace.values());
    public static final Setting BAND_HEIGHT =
            Setting.length("bandHeight", "Band height", Zone.MAKING, "Band high", 0, 150);

    private BandSettings() {}
}
