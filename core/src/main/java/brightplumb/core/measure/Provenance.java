package brightplumb.core.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Where a value came from. */
public enum Provenance {
    /** Read off a tape on this body. */
    MEASURED("off the tape"),
    /** Worked out by a rule from other measures. */
    ESTIMATED("estimated on the sheet"),
    /** Taken from a size table. */
    TABLE("from a size table");

    private final String said;

    Provenance(String said) {
        this.said = said;
    }

    /** Where it came from, in the bench's words. */
    public String said() {
        return said;
    }

    /** Whether it was read off a tape on this body; anything else is a guess about it. */
    public boolean taped() {
        return this == MEASURED;
    }

    /** The provenance of that name, in lower case. */
    public static Optional<Provenance> of(String name) {
        return Arrays.stream(values())
                .filter(p -> p.name().toLowerCase(Locale.ROOT).equals(name))
                .findFirst();
    }
}
