package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspected;
import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of trousers and shorts as sewn, in the order a cutter makes them. */
public final class LegChecks {

    public static final List<Inspection> ALL = List.of(
            always(CrotchChecks.LENGTH, CrotchChecks::length),
            always(CrotchChecks.DEPTH, CrotchChecks::depth),
            always(SeamsMeet.INSEAMS, SeamsMeet::inseams),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(WaistCloses.ID, WaistCloses::of),
            where(GoesRound.WAIST, on -> !on.gathered(), GoesRound::waist),
            where(CentreFrontLies.ID, CentreFrontLies::applies, CentreFrontLies::of),
            always(HipCloses.ID, HipCloses::of),
            always(GoesRound.HIP, GoesRound::hip),
            always(JoinsSmooth.ID, JoinsSmooth::of),
            where(DartsSound.ID, DartsSound::applies, DartsSound::of),
            always(LegFits.THIGH, LegFits::thigh),
            where(GoesRound.KNEE, GoesRound::passesKnee, GoesRound::knee),
            always(CreasePlumb.ID, CreasePlumb::of),
            always(CrotchChecks.SITS, CrotchChecks::sits),
            always(Enters.ID, Enters::of),
            where(LegFits.ELASTIC, Inspected::gathered, LegFits::elastic),
            where(StaysUp.ID, StaysUp::applies, StaysUp::of),
            where(LegFits.HEEL, LegFits::hasHeel, LegFits::heel),
            always(LengthSuits.ID, LengthSuits::of),
            always(NotchesMeet.ID, NotchesMeet::of));

    private LegChecks() {}
}
