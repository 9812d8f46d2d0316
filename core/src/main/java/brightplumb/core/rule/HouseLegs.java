package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.ElasticSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/**
 * The house way of trousers and shorts: the fork drops until the inseams are one length, and the back rises until the
 * loop between the legs is what the tape asked. Our own choice; the habits it is made of are common practice.
 */
final class HouseLegs {

    static final Way WAY = new Way(
            "house",
            "legs",
            "House",
            "Chooses the amounts from the body: the back slopes with the seat, the fork drops until the inseams meet, "
                    + "the back rises until the loop is what the tape asked.",
            HouseHabits.with(Map.ofEntries(
                    entry(
                            HIP_EASE,
                            worked(
                                    given ->
                                            HouseHabits.ease(given, given.body().hip(), 1.5),
                                    "Room to sit and bend: {1.5} all round; cloth that stretches is cut smaller "
                                            + "instead.")),
                    entry(WAIST_FINISH, chosen(WaistFinish.FITTED, "Darts bring the waist in to the body.")),
                    entry(
                            WAIST_EASE,
                            worked(
                                    given -> given.settings().chose(WAIST_FINISH, WaistFinish.GATHERED)
                                            ? Amount.byHabit(0)
                                            : HouseHabits.ease(
                                                    given, given.body().waist(), 0.5),
                                    "Room to breathe and eat: {0.5} all round; a waist that is drawn up needs none.")),
                    entry(DARTS_FRONT, chosen(DartCount.BY_INTAKE, "One dart carries {1}; more is split into two.")),
                    entry(
                            CENTRE_FRONT_IN,
                            worked(
                                    given -> Amount.byHabit(
                                            given.settings().chose(WAIST_FINISH, WaistFinish.GATHERED) ? 0 : 0.25),
                                    "The centre front follows the belly in to the waist; a waist that is drawn up "
                                            + "hangs plumb.")),
                    entry(SIDE_RISE, inches(0.25, "Over the side of the hip the way is longer than down the middle.")),
                    entry(
                            BACK_IN,
                            worked(
                                    given -> given.settings().choice(WAIST_FINISH, WaistFinish.class)
                                                    == WaistFinish.GATHERED
                                            ? given.amount(BACK_HIP_IN)
                                            : given.body().hip().over(14),
                                    "The centre back slopes with the seat: a twenty-eighth of the hip by the hip "
                                            + "line, as much again by the waist.")),
                    entry(
                            BACK_HIP_IN,
                            worked(
                                    given -> given.body().hip().over(28),
                                    "Sloped at the hip already, the back curve has room to run flat under the seat.")),
                    entry(FRONT_HIP_OUT, inches(0, "The centre front hangs plumb from the hip.")),
                    entry(RISE_EASE, inches(0.75, "Fitted trousers hang {0.5} to {1} below the body.")),
                    entry(CROTCH_DEPTH, belowTheRise("The rise was taken seated; a little more lets her sit in it.")),
                    entry(HIP_ABOVE_CROTCH, inches(0, "The hip line lies where it was taped.")),
                    entry(
                            FRONT_EXTENSION,
                            worked(
                                    given -> given.body().hip().over(16),
                                    "The front goes a little way under the body: a sixteenth of the hip.")),
                    entry(
                            BACK_EXTENSION,
                            worked(
                                    given -> given.amount(FRONT_EXTENSION).times(1.75),
                                    "Seat and thigh lie behind the side seam, so the back goes further under.")),
                    entry(FRONT_CURVE, chosen(FrontCurve.GUIDE, "Laid in by its distance from the corner.")),
                    entry(BACK_INSEAM, chosen(BackInseam.ONE_CURVE, "One curve from the fork to the knee.")),
                    entry(STRETCH_IN, inches(0, "Both inseams one length; nothing is stretched in.")),
                    entry(LEG_SHAPE, chosen(LegShape.TAPERED, "In one sweep to the knee, then to the hem.")),
                    entry(
                            THIGH,
                            worked(
                                    given -> given.body()
                                            .find(Measure.THIGH_GIRTH)
                                            .orElseThrow()
                                            .plus(Amount.inches("room at the thigh", 2)),
                                    "{2} of room round the thigh.")),
                    entry(
                            KNEE,
                            worked(
                                    given -> given.body()
                                            .find(Measure.KNEE_GIRTH)
                                            .orElseThrow()
                                            .plus(Amount.inches("room at the knee", 4)),
                                    "{4} of room to bend the knee.")),
                    entry(HEM, worked(given -> given.amount(KNEE), "As wide at the hem as at the knee.")),
                    entry(SIDE_IN, inches(0, "The side is not brought in further at the hem.")),
                    entry(HEM_EDGES_IN, inches(0, "As wide at the hem as it was laid off.")),
                    entry(BACK_LEG_ADD, inches(0.5, "The back leg is wider, {0.5} at each seam.")),
                    entry(BACK_SIDE_ADD, inches(0.5, "The back leg is wider, {0.5} at each seam.")),
                    entry(TURN_UP_JOIN, inches(0, "No turn-up is joined on.")),
                    entry(LENGTH, worked(HouseLegs::outsideLeg, "Down the outside of the leg, as taped.")),
                    entry(CLOSURE, chosen(Closure.FLY, "Opened at the centre front.")),
                    entry(
                            ELASTIC,
                            worked(
                                    given -> given.body().waist().minus(Amount.inches("firm, wide elastic", 1.5)),
                                    "Firm, wide elastic is {1.5} shorter than the waist.")),
                    entry(
                            ELASTIC_STRETCH,
                            worked(given -> Amount.counted("by habit", 1), "Usual elastic goes to twice its length.")),
                    entry(CROTCH_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::centre)),
                    entry(INSEAM_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::centre)))));

    private HouseLegs() {}

    /** The seated rise and its ease. */
    static Rule belowTheRise(String why) {
        return worked(given -> rise(given).plus(given.amount(RISE_EASE)), why);
    }

    private static Amount rise(Given given) {
        return given.body().find(Measure.BODY_RISE).orElseThrow();
    }

    private static Amount outsideLeg(Given given) {
        return given.body()
                .find(Measure.OUTSIDE_LEG)
                .orElseThrow(() -> new Refusal(List.of(
                        new Refusal.Fault(
                                Measure.OUTSIDE_LEG.field(),
                                "Outside leg is needed for a full leg; take it, or set a length"),
                        new Refusal.Fault(HemSettings.LENGTH.field(), "Say how long it is, or take the outside leg"))));
    }
}
