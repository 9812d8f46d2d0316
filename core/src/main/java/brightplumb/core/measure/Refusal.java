package brightplumb.core.measure;

import java.util.List;
import java.util.stream.Collectors;

/** A request that cannot be drafted, with each fault at its field, in words for the person who asked. */
public final class Refusal extends RuntimeException {

    /**
     * One fault.
     *
     * @param field the field at fault
     * @param message what is wrong and what would do; holds no body measure, so that it may be logged
     */
    public record Fault(FieldPath field, String message) {}

    private final transient List<Fault> faults;

    /**
     * A refusal that names several faults.
     *
     * @throws IllegalArgumentException when there is none
     */
    public Refusal(List<Fault> faults) {
        super(faults.stream().map(fault -> fault.field().path()).collect(Collectors.joining(", ")));
        this.faults = List.copyOf(faults);
    }

    /**
     * A refusal of one field.
     *
     * @param message what is wrong and what would do; holds no body measure
     */
    public Refusal(FieldPath field, String message) {
        this(List.of(new Fault(field, message)));
    }

    /** The faults, in the order they were found. */
    public List<Fault> faults() {
        return faults;
    }
}
