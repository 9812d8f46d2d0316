package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspected;
import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of trousers and shorts as sewn, in the order a cutter makes them. */
public final class LegChecks {

    public static final List<Inspection> ALL = List.of(
            always(CrotchChecks::length),
            always(CrotchChecks::depth),
            always(SeamsMeet::inseams),
            always(SeamsMeet::sides),
            always(WaistCloses::of),
            always(HipCloses::of),
            always(JoinsSmooth::of),
            where(DartsSound::applies, DartsSound::of),
            always(LegFits::thigh),
            always(CreasePlumb::of),
            always(CrotchChecks::sits),
            always(Enters::of),
            where(Inspected::gathered, LegFits::elastic),
            where(LegFits::hasHeel, LegFits::heel));

    private LegChecks() {}
}
