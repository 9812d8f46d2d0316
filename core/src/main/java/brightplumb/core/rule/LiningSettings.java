package brightplumb.core.rule;

/** What can be set on a lining. */
public final class LiningSettings {

    public static final Setting LINING = Setting.choice("lining", "Lining", Zone.MAKING, "Lined", Lined.values());

    public static final Setting LINING_HEM = Setting.length(
                    "liningHem", "Hem of the lining", Zone.MAKING, "Its hem", 0, 100)
            .when(set -> !set.chose(LINING, Lined.NONE));

    public static final Setting LINING_JOIN = Setting.length(
                    "liningJoin", "Join of the lining", Zone.MAKING, "Joined with", 3, 30)
            .when(set -> !set.chose(LINING, Lined.NONE));

    private LiningSettings() {}
}
