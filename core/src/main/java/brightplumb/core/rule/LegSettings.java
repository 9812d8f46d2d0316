package brightplumb.core.rule;

import brightplumb.core.working.Fact;

/** What can be set on a leg below the crotch line. */
public final class LegSettings {

    public static final Setting LEG_SHAPE = Setting.choice("legShape", "Leg shape", Zone.LEG, "Leg", LegShape.values());
    public static final Setting BACK_INSEAM =
            Setting.choice("backInseam", "Back inseam", Zone.LEG, "Back inseam", BackInseam.values());
    public static final Setting THIGH =
            Setting.length("thigh", "Garment thigh", Zone.LEG, "Thigh, all round", 350, 1200);
    public static final Setting KNEE = Setting.length("knee", "Garment knee", Zone.LEG, "Knee, all round", 250, 1200)
            .when(set -> set.chose(LEG_SHAPE, LegShape.TAPERED) || set.chose(LEG_SHAPE, LegShape.TAPE));
    public static final Setting HEM =
            Setting.length("hem", "Hem", Zone.LEG, "Hem, all round", 180, 1600).tellingBy(Fact.HEM_GIRTH);
    public static final Setting SIDE_IN =
            Setting.length("sideIn", "Side in at the hem", Zone.LEG, "Front side in at hem", 0, 80);

    /** How far each seam edge of each panel comes in at the hem; less than nothing flares. */
    public static final Setting HEM_EDGES_IN =
            Setting.length("hemEdgesIn", "Each edge in at the hem", Zone.LEG, "Each edge in at hem", -200, 120);

    public static final Setting BACK_LEG_ADD =
            Setting.length("backLegAdd", "Back inseam wider", Zone.LEG, "Back wider at inseam", -30, 60);
    public static final Setting BACK_SIDE_ADD =
            Setting.length("backSideAdd", "Back side wider", Zone.LEG, "Back wider at side", -30, 60);

    private LegSettings() {}
}
