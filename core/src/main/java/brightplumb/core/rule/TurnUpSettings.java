package brightplumb.core.rule;

/** What can be set on a turn-up. */
public final class TurnUpSettings {

    public static final Setting TURN_UP = Setting.length("turnUp", "Turn-up", Zone.MAKING, "Turn-up high", 10, 120);

    private TurnUpSettings() {}
}
