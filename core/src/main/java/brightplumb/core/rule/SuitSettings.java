package brightplumb.core.rule;

/** What can be set on a garment that passes between the legs without a fork: its leg line and its crotch strip. */
public final class SuitSettings {

    public static final Setting FRONT_END =
            Setting.length("frontEnd", "Front crotch end", Zone.CROTCH, "Front ends below", 0, 150);
    public static final Setting BACK_END =
            Setting.length("backEnd", "Back crotch end", Zone.CROTCH, "Back ends below front", 0, 200);
    public static final Setting CROTCH_WIDTH =
            Setting.length("crotchWidth", "Crotch, half its width", Zone.CROTCH, "Half width", 15, 80);
    public static final Setting CROTCH_WIDTH_BACK =
            Setting.length("crotchWidthBack", "Back crotch, half its width", Zone.CROTCH, "Back half width", 15, 80);
    public static final Setting FASTENING =
            Setting.choice("fastening", "Crotch fastening", Zone.CROTCH, "Fastened by", CrotchFastening.values());
    public static final Setting CROTCH_LAP = Setting.length(
                    "crotchLap", "Lap of the fastening", Zone.CROTCH, "Front laps by", 0, 60)
            .when(set -> set.chose(FASTENING, CrotchFastening.STUDS));

    public static final Setting LEG_LINE_LEVEL =
            Setting.length("legLineLevel", "Leg line at the side", Zone.LEG, "Leg line below waist", 20, 400);
    public static final Setting LEG_LINE_WIDTH =
            Setting.choice("legLineWidth", "Width at the leg line", Zone.LEG, "Quarter there", LegLineWidth.values());

    /** How far from the corner the leg curve passes, as a share of how far the straight line does. */
    /** The same as a distance; nothing where the share says it. */
    public static final Setting LEG_GUIDE_FRONT =
            Setting.length("legGuideFront", "Front leg guide", Zone.LEG, "Front guide, 0 by share", 0, 300);

    public static final Setting LEG_GUIDE_BACK =
            Setting.length("legGuideBack", "Back leg guide", Zone.LEG, "Back guide, 0 by share", 0, 300);

    public static final Setting LEG_SHARE_FRONT = Setting.ratio(
                    "legShareFront", "Front leg curve, share of the chord", Zone.LEG, "Front curve share", 0.4, 1.4)
            .when(set -> set.amount(LEG_GUIDE_FRONT).value() == 0);

    public static final Setting LEG_SHARE_BACK = Setting.ratio(
                    "legShareBack", "Back leg curve, share of the chord", Zone.LEG, "Back curve share", 0.4, 1.4)
            .when(set -> set.amount(LEG_GUIDE_BACK).value() == 0);

    public static final Setting LEG_HOLLOW =
            Setting.length("legHollow", "Front leg hollow", Zone.LEG, "Front curve hollow", -40, 60);
    public static final Setting COVER =
            Setting.length("cover", "Cover of the seat", Zone.LEG, "Back covers more", -40, 80);

    /** How far in the inner leg of a garment cut on its fold stands. */
    public static final Setting INNER_LEG_IN =
            Setting.length("innerLegIn", "Inner leg in from the fold", Zone.LEG, "Inner leg in", 15, 90);

    private SuitSettings() {}
}
