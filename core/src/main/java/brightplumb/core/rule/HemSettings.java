package brightplumb.core.rule;

/** What can be set on length and hem, and on the step they must bear. */
public final class HemSettings {

    public static final Setting LENGTH =
            Setting.length("length", "Length", Zone.HEM, "Length", 100, 1600).againstLevels();
    public static final Setting HEM_TAPER =
            Setting.length("hemTaper", "Hem taper", Zone.HEM, "In at the side", -400, 150);
    public static final Setting HEM_TAPER_FRONT =
            Setting.length("hemTaperFront", "Hem taper, front", Zone.HEM, "In at the front side", -400, 150);

    public static final Setting HEM_TAPER_BACK =
            Setting.length("hemTaperBack", "Hem taper, back", Zone.HEM, "In at the back side", -400, 150);

    public static final Setting TAPER_START = Setting.length(
                    "taperStart", "Taper start", Zone.HEM, "Starts below hip", 12, 400)
            .when(set -> set.amount(HEM_TAPER_FRONT).value() != 0
                    || set.amount(HEM_TAPER_BACK).value() != 0);
    public static final Setting KNEE_LEVEL =
            Setting.length("kneeLevel", "Narrow level", Zone.HEM, "Narrowest below waist", 0, 1400);
    public static final Setting CENTRE_BACK_HEM = Setting.length(
                    "centreBackHem", "Centre back in at the hem", Zone.HEM, "In at centre back", 0, 60)
            .when(set -> !set.chose(WaistSettings.CENTRE_BACK_SHAPE, CentreBackShape.UNDER_SEAT));
    public static final Setting SLIT = Setting.length("slit", "Slit", Zone.HEM, "Slit up from hem", 0, 900);
    public static final Setting STRIDE = Setting.length("stride", "Step", Zone.HEM, "Step to walk by", 200, 1000);

    /** How far above its fold a turn-up is joined on: the leg is cut that much shorter. */
    public static final Setting TURN_UP_JOIN =
            Setting.length("turnUpJoin", "Turn-up's join above its fold", Zone.HEM, "Turn-up joined above", 0, 40);

    private HemSettings() {}
}
