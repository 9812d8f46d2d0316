package brightplumb.core.block.waist;

import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Caution;
import brightplumb.core.table.Work;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Set;

/** What to mind at a hem that comes near the floor. */
public final class FloorLength {

    /** From here down a hem is trodden on at stairs: a share of the outside leg. Our own choice. */
    private static final double TO_THE_FLOOR = 0.92;

    private static final List<Caution> TRODDEN = List.of(new Caution(
            Set.of(Work.HEM, Work.TURN_UP),
            "Floor length: keep it clear of stairs, and try the step before it is sewn."));

    private FloorLength() {}

    /** Returns the caution where the garment is so long; nothing where it is not, or the leg is not known. */
    public static List<Caution> cautions(Draft draft, Settings set) {
        return set.body()
                .find(Measure.OUTSIDE_LEG)
                .filter(leg -> draft.fact(Fact.LENGTH).value() >= TO_THE_FLOOR * leg.value())
                .map(leg -> TRODDEN)
                .orElse(List.of());
    }
}
