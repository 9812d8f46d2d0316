package brightplumb.core.table;

/** How a body holds itself where a check is shown on it. */
public enum Posture {
    STANDING,
    SITTING,
    STEPPING
}
