package brightplumb.core.rule;

/** What can be set at the waist. */
public final class WaistSettings {

    public static final Setting SITS_BELOW =
            Setting.length("sitsBelow", "Sits below the waist", Zone.WAIST, "Sits below", 0, 150);

    public static final Setting WAIST_EASE =
            Setting.length("waistEase", "Waist ease", Zone.WAIST, "Ease all round", -300, 300);
    public static final Setting WAIST_FINISH =
            Setting.choice("waistFinish", "Waist finish", Zone.WAIST, "Waist is", WaistFinish.values());
    public static final Setting CENTRE_FRONT_DROP = Setting.length(
                    "centreFrontDrop", "Centre front drop", Zone.WAIST, "Centre front down", 0, 60)
            .tellingByItsStep();
    public static final Setting CENTRE_FRONT_IN =
            Setting.length("centreFrontIn", "Centre front in", Zone.WAIST, "Centre front in", 0, 50);
    public static final Setting CENTRE_BACK_DROP =
            Setting.length("centreBackDrop", "Centre back drop", Zone.WAIST, "Centre back down", 0, 60);
    public static final Setting SIDE_RISE = Setting.length("sideRise", "Side rise", Zone.WAIST, "Side up", 0, 40)
            .tellingByItsStep();
    public static final Setting CENTRE_BACK_SHAPE =
            Setting.choice("centreBackShape", "Centre back shape", Zone.WAIST, "Centre back", CentreBackShape.values());

    public static final Setting BACK_IN = Setting.length(
                    "backIn", "Centre back in", Zone.WAIST, "Centre back in", 0, 140)
            .tellingBy(PanelFacts.CENTRE_BACK_IN, PanelFacts.BACK_IN)
            .when(set -> !set.chose(CENTRE_BACK_SHAPE, CentreBackShape.STRAIGHT)
                    && !set.chose(CENTRE_BACK_SHAPE, CentreBackShape.UNDER_SEAT));
    public static final Setting BACK_RISE = Setting.length(
                    "backRise", "Back rise", Zone.WAIST, "Centre back up", 0, 100)
            .tellingBy(LegFacts.BACK_RISE);
    public static final Setting SEAT = Setting.choice("seat", "Seat", Zone.WAIST, "Seat", Seat.values())
            .when(set -> set.chose(CENTRE_BACK_SHAPE, CentreBackShape.UNDER_SEAT));

    private WaistSettings() {}
}
