package brightplumb.core.rule;

/** What can be set on darts. */
public final class DartSettings {

    public static final Setting DART_PLAN =
            Setting.choice("dartPlan", "Dart plan", Zone.DARTS, "Plan", DartPlan.values());
    public static final Setting DARTS_FRONT = Setting.choice(
                    "dartsFront", "Front darts", Zone.DARTS, "Front darts", DartCount.values())
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));

    public static final Setting DART_INTAKE_FRONT = Setting.length(
                    "dartIntakeFront", "Front dart intake", Zone.DARTS, "Front takes in", 0, 130)
            .tellingByItsStep()
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));
    public static final Setting DART_LENGTH_FRONT = Setting.length(
                    "dartLengthFront", "Front dart length", Zone.DARTS, "Front dart long", 20, 300)
            .tellingByItsStep()
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));
    public static final Setting DART_INTAKE_BACK = Setting.length(
                    "dartIntakeBack", "Back dart intake", Zone.DARTS, "Back takes in", 0, 160)
            .tellingByItsStep()
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));
    public static final Setting DART_LENGTH_BACK = Setting.length(
                    "dartLengthBack", "Back dart length", Zone.DARTS, "Back dart long", 20, 300)
            .tellingByItsStep()
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));
    public static final Setting DART_PLACE_BACK = Setting.length(
                    "dartPlaceBack", "Back dart place", Zone.DARTS, "Back dart from centre", 30, 250)
            .tellingBy(PanelFacts.DART_FROM_CENTRE.ofBack())
            .when(set -> !set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED));

    private DartSettings() {}
}
