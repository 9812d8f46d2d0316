package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of a skirt as sewn, in the order a cutter makes them. */
public final class SkirtChecks {

    public static final List<Inspection> ALL = List.of(
            always(WaistCloses::of),
            always(GoesRound::waist),
            always(HipCloses::of),
            always(GoesRound::hip),
            always(SeamsMeet::sides),
            always(JoinsSmooth::of),
            where(DartsSound::applies, DartsSound::of),
            always(StridesFreely::of),
            always(Enters::of),
            where(StaysUp::applies, StaysUp::of),
            always(LengthSuits::of),
            always(NotchesMeet::of),
            where(CentreBackMarked::applies, CentreBackMarked::of));

    private SkirtChecks() {}
}
