package brightplumb.core.rule;

/** What can be set on bound edges. */
public final class BindingSettings {

    /** How wide a bias strip is cut. */
    public static final Setting BINDING_WIDTH =
            Setting.length("bindingWidth", "Binding cut wide", Zone.MAKING, "Binding cut", 15, 80);

    /** What is added at each end of a bias strip. */
    public static final Setting BINDING_ENDS =
            Setting.length("bindingEnds", "Ends of a binding", Zone.MAKING, "Ends of a binding", 0, 40);

    private BindingSettings() {}
}
