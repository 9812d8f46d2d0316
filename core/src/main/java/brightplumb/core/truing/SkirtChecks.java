package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of a skirt as sewn, in the order a cutter makes them. */
public final class SkirtChecks {

    public static final List<Inspection> ALL = List.of(
            always(WaistCloses.ID, WaistCloses::of),
            always(GoesRound.WAIST, GoesRound::waist),
            where(CentreFrontLies.ID, CentreFrontLies::applies, CentreFrontLies::of),
            always(HipCloses.ID, HipCloses::of),
            always(GoesRound.HIP, GoesRound::hip),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(JoinsSmooth.ID, JoinsSmooth::of),
            where(DartsSound.ID, DartsSound::applies, DartsSound::of),
            always(StridesFreely.ID, StridesFreely::of),
            always(Enters.ID, Enters::of),
            where(StaysUp.ID, StaysUp::applies, StaysUp::of),
            always(LengthSuits.ID, LengthSuits::of),
            always(NotchesMeet.ID, NotchesMeet::of),
            where(CentreBackMarked.ID, CentreBackMarked::applies, CentreBackMarked::of));

    private SkirtChecks() {}
}
