package brightplumb.core.rule;

/** What can be set on pockets. */
public final class PocketSettings {

    public static final Setting POCKET_WIDTH =
            Setting.length("pocketWidth", "Pocket width", Zone.MAKING, "Wide", 60, 300);

    public static final Setting POCKET_HEIGHT =
            Setting.length("pocketHeight", "Pocket height", Zone.MAKING, "High", 60, 350);

    public static final Setting POCKET_DOWN =
            Setting.length("pocketDown", "Pocket below the waist seam", Zone.MAKING, "Below the waist", 0, 300);

    public static final Setting POCKET_IN = Setting.length(
            "pocketIn", "Pocket on the centre's side of the grain", Zone.MAKING, "Inside the grain", -200, 200);

    public static final Setting POCKET_HEM = Setting.length("pocketHem", "Pocket hem", Zone.MAKING, "Top hem", 10, 80);

    public static final Setting FLAP_HEIGHT = Setting.length("flapHeight", "Flap", Zone.MAKING, "Flap high", 0, 150);

    private PocketSettings() {}
}
