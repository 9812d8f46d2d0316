package brightplumb.core.rule;

/** What can be set at the hip. */
public final class HipSettings {

    public static final Setting HIP_EASE = Setting.length("hipEase", "Hip ease", Zone.HIP, "Ease all round", -300, 300);
    public static final Setting HIP_ALLOCATION =
            Setting.length("hipAllocation", "Hip allocation", Zone.HIP, "Back takes more", -60, 60);
    public static final Setting NEGATIVE_EASE = Setting.ratio(
                    "negativeEase", "Negative ease", Zone.HIP, "Less than the body", 0, 0.3)
            .when(set -> set.cloth().stretches());
    public static final Setting FRONT_HIP_OUT =
            Setting.length("frontHipOut", "Centre front out at the hip", Zone.HIP, "Centre front out", 0, 40);
    public static final Setting BACK_HIP_IN = Setting.length(
                    "backHipIn", "Centre back in at the hip", Zone.HIP, "Centre back in", 0, 80)
            .tellingByItsStep();

    private HipSettings() {}
}
