package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.measure.Measure;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Inspection;
import brightplumb.core.truing.GoesRound.Round;
import java.util.List;

/**
 * The inspections of a bodice sewn to legs at the waist, and of the legs below it, in the order a cutter makes them.
 */
public final class BodiceChecks {

    public static final List<Inspection> SEWN_ON = List.of(
            always(Trunk.ID, Trunk::of),
            always(CrotchChecks.DEPTH, CrotchChecks::depth),
            always(Enters.ID, Enters::of),
            always(GoesRound.BUST, BodiceChecks::bust),
            always(WaistMeetsWaist.ID, WaistMeetsWaist::of),
            always(WaistCloses.ID, WaistCloses::of),
            always(GoesRound.WAIST, GoesRound::waist),
            where(CentreFrontLies.ID, CentreFrontLies::applies, CentreFrontLies::of),
            always(HipCloses.ID, HipCloses::of),
            always(GoesRound.HIP, GoesRound::hip),
            always(LegFits.THIGH, LegFits::thigh),
            where(GoesRound.KNEE, GoesRound::passesKnee, GoesRound::knee),
            always(SeamsMeet.INSEAMS, SeamsMeet::inseams),
            always(SeamsMeet.SIDES, SeamsMeet::sides),
            always(JoinsSmooth.ID, JoinsSmooth::of),
            where(DartsSound.ID, DartsSound::applies, DartsSound::of),
            always(CreasePlumb.ID, CreasePlumb::of),
            where(LegFits.HEEL, LegFits::hasHeel, LegFits::heel),
            always(LengthSuits.ID, LengthSuits::of),
            always(NotchesMeet.ID, NotchesMeet::of));

    private BodiceChecks() {}

    /** Round the bust, on the bodice's own panels. */
    private static Check bust(Inspected on) {
        return GoesRound.fits(on, GoesRound.BUST, "Bust room", BodiceSettings.BUST_EASE, BodiceChecks::round);
    }

    private static Round round(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double level = on.draft().level("bust").orElseThrow();
        double body = on.body().find(Measure.BUST_GIRTH).orElseThrow().value();
        return new Round(
                "bust",
                (2 * across(on, Half.FRONT, level) - on.sewnIn() / 2) * give,
                (2 * across(on, Half.BACK, level) - on.sewnIn() / 2) * give,
                body,
                body);
    }

    private static double across(Inspected on, Half half, double level) {
        Piece bodice = on.draft().piece(BodiceEdges.of(half));
        return Inspected.sideAt(bodice, level);
    }
}
