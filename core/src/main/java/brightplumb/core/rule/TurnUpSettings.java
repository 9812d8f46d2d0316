package brightplumb.core.rule;

/** What can be set on a turn-up. */
public final class TurnUpSettings {

    public static final Setting TURN_UP = Setting.length("turnUp", "Turn-up", Zone.MAKING, "Turn-up high", 10, 120);

    public static final Setting TURN_UP_KIND =
            Setting.choice("turnUpKind", "How the turn-up is cut", Zone.MAKING, "Cut as", TurnUpKind.values());

    private TurnUpSettings() {}
}
