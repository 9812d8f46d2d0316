package brightplumb.core.cut;

import java.util.List;
import java.util.Optional;

/** Every cut, in the order they are offered. */
public final class Catalogue {

    /** The cuts. */
    public static final List<Cut> CUTS = SkirtCuts.ALL;

    private Catalogue() {}

    /** The cut of that name, if there is one. */
    public static Optional<Cut> of(String id) {
        return CUTS.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
