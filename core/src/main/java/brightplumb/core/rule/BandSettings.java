package brightplumb.core.rule;

/** What can be set on a waistband. */
public final class BandSettings {

    public static final Setting BAND_PLACE =
            Setting.choice("bandPlace", "Band place", Zone.MAKING, "Band", BandPlace.values());

    public static final Setting BAND_HEIGHT = Setting.length(
                    "bandHeight", "Band height", Zone.MAKING, "Band high", 0, 150)
            .when(set -> !set.chose(BAND_PLACE, BandPlace.NONE));

    public static final Setting BAND_KIND =
            Setting.choice("bandKind", "Ends of the band", Zone.MAKING, "Ends", BandKind.values());

    public static final Setting BAND_OVERLAP = Setting.length(
                    "bandOverlap", "Band overlap", Zone.MAKING, "Underlap", 0, 120)
            .when(set -> set.chose(BAND_KIND, BandKind.LAPPED));

    public static final Setting BAND_ROUND = Setting.length(
                    "bandRound", "Band all round", Zone.MAKING, "Band round", 300, 2000)
            .when(set -> set.chose(BAND_KIND, BandKind.RING)
                    && set.cloth().stretches()
                    && !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));

    private BandSettings() {}
}
