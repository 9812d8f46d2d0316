package brightplumb.core.rule;

/** What can be set on a top without shoulders. */
public final class TopSettings {

    public static final Setting TOP_KIND =
            Setting.choice("topKind", "Top edge goes", Zone.SHOULDER, "Top edge goes", TopKind.values());

    /** How far below the shoulder line the bodice begins. */
    public static final Setting TOP_LEVEL =
            Setting.length("topLevel", "Top edge below the shoulder", Zone.SHOULDER, "Top edge, below", 60, 350);

    public static final Setting PEPLUM_LENGTH =
            Setting.length("peplumLength", "Peplum long", Zone.SHOULDER, "Peplum long", 60, 450);

    private TopSettings() {}
}
