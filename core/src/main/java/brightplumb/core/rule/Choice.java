package brightplumb.core.rule;

/** One of a setting's named choices. */
public non-sealed interface Choice extends SettingValue {

    /** Its name in requests. */
    String id();

    /** Its name at the bench. */
    String title();

    @Override
    default Object told() {
        return id();
    }
}
