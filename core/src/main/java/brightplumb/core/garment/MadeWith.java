package brightplumb.core.garment;

import brightplumb.core.table.Operation;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What a hand adds to a cut, or takes off it; wins over what settings say.
 *
 * @param with operations that are added
 * @param without operations that are taken off; {@value #ALL} leaves the block
 */
public record MadeWith(Set<String> with, Set<String> without) {

    /** Takes everything off but the block. */
    public static final String ALL = "all";

    /** As the recipe has it. */
    public static final MadeWith RECIPE = new MadeWith(Set.of(), Set.of());

    /** The block alone. */
    public static final MadeWith NOTHING = new MadeWith(Set.of(), Set.of(ALL));

    public MadeWith {
        with = Set.copyOf(new TreeSet<>(with));
        without = Set.copyOf(new TreeSet<>(without));
    }

    /** Whether an operation of the recipe stays. */
    boolean keeps(Operation operation) {
        return with.contains(operation.id()) || !without.contains(ALL) && !without.contains(operation.id());
    }

    /** Whether a hand asked for an operation, so that no setting takes it off. */
    boolean forces(Operation operation) {
        return with.contains(operation.id());
    }

    /** The titles of those a hand asked for that go to one place. */
    Optional<String> placeConflict() {
        return Catalogue.OPERATIONS.stream()
                .filter(this::forces)
                .collect(Collectors.groupingBy(Operation::place, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .filter(together -> together.size() > 1)
                .map(together -> together.stream().map(Operation::title).collect(Collectors.joining(" and ")))
                .findFirst();
    }

    /** Operations that are named here and do not exist. */
    List<String> unknown() {
        return java.util.stream.Stream.concat(with.stream(), without.stream().filter(o -> !o.equals(ALL)))
                .filter(id -> Catalogue.operation(id).isEmpty())
                .sorted()
                .toList();
    }
}
