package brightplumb.core.table;

import java.util.Locale;

/** What a figure of an inspection counts. */
public enum Quantity {
    /** Millimetres. */
    MM,
    /** Degrees. */
    DEGREES,
    /** Things. */
    COUNT;

    /** Its name in answers. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
