package brightplumb.core.rule;

/** One of a setting's named choices. */
public interface Choice {

    /** Its name in requests. */
    String id();

    /** Its name at the bench. */
    String title();
}
