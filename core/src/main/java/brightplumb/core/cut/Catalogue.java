package brightplumb.core.cut;

import brightplumb.core.fitting.Remark;
import brightplumb.core.rule.Family;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every cut, in the order they are offered. */
public final class Catalogue {

    /** The cuts. */
    public static final List<Cut> CUTS =
            Stream.concat(SkirtCuts.ALL.stream(), LegCuts.ALL.stream()).toList();

    private Catalogue() {}

    /** The cut of that name, if there is one. */
    public static Optional<Cut> of(String id) {
        return CUTS.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** The remark of that name on any garment, if there is one. */
    public static Optional<Remark> remark(String id) {
        return Arrays.stream(Family.values())
                .flatMap(family -> Craft.of(family).remarks().stream())
                .filter(remark -> remark.id().equals(id))
                .findFirst();
    }
}
