package brightplumb.core.truing;

import java.util.ArrayList;
import java.util.List;

/** The inspections of trousers and shorts as sewn, in the order a cutter makes them. */
public final class LegChecks {

    private LegChecks() {}

    /** All inspections that apply to a leg draft. */
    public static List<Check> of(Inspected on) {
        List<Check> checks = new ArrayList<>();
        checks.add(CrotchChecks.length(on));
        checks.add(CrotchChecks.depth(on));
        checks.add(SeamsMeet.inseams(on));
        checks.add(SeamsMeet.sides(on));
        checks.add(WaistCloses.of(on));
        checks.add(HipCloses.of(on));
        checks.add(JoinsSmooth.of(on));
        if (!on.front().darts().isEmpty() || !on.back().darts().isEmpty()) {
            checks.add(DartsSound.of(on));
        }
        checks.add(LegFits.thigh(on));
        checks.add(CreasePlumb.of(on));
        checks.add(CrotchChecks.sits(on));
        checks.add(Enters.of(on));
        if (on.gathered()) {
            checks.add(LegFits.elastic(on));
        }
        if (LegFits.hasHeel(on)) {
            checks.add(LegFits.heel(on));
        }
        return List.copyOf(checks);
    }
}
