package brightplumb.core.rule;

import static brightplumb.core.rule.BodiceSettings.ARMHOLE_FROM;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_HOLLOW_BACK;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_HOLLOW_FRONT;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_RULE;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_SHALLOWER;
import static brightplumb.core.rule.BodiceSettings.BACK_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.BODICE_WAY;
import static brightplumb.core.rule.BodiceSettings.BUST_EASE;
import static brightplumb.core.rule.BodiceSettings.FRONT_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.NECK_WIDTH;
import static brightplumb.core.rule.BodiceSettings.SHOULDER_SLOPE;
import static brightplumb.core.rule.BodiceSettings.STRAP;
import static brightplumb.core.rule.Rule.choosing;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.Map;

/** What is usual of a bodice over legs, in its two ways: the house's own, and the bench's. Common practice, no source. */
public final class BodicesOverLegs {

    /** What a garment wants round the trunk beyond the tape, to move in woven cloth. */
    private static final double TO_MOVE = 2;

    /** The depth is solved from the trunk between these, inches below the rise: four is the habit, and an inch too little for the tall with narrow hips. */
    private static final double LEAST_DEEPER = 1.5;

    private static final double MOST_DEEPER = 5;

    /** What both crotch seams are longer together than twice the depth where the back does not rise, as a share of the hip: as they come out. */
    private static final double CURVES_OF_HIP = 0.095;

    /** Its own amounts, from the shoulder down. */
    public static final Map<Setting, Rule> RULES = Map.ofEntries(
            entry(BODICE_WAY, chosen(BodiceWay.HOUSE, "The house way mends what bench habit leaves.")),
            entry(NECK_WIDTH, inches(3, "A round neck, clear of the neck's base.")),
            entry(FRONT_NECK_DEPTH, inches(3, "To the pit of the neck, or a little below.")),
            entry(BACK_NECK_DEPTH, inches(1, "Behind, the neck is higher.")),
            entry(SHOULDER_SLOPE, inches(1, "The shoulder falls an inch from neck to end.")),
            entry(STRAP, inches(0, "It lies on the whole shoulder.")),
            entry(
                    ARMHOLE_RULE,
                    choosing(
                            given -> given.body().find(Measure.ARMHOLE_GIRTH).isPresent()
                                    ? ArmholeRule.HALF_ARMHOLE
                                    : ArmholeRule.BUST_SIXTH,
                            "Half the tape round the arm, where it was taken.")),
            entry(
                    ARMHOLE_FROM,
                    choosing(
                            given -> bench(given) ? ArmholeFrom.LEVEL : ArmholeFrom.SLOPE,
                            "From the sloped shoulder, where the arm hangs; the bench takes the level line, an inch higher on the body.")),
            entry(ARMHOLE_SHALLOWER, inches(0.5, "Without a sleeve a deeper armhole gapes.")),
            entry(ARMHOLE_HOLLOW_FRONT, inches(0.5, "The arm moves forward.")),
            entry(
                    ARMHOLE_HOLLOW_BACK,
                    worked(
                            given -> Amount.byHabit(given.cloth().stretches() ? 0.5 : 0),
                            "Straight behind; in cloth that stretches both are hollowed alike.")),
            entry(
                    BUST_EASE,
                    worked(
                            given -> HouseHabits.ease(
                                    given, given.body().find(Measure.BUST_GIRTH).orElseThrow(HouseSuits::noBust), 2),
                            "Two inches to breathe in woven cloth; cloth that stretches is cut smaller instead.")));

    /**
     * So deep that crotch and centre seams together are the tape round the trunk and a little to move: no waist seam gives, so the depth must
     * come from the crotch. Where the trunk was not taken, three inches below the rise.
     */
    public static final Rule DEPTH = worked(
            BodicesOverLegs::depth,
            "No waist gives when she sits, so the crotch is deeper: by what the tape round the trunk asks, an inch and a half to five below the rise.");

    private BodicesOverLegs() {}

    private static boolean bench(Given given) {
        return given.settings().chose(BODICE_WAY, BodiceWay.BENCH);
    }

    private static Amount depth(Given given) {
        Body body = given.body();
        Amount rise = body.find(Measure.BODY_RISE).orElseThrow();
        Amount down = body.find(Measure.SHOULDER_TO_WAIST).orElseThrow(HouseSuits::noBust);
        Amount curves = body.hip().times(CURVES_OF_HIP);
        return body.find(Measure.VERTICAL_TRUNK)
                .map(loop -> loop.plus(Amount.inches("to move", given.cloth().stretches() ? 0 : TO_MOVE))
                        .minus(down.times(2))
                        .minus(curves)
                        .over(2)
                        .atLeast(rise.plus(Amount.inches("least deeper", LEAST_DEEPER)))
                        .atMost(rise.plus(Amount.inches("most deeper", MOST_DEEPER))))
                .orElseGet(() -> rise.plus(Amount.inches("deeper than the rise", 3)));
    }
}
