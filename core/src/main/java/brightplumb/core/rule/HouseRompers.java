package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BodiceSettings.*;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.CrotchSettings.RISE_EASE;
import static brightplumb.core.rule.HemSettings.LENGTH;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.HipSettings.NEGATIVE_EASE;
import static brightplumb.core.rule.LegSettings.HEM_EDGES_IN;
import static brightplumb.core.rule.Rule.choosing;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.SuitSettings.*;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * The house way of rompers cut on their fold, without centre seams and without a fork. Our own choice; the habits are
 * common practice.
 */
final class HouseRompers {

    /**
     * The depth is solved from the trunk within these, inches below the rise: four is the habit, and half an inch too
     * little for the tall.
     */
    private static final double LEAST_DEEPER = 1.5;

    private static final double MOST_DEEPER = 4.5;

    static final Way WAY = new Way(
            "house",
            "romper",
            "House",
            "One pattern for front and back, on the fold: as deep as the tape round the trunk asks, since no waist "
                    + "seam gives.",
            rules());

    private HouseRompers() {}

    private static Map<Setting, Rule> rules() {
        Map<Setting, Rule> rules = new HashMap<>(HouseSuits.WAY.rules());
        // It is sewn shut between the legs, and nothing laps there.
        rules.keySet().removeAll(Set.of(SuitSettings.FASTENING, SuitSettings.CROTCH_LAP));
        rules.putAll(Map.ofEntries(
                entry(
                        NECK_WIDTH,
                        Rule.inProportion(
                                Amount.byHabit(4), "Wide enough for the hips to go through: it opens nowhere else.")),
                entry(
                        FRONT_NECK_DEPTH,
                        Rule.inProportion(Amount.byHabit(7), "Deep enough for the hips to go through.")),
                entry(
                        BACK_NECK_DEPTH,
                        worked(given -> given.amount(FRONT_NECK_DEPTH), "Front and back from one pattern.")),
                entry(
                        NEGATIVE_EASE,
                        HouseSuits.share(
                                0, "The seams, sewn inside the line, are the ease; never that and less cloth.")),
                entry(
                        HIP_EASE,
                        worked(
                                HouseRompers::hipEase,
                                "None where the cloth gives; more where the thigh would not go through the "
                                        + "leg that falls plumb from the hip.")),
                entry(STRAP, Rule.inProportion(Amount.byHabit(1.5), "{1.5} wide when it is finished.")),
                entry(
                        ARMHOLE_HOLLOW_BACK,
                        worked(given -> given.amount(ARMHOLE_HOLLOW_FRONT), "Front and back from one pattern.")),
                entry(RISE_EASE, inches(3, "Without a waist seam to give, {3} deeper than the rise.")),
                entry(
                        CROTCH_DEPTH,
                        worked(
                                HouseRompers::depth,
                                "The tape round the trunk, shared between front and back; {1.5 to 4.5} below "
                                        + "the rise.")),
                entry(
                        INNER_LEG_IN,
                        worked(
                                given -> given.body()
                                        .hip()
                                        .over(28)
                                        .atLeast(Amount.inches("least", 1))
                                        .atMost(Amount.inches("most", 1.5)),
                                "A twenty-eighth of the hip, {1 to 1.5}.")),
                entry(
                        LENGTH,
                        worked(
                                given -> given.inProportion(Amount.byHabit(19))
                                        .atLeast(given.amount(CROTCH_DEPTH).plus(Amount.inches("least leg", 4))),
                                "To the middle of the thigh, unless another length is asked.")),
                entry(
                        WAIST_EASE,
                        worked(
                                given -> given.body()
                                        .hip()
                                        .plus(given.amount(HIP_EASE))
                                        .minus(given.body().waist())
                                        .minus(given.body()
                                                .hip()
                                                .minus(given.body().waist())
                                                .notBelowZero()
                                                .over(2)),
                                "It hangs from bust to hip; the waist comes in by half of what it might.")),
                entry(INSEAM_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::centre)),
                entry(HEM_EDGES_IN, inches(0, "It falls plumb.")),
                entry(HEM_ALLOWANCE, inches(1, "{1} turned.")),
                entry(
                        ALLOWANCES,
                        choosing(
                                given -> given.cloth().stretches() ? AllowanceHabit.ON_THE_LINE : AllowanceHabit.INCH,
                                "Cut on the body line, the seams are the ease; cloth that does not give has "
                                        + "allowances outside it."))));
        return rules;
    }

    /**
     * What the thigh asks of a leg that is half the hip less what both inner legs come in: the least ease is none, or
     * the usual in woven cloth.
     */
    private static Amount hipEase(Given given) {
        boolean gives = given.cloth().stretches();
        Amount thigh = given.body().find(Measure.THIGH_GIRTH).orElseThrow();
        Amount round =
                gives ? thigh.over(1 + given.cloth().stretch()) : thigh.plus(Amount.inches("room at the thigh", 2));
        Amount quarter = round.over(2)
                .plus(given.amount(INNER_LEG_IN))
                .plus(given.amount(SIDE_SEWN_IN))
                .plus(given.amount(SEAM_SEWN_IN));
        return quarter.times(4).minus(given.body().hip()).atLeast(Amount.inches("usual ease", gives ? 0 : 1.5));
    }

    private static Amount depth(Given given) {
        Body body = given.body();
        Amount rise = body.find(Measure.BODY_RISE).orElseThrow();
        Amount usual = rise.plus(given.amount(RISE_EASE));
        Amount down = body.find(Measure.SHOULDER_TO_WAIST).orElseThrow(HouseBodices::noBust);
        // The trunk is held as the girth is by its seams: by so much less cloth.
        Amount held = given.amount(SIDE_SEWN_IN).times(4);
        // The tape round the trunk crosses a shoulder, of which both edges are sewn inside their lines.
        Amount shoulder = given.amount(SEAM_SEWN_IN);
        boolean gives = given.cloth().stretches();
        return body.find(Measure.VERTICAL_TRUNK)
                .map(loop -> (gives ? loop.minus(held) : loop.plus(Amount.inches("to move", 2.5)))
                        .over(2)
                        .minus(down)
                        .atLeast(rise.plus(Amount.inches("least deeper", LEAST_DEEPER)))
                        .atMost(rise.plus(Amount.inches("most deeper", MOST_DEEPER)))
                        .plus(shoulder))
                .orElse(usual);
    }
}
