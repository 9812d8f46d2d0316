package brightplumb.core.rule;

import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.LegSettings.HEM;
import static brightplumb.core.rule.LegSettings.KNEE;
import static brightplumb.core.rule.LegSettings.THIGH;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.Map;

/**
 * Legs whose fork is a quarter of the hip quarter, the back drawn an inch outside the front. Common practice, no
 * source.
 */
final class SixteenthLegs {

    static final Way WAY = Way.like(
            QuarterLegs.WAY,
            "sixteenth",
            "Sixteenth",
            "The fork is a quarter of the hip quarter; thigh, knee and hem by the tape; the back {1} outside the "
                    + "front, its centre raised and sloped.",
            Map.ofEntries(
                    entry(HIP_EASE, inches(2, "{0.5} in each quarter.")),
                    entry(BACK_IN, inches(1.5, "{1.5} in, along the slope of the back.")),
                    entry(BACK_RISE, inches(1.5, "Bending and sitting lengthen the back.")),
                    entry(FRONT_HIP_OUT, inches(0.5, "{0.5} out at the hip, for the belly.")),
                    entry(CROTCH_DEPTH, HouseLegs.belowTheRise("As deep as the seated rise.")),
                    entry(
                            FRONT_EXTENSION,
                            worked(
                                    given -> given.body()
                                            .hip()
                                            .plus(given.amount(HIP_EASE))
                                            .over(4)
                                            .called("hip quarter")
                                            .over(4),
                                    "A quarter of the hip quarter.")),
                    entry(
                            BACK_EXTENSION,
                            worked(
                                    given -> given.amount(FRONT_EXTENSION).plus(Amount.inches("beyond the front", 2)),
                                    "{2} beyond the front.")),
                    entry(LEG_SHAPE, chosen(LegShape.TAPE, "Thigh, knee and hem by the tape, each on the crease.")),
                    entry(THIGH, bare(Measure.THIGH_GIRTH)),
                    entry(KNEE, bare(Measure.KNEE_GIRTH)),
                    entry(
                            HEM,
                            worked(
                                    given -> taped(given, Measure.ANKLE_GIRTH)
                                            .plus(wider(given))
                                            .atLeast(taped(given, Measure.ANKLE_GIRTH)
                                                    .times(1.25)
                                                    .called("heel")),
                                    "The bare ankle, the back {2} wider; never under what the heel needs.")),
                    entry(BACK_LEG_ADD, inches(1, "{1} outside the front, from the knee down.")),
                    entry(BACK_SIDE_ADD, inches(1, "{1} outside the front, from the knee down."))));

    private SixteenthLegs() {}

    /** The bare tape in front and behind, and what the back is wider. */
    private static Rule bare(Measure measure) {
        return worked(given -> taped(given, measure).plus(wider(given)), "The bare tape, the back {2} wider.");
    }

    private static Amount taped(Given given, Measure measure) {
        return given.body().find(measure).orElseThrow();
    }

    private static Amount wider(Given given) {
        return given.amount(BACK_LEG_ADD).plus(given.amount(BACK_SIDE_ADD)).called("back wider");
    }
}
