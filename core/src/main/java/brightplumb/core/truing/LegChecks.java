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
            where(on -> !on.gathered(), GoesRound::waist),
            always(HipCloses::of),
            always(GoesRound::hip),
            always(JoinsSmooth::of),
            where(DartsSound::applies, DartsSound::of),
            always(LegFits::thigh),
            where(GoesRound::passesKnee, GoesRound::knee),
            always(CreasePlumb::of),
            always(CrotchChecks::sits),
            always(Enters::of),
            where(Inspected::gathered, LegFits::elastic),
            where(StaysUp::applies, StaysUp::of),
            where(LegFits::hasHeel, LegFits::heel),
            always(LengthSuits::of),
            always(NotchesMeet::of));

    private LegChecks() {}
}
