package brightplumb.core.rule;

/** What can be set on neck, shoulder, armhole and bust. */
public final class BodiceSettings {

    public static final Setting BODICE_WAY =
            Setting.choice("bodiceWay", "Bodice drafted", Zone.SHOULDER, "Bodice by", BodiceWay.values());
    public static final Setting NECK_WIDTH =
            Setting.length("frontNeckWidth", "Neck, half its width", Zone.SHOULDER, "Neck, half width", 40, 200);
    public static final Setting FRONT_NECK_DEPTH =
            Setting.length("frontNeckDepth", "Front neck depth", Zone.SHOULDER, "Front neck down", 15, 350);
    public static final Setting BACK_NECK_DEPTH =
            Setting.length("backNeckDepth", "Back neck depth", Zone.SHOULDER, "Back neck down", 5, 400);
    public static final Setting NECK_FIT =
            Setting.choice("neckFit", "Neck drawn", Zone.SHOULDER, "Neck drawn", NeckFit.values());

    /** How much longer than the tape round the neck a close neckline is. */
    public static final Setting NECK_EASE = Setting.length(
                    "neckEase", "Neck ease", Zone.SHOULDER, "Ease round the neck", 0, 150)
            .when(set -> set.chose(NECK_FIT, NeckFit.CLOSE));

    public static final Setting SHOULDER_SLOPE =
            Setting.length("shoulderSlope", "Shoulder slope", Zone.SHOULDER, "Shoulder slopes", 0, 80);

    /** How much of the shoulder the garment lies on; nothing where it lies on all of it. */
    public static final Setting STRAP =
            Setting.length("strap", "Strap, finished", Zone.SHOULDER, "Strap wide, 0 for all", 0, 200);

    public static final Setting ARMHOLE_RULE =
            Setting.choice("armholeRule", "Armhole depth by", Zone.BUST, "Armhole by", ArmholeRule.values());
    public static final Setting ARMHOLE_FROM =
            Setting.choice("armholeFrom", "Armhole depth from", Zone.BUST, "Laid off from", ArmholeFrom.values());
    public static final Setting ARMHOLE_SHALLOWER =
            Setting.length("armholeShallower", "Armhole shallower", Zone.BUST, "Armhole shallower", -40, 60);
    public static final Setting ARMHOLE_HOLLOW_FRONT =
            Setting.length("armholeHollowFront", "Front armhole hollow", Zone.BUST, "Front armhole in", 0, 40);
    public static final Setting ARMHOLE_HOLLOW_BACK =
            Setting.length("armholeHollowBack", "Back armhole hollow", Zone.BUST, "Back armhole in", 0, 40);
    public static final Setting BUST_EASE =
            Setting.length("bustEase", "Bust ease", Zone.BUST, "Ease all round", -300, 400);

    /** What the dart at the bust takes at the side. */
    public static final Setting BUST_DART =
            Setting.length("bustDart", "Bust dart", Zone.BUST, "Bust dart takes", 10, 90);

    private BodiceSettings() {}
}
