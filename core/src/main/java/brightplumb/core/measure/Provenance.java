package brightplumb.core.measure;

/** Where a value came from. */
public enum Provenance {
    /** Read off a tape on this body. */
    MEASURED,
    /** Worked out by a rule from other measures. */
    ESTIMATED,
    /** Taken from a size table. */
    TABLE
}
