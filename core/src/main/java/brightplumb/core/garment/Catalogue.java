package brightplumb.core.garment;

import brightplumb.core.fitting.Remark;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Operation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every cut, in the order they are offered, and everything that can be done to one. */
public final class Catalogue {

    /** The parts. */
    public static final List<Part> PARTS = List.of(Parts.SKIRT, Parts.LEGS);

    /** What a hand can add to a garment, or take off it. */
    public static final List<Operation> OPERATIONS = Operations.ALL;

    /** The cuts. */
    public static final List<Cut> CUTS =
            Stream.concat(SkirtCuts.ALL.stream(), LegCuts.ALL.stream()).toList();

    private Catalogue() {}

    /** The cut of that name, if there is one. */
    public static Optional<Cut> of(String id) {
        return CUTS.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The operation of that name, if there is one. */
    public static Optional<Operation> operation(String id) {
        return OPERATIONS.stream().filter(o -> o.id().equals(id)).findFirst();
    }

    /** The remark of that name on any garment, if there is one. */
    public static Optional<Remark> remark(String id) {
        return PARTS.stream()
                .flatMap(part -> part.remarks().stream())
                .filter(remark -> remark.id().equals(id))
                .findFirst();
    }

    /** Every way of every part, in the order they are offered. */
    public static List<Way> ways() {
        return PARTS.stream().flatMap(p -> p.ways().stream()).toList();
    }

    /** The title of a way of that name, on any garment. */
    public static Optional<String> wayTitle(String id) {
        return CUTS.stream()
                .flatMap(c -> c.ways().stream())
                .filter(w -> w.id().equals(id))
                .map(Way::title)
                .findFirst();
    }
}
