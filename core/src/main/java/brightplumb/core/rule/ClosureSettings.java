package brightplumb.core.rule;

/** What can be set on the opening. */
public final class ClosureSettings {

    public static final Setting CLOSURE =
            Setting.choice("closure", "Closure", Zone.MAKING, "Closed by", Closure.values());
    public static final Setting ZIP_LENGTH = Setting.length("zipLength", "Zip length", Zone.MAKING, "Zip long", 60, 600)
            .tellingByItsStep()
            .when(set -> !set.chose(CLOSURE, Closure.NONE));

    private ClosureSettings() {}
}
