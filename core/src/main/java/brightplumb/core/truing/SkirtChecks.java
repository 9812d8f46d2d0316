package brightplumb.core.truing;

import java.util.ArrayList;
import java.util.List;

/** The inspections of a skirt as sewn, in the order a cutter makes them. */
public final class SkirtChecks {

    private SkirtChecks() {}

    /** All inspections that apply to a skirt draft. */
    public static List<Check> of(Inspected on) {
        List<Check> checks = new ArrayList<>();
        checks.add(WaistCloses.of(on));
        checks.add(HipCloses.of(on));
        checks.add(SeamsMeet.sides(on));
        checks.add(JoinsSmooth.of(on));
        if (!on.front().darts().isEmpty() || !on.back().darts().isEmpty()) {
            checks.add(DartsSound.of(on));
        }
        checks.add(StridesFreely.of(on));
        checks.add(Enters.of(on));
        if (CentreBackMarked.applies(on)) {
            checks.add(CentreBackMarked.of(on));
        }
        return List.copyOf(checks);
    }
}
