package brightplumb.core.table;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** One thing that is looked at before cloth is cut. */
@FunctionalInterface
public interface Inspection {

    /** What is found on a draft; empty where the garment has not the parts it speaks of. */
    Optional<Check> of(Inspected on);

    /** One that is made on every draft of its part. */
    static Inspection always(Function<Inspected, Check> check) {
        return on -> Optional.of(check.apply(on));
    }

    /** One that is made where there is something to look at. */
    static Inspection where(Predicate<Inspected> there, Function<Inspected, Check> check) {
        return on -> there.test(on) ? Optional.of(check.apply(on)) : Optional.empty();
    }
}
