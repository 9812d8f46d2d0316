package brightplumb.core.truing;

import static brightplumb.core.table.Inspection.always;
import static brightplumb.core.table.Inspection.where;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.measure.Measure;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.Half;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Inspection;
import brightplumb.core.truing.GoesRound.Round;
import java.util.List;

/** The inspections of a bodice sewn to legs at the waist, and of the legs below it, in the order a cutter makes them. */
public final class BodiceChecks {

    public static final List<Inspection> SEWN_ON = List.of(
            always(Trunk::of),
            always(CrotchChecks::depth),
            always(Enters::of),
            always(BodiceChecks::bust),
            always(WaistMeetsWaist::of),
            always(WaistCloses::of),
            always(GoesRound::waist),
            always(HipCloses::of),
            always(GoesRound::hip),
            always(LegFits::thigh),
            where(GoesRound::passesKnee, GoesRound::knee),
            always(SeamsMeet::inseams),
            always(SeamsMeet::sides),
            always(JoinsSmooth::of),
            where(DartsSound::applies, DartsSound::of),
            always(CreasePlumb::of),
            where(LegFits::hasHeel, LegFits::heel),
            always(LengthSuits::of),
            always(NotchesMeet::of));

    private BodiceChecks() {}

    /** Round the bust, on the bodice's own panels. */
    private static Check bust(Inspected on) {
        return GoesRound.fits(on, "bust.fits", "Bust room", BodiceSettings.BUST_EASE, BodiceChecks::round);
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
