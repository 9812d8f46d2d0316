package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.table.Inspection;
import java.util.List;

/** The inspections of a bodysuit as sewn, in the order a cutter makes them. */
public final class SuitChecks {

    public static final List<Inspection> ALL = List.of(
            always(Trunk.ID, Trunk::of),
            always(Enters.ID, DrawnOn::of),
            always(GoesRound.BUST, BodyRoom::bust),
            always(GoesRound.WAIST, BodyRoom::waist),
            where(GoesRound.HIP, BodyRoom::reachesHip, BodyRoom::hip),
            always(LegFits.THIGH, BodyRoom::leg),
            where(BodyRoom.ARMHOLE, BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom.NECK, BodyRoom::neck),
            always(BodyRoom.ENDS, BodyRoom::ends),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(JoinsSmooth.ID, SuitJoins::of),
            always(NotchesMeet.ID, NotchesMeet::of));

    /** Those of a romper cut on its fold. */
    public static final List<Inspection> ROMPER = List.of(
            always(Trunk.ID, Trunk::of),
            always(Enters.ID, DrawnOn::of),
            always(GoesRound.BUST, BodyRoom::bust),
            always(GoesRound.WAIST, BodyRoom::waist),
            where(GoesRound.HIP, BodyRoom::reachesHip, BodyRoom::hip),
            always(LegFits.THIGH, BodyRoom::hem),
            where(BodyRoom.ARMHOLE, BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom.NECK, BodyRoom::neck),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(JoinsSmooth.ID, SuitJoins::of),
            always(NotchesMeet.ID, NotchesMeet::of));

    /** Those of a garment in one from the shoulder to legs with a fork. */
    public static final List<Inspection> OVER_LEGS = List.of(
            always(Trunk.ID, Trunk::of),
            always(CrotchChecks.DEPTH, CrotchChecks::depth),
            always(Enters.ID, DrawnOn::of),
            always(GoesRound.BUST, BodyRoom::bust),
            always(GoesRound.WAIST, BodyRoom::waist),
            always(GoesRound.HIP, BodyRoom::hip),
            always(LegFits.THIGH, LegFits::thigh),
            where(GoesRound.KNEE, GoesRound::passesKnee, GoesRound::knee),
            where(BodyRoom.ARMHOLE, BodyRoom::armTaped, BodyRoom::arm),
            always(BodyRoom.NECK, BodyRoom::neck),
            always(SeamsMeet.INSEAMS, SeamsMeet::inseams),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(JoinsSmooth.ID, SuitJoins::of),
            where(LegFits.HEEL, LegFits::hasHeel, LegFits::heel),
            always(LengthSuits.ID, LengthSuits::of),
            always(NotchesMeet.ID, NotchesMeet::of));

    private SuitChecks() {}
}
