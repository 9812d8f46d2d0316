package brightplumb.core.rule;

/** What can be set on bound edges. */
public final class BindingSettings {

    /** How wide a bias strip is cut. */
    public static final Setting BINDING_WIDTH =
            Setting.length("bindingWidth", "Binding cut wide", Zone.MAKING, "Binding cut", 15, 80);

    private BindingSettings() {}
}
