package brightplumb.core.rule;

/** What can be set on folds laid in the cloth. */
public final class FoldSettings {

    public static final Setting FOLD_WIDTH = Setting.length("foldWidth", "Box fold", Zone.MAKING, "Opened by", 50, 205);

    public static final Setting FOLD_SEWN_DOWN =
            Setting.length("foldSewnDown", "Box fold sewn down", Zone.MAKING, "Stitched down", 0, 300);

    public static final Setting KICK_WIDTH =
            Setting.length("kickWidth", "Kick fold width", Zone.MAKING, "Wide", 20, 120);

    public static final Setting KICK_HEIGHT =
            Setting.length("kickHeight", "Kick fold height", Zone.MAKING, "High", 50, 500);

    private FoldSettings() {}
}
