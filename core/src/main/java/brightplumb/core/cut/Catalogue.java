package brightplumb.core.cut;

import static brightplumb.core.measure.Measure.*;

import brightplumb.core.rule.Family;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Every cut, in the order they are offered. */
public final class Catalogue {

    /** The cuts. */
    public static final List<Cut> CUTS = List.of(new Cut(
            "straight-skirt",
            "Straight skirt",
            "From the waist over the hip and straight down, or tapered to a pencil line.",
            Family.SKIRT,
            "house",
            List.of(WAIST_GIRTH, HIP_GIRTH, HIP_DEPTH, FRONT_HIP_ARC, BACK_HIP_ARC, BUST_GIRTH, BUST_SPAN),
            Map.of()));

    private Catalogue() {}

    /** The cut of that name, if there is one. */
    public static Optional<Cut> of(String id) {
        return CUTS.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
