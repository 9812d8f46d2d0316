package brightplumb.core.table;

import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Settings;

/** Where a garment can be drawn again with other settings, to find what would settle an inspection. */
public interface DraftingTable {

    /**
     * The same garment for the same body with other settings.
     *
     * @throws brightplumb.core.measure.Refusal when it cannot be drawn so
     */
    Draft draft(Settings set);

    /** Whether what is drawn with these settings can also be cut: no outline runs through itself. */
    default boolean cuts(Settings set) {
        return true;
    }
}
