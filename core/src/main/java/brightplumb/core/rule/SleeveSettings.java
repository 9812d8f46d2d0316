package brightplumb.core.rule;

/** What can be set on a sleeve, and on a funnel at the neck. */
public final class SleeveSettings {

    /** From the top of the cap to the hem. */
    public static final Setting SLEEVE_LONG =
            Setting.length("sleeveLong", "Sleeve length", Zone.SLEEVE, "Sleeve long", 60, 1100);

    /** How far it goes on beyond the wrist, to cover the hand. */
    public static final Setting BEYOND_WRIST =
            Setting.length("beyondWrist", "Sleeve beyond the wrist", Zone.SLEEVE, "Beyond the wrist", 0, 200);

    public static final Setting SLEEVE_OPENING =
            Setting.length("sleeveOpening", "Sleeve opening", Zone.SLEEVE, "Opening, all round", 100, 800);

    /** The height of the cap; nothing where a quarter of the armhole says it. */
    public static final Setting CAP_HEIGHT = Setting.length(
                    "capHeight", "Cap height", Zone.SLEEVE, "Cap high, 0 by the armhole", 0, 250)
            .tellingBy(SleeveFacts.CAP_HEIGHT);

    public static final Setting CAP_EASE =
            Setting.length("capEase", "Cap ease", Zone.SLEEVE, "Cap longer than the armhole", 0, 40);

    public static final Setting THUMB_FROM =
            Setting.length("thumbFrom", "Thumb opening from the tip", Zone.SLEEVE, "Thumb, above the tip", 5, 80);
    public static final Setting THUMB_LONG =
            Setting.length("thumbLong", "Thumb opening, long", Zone.SLEEVE, "Thumb opening", 15, 80);

    /** How high a funnel stands, finished. */
    public static final Setting FUNNEL_HEIGHT =
            Setting.length("funnelHeight", "Funnel height, finished", Zone.SHOULDER, "Funnel high", 10, 150);

    /** How wide a flat collar lies, finished. */
    public static final Setting COLLAR_WIDTH =
            Setting.length("collarWidth", "Collar width", Zone.SHOULDER, "Collar wide", 20, 120);

    private SleeveSettings() {}
}
