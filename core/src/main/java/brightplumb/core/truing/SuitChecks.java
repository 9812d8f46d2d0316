package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of a bodysuit as sewn, in the order a cutter makes them. */
public final class SuitChecks {

    public static final List<Inspection> ALL = List.of(
            always(Trunk::of),
            always(DrawnOn::of),
            always(BodyRoom::bust),
            always(BodyRoom::waist),
            where(BodyRoom::reachesHip, BodyRoom::hip),
            always(BodyRoom::leg),
            where(BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom::neck),
            always(BodyRoom::ends),
            always(SeamsMeet::sides),
            always(SuitJoins::of),
            always(NotchesMeet::of));

    /** Those of a romper cut on its fold. */
    public static final List<Inspection> ROMPER = List.of(
            always(Trunk::of),
            always(DrawnOn::of),
            always(BodyRoom::bust),
            always(BodyRoom::waist),
            where(BodyRoom::reachesHip, BodyRoom::hip),
            always(BodyRoom::hem),
            where(BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom::neck),
            always(SeamsMeet::sides),
            always(SuitJoins::of),
            always(NotchesMeet::of));

    /** Those of a garment in one from the shoulder to legs with a fork. */
    public static final List<Inspection> OVER_LEGS = List.of(
            always(Trunk::of),
            always(CrotchChecks::depth),
            always(DrawnOn::of),
            always(BodyRoom::bust),
            always(BodyRoom::waist),
            always(BodyRoom::hip),
            always(LegFits::thigh),
            where(GoesRound::passesKnee, GoesRound::knee),
            where(BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom::neck),
            always(SeamsMeet::inseams),
            always(SeamsMeet::sides),
            always(SuitJoins::of),
            where(LegFits::hasHeel, LegFits::heel),
            always(LengthSuits::of),
            always(NotchesMeet::of));

    private SuitChecks() {}
}
