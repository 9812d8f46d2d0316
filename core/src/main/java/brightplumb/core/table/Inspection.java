package brightplumb.core.table;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * One thing that is looked at before cloth is cut.
 *
 * @param id the name of what is found
 * @param applies whether a garment has the parts it speaks of
 * @param look what is found on a draft
 */
public record Inspection(CheckId id, Predicate<Inspected> applies, Function<Inspected, Check> look) {

    /** One that is made on every draft of its part. */
    public static Inspection always(CheckId id, Function<Inspected, Check> look) {
        return new Inspection(id, on -> true, look);
    }

    /** One that is made where there is something to look at. */
    public static Inspection where(CheckId id, Predicate<Inspected> applies, Function<Inspected, Check> look) {
        return new Inspection(id, applies, look);
    }

    /**
     * Returns what is found on a draft; empty where the garment has not the parts it speaks of.
     *
     * @throws IllegalStateException when it finds something under another name than its own
     */
    public Optional<Check> of(Inspected on) {
        if (!applies.test(on)) {
            return Optional.empty();
        }
        Check found = look.apply(on);
        if (!found.id().equals(id)) {
            throw new IllegalStateException(id + " was found as " + found.id());
        }
        return Optional.of(found);
    }
}
