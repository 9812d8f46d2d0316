package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BodiceSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.SuitSettings.*;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.Map;

/**
 * The house way of bodysuits: the crotch line lies where the tape round the trunk puts it. Our own choice; the habits
 * it is made of are common practice.
 */
final class HouseSuits {

    static final Way WAY = new Way(
            "house",
            "suit",
            "House",
            "Chooses the amounts from the body: as deep as the tape round the trunk asks, less a little of what the "
                    + "cloth gives.",
            HouseBodices.with(Map.ofEntries(
                    entry(
                            HIP_EASE,
                            worked(
                                    given ->
                                            HouseHabits.ease(given, given.body().hip(), 1.5),
                                    "Room to sit and bend: {1.5}; cloth that stretches is cut smaller instead.")),
                    entry(
                            WAIST_EASE,
                            worked(
                                    HouseSuits::waistEase,
                                    "Smaller than the tape where the cloth gives, but never so small that what "
                                            + "passes it on the way in cannot.")),
                    entry(
                            CROTCH_DEPTH,
                            worked(
                                    HouseSuits::crotchLine,
                                    "The tape round the trunk, less half of what the cloth is cut smaller, shared "
                                            + "between front and back.")),
                    entry(FRONT_END, inches(1, "The front ends just below the crotch line.")),
                    entry(BACK_END, inches(3, "The back goes on under the body and comes forward.")),
                    entry(CROTCH_WIDTH, inches(1.25, "A strip {2.5} wide.")),
                    entry(
                            CROTCH_WIDTH_BACK,
                            worked(
                                    given -> given.amount(CROTCH_WIDTH),
                                    "As wide as the front, so that both ends meet.")),
                    entry(FASTENING, chosen(CrotchFastening.STUDS, "It opens between the legs.")),
                    entry(
                            CROTCH_LAP,
                            worked(
                                    given -> Amount.byHabit(
                                            given.settings().chose(FASTENING, CrotchFastening.STUDS) ? 0.75 : 0),
                                    "The studs take {0.75} of lap.")),
                    entry(
                            LEG_LINE_LEVEL,
                            worked(
                                    given -> given.amount(CROTCH_DEPTH).over(2),
                                    "Half-way between waist and crotch line.")),
                    entry(
                            LEG_LINE_WIDTH,
                            chosen(LegLineWidth.HIP_CURVE, "Above the hip the side is narrower than the hip.")),
                    entry(LEG_SHARE_FRONT, share(0.82, "Cut away in front, where the thigh lifts.")),
                    entry(LEG_SHARE_BACK, share(0.92, "Fuller behind, for the seat.")),
                    entry(LEG_GUIDE_FRONT, inches(0, "By the share of the straight line.")),
                    entry(LEG_GUIDE_BACK, inches(0, "By the share of the straight line.")),
                    entry(LEG_HOLLOW, inches(0, "No more hollow than its share.")),
                    entry(COVER, inches(0, "No more cover than its share.")),
                    entry(CLOSURE, chosen(Closure.NONE, "It is drawn on: cloth that stretches needs no zip.")),
                    entry(
                            ZIP_LENGTH,
                            worked(
                                    HouseSuits::zip,
                                    "From the back neck past the waist, and so far beyond that the hips go through "
                                            + "it.")),
                    entry(ALLOWANCES, chosen(AllowanceHabit.KNIT, "{1} at the side, {0.5} at seams.")),
                    entry(CENTRE_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::centre)))));

    private HouseSuits() {}

    /**
     * As wide as what passes it on the way in asks of the cloth: the bust, drawn over the head where it opens between
     * the legs, else the hips; no wider than the tape where that is enough.
     */
    private static Amount waistEase(Given given) {
        Body body = given.body();
        Amount own = HouseHabits.ease(given, body.waist(), 0.5);
        if (!given.cloth().stretches()) {
            return own;
        }
        boolean studs = given.settings().chose(FASTENING, CrotchFastening.STUDS);
        Amount passes = studs ? body.find(Measure.BUST_GIRTH).orElseThrow(HouseBodices::noBust) : body.hip();
        return own.atLeast(passes.over(1 + given.cloth().stretch())
                .plus(given.amount(SIDE_SEWN_IN).times(4))
                .minus(body.waist())
                .called("what must pass it"));
    }

    /** The zip's own part above the waist, and below it what the waist lacks, an inch at the least. */
    private static Amount zip(Given given) {
        Amount down = given.body().find(Measure.SHOULDER_TO_WAIST).orElseThrow(HouseBodices::noBust);
        return down.minus(given.amount(BACK_NECK_DEPTH))
                .plus(HouseHabits.toGetIn(given).atLeast(Amount.inches("past the waist", 1)));
    }

    static Rule share(double share, String why) {
        return worked(given -> Amount.ratio("share", share), why);
    }

    /**
     * So deep that front and back together are the tape round the trunk as it is cut; by the rise where it was not
     * taken.
     */
    private static Amount crotchLine(Given given) {
        Body body = given.body();
        Amount rise = body.find(Measure.BODY_RISE).orElseThrow();
        // Cloth that gives round the body alone cannot be shorter than it: it wants room to move, as woven cloth does.
        boolean bothWays = given.cloth().stretchesBothWays();
        Amount smaller = bothWays ? given.amount(NEGATIVE_EASE).over(2) : Amount.ratio("none along", 0);
        Amount down = body.find(Measure.SHOULDER_TO_WAIST).orElseThrow(HouseBodices::noBust);
        return body.find(Measure.VERTICAL_TRUNK)
                .map(loop -> bothWays ? loop.minus(loop.times(smaller)) : loop.plus(Amount.inches("to move", 2)))
                .map(loop -> loop.plus(given.amount(CROTCH_LAP))
                        .minus(down.times(2))
                        .minus(given.amount(FRONT_END).times(2))
                        .minus(given.amount(BACK_END))
                        .over(2)
                        .atLeast(rise.times(0.8))
                        .atMost(rise.times(1.15)))
                .orElseGet(() -> rise.minus(rise.times(smaller)));
    }
}
