package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Amount;
import java.util.Map;

/**
 * The house way of skirts: the body chooses the amounts. Our own choice; the habits it is made of are common practice.
 */
final class HouseSkirt {

    static final Way WAY = new Way(
            "house",
            "skirt",
            "House",
            "Chooses the amounts from the body: darts by the drop, the seat by its own tape where it was taken.",
            HouseHabits.with(Map.ofEntries(
                    entry(
                            HIP_EASE,
                            worked(
                                    given ->
                                            HouseHabits.ease(given, given.body().hip(), 1),
                                    "Room to sit and step: {1} all round; cloth that stretches is cut smaller "
                                            + "instead.")),
                    entry(
                            DART_PLAN,
                            chosen(
                                    DartPlan.BY_DROP,
                                    "Darts only as large as the difference between hip and waist asks.")),
                    entry(CENTRE_BACK_DROP, inches(0.5, "For the hollow of the back.")),
                    entry(SIDE_RISE, inches(0.5, "Over the side of the hip the way is longer than down the middle.")),
                    entry(
                            BACK_IN,
                            worked(
                                    given -> Amount.byHabit(given.settings()
                                            .choice(CENTRE_BACK_SHAPE, CentreBackShape.class)
                                            .inchesIn()),
                                    "The centre-back seam follows the hollow of the back.")),
                    entry(CENTRE_BACK_SHAPE, chosen(CentreBackShape.WAIST, "In at the waist, straight over the seat.")),
                    entry(SEAT, chosen(Seat.MEDIUM, "Used only where the centre back is shaped under the seat.")),
                    entry(
                            LENGTH,
                            worked(
                                    given -> given.inProportion(Amount.byHabit(Length.cm(60))),
                                    "To about the knee, unless another length is asked. " + Given.IN_PROPORTION)),
                    entry(HEM_TAPER, inches(0, "As wide at the hem as at the hip.")),
                    entry(HEM_TAPER_FRONT, worked(given -> given.amount(HEM_TAPER), "The same in every quarter.")),
                    entry(HEM_TAPER_BACK, worked(given -> given.amount(HEM_TAPER), "The same in every quarter.")),
                    entry(TAPER_START, inches(2.5, "A taper begun at the hip pinches it.")),
                    entry(KNEE_LEVEL, inches(0, "The taper runs straight to the hem.")),
                    entry(
                            CENTRE_BACK_HEM,
                            worked(
                                    given -> Amount.byHabit(
                                            given.settings().choice(CENTRE_BACK_SHAPE, CentreBackShape.class)
                                                            == CentreBackShape.ROUND
                                                    ? 0.5
                                                    : 0),
                                    "The centre back hangs straight below the seat unless a pencil is asked.")),
                    entry(SLIT, inches(0, "No slit unless it is asked.")),
                    entry(STRIDE, Rule.fixed(Length.cm(65), "A step of an unhurried walk.")),
                    entry(CLOSURE, chosen(Closure.CENTRE_BACK_ZIP, "Out of sight and flat.")),
                    entry(
                            CENTRE_ALLOWANCE,
                            worked(
                                    HouseSkirt::centre,
                                    "Beside a zip {1} or so from waist to hem: the back is closed last, from "
                                            + "the tape; a slit's edges turn on it.")))));

    private HouseSkirt() {}

    /** What is added at the centre seam below the zip. */
    private static Amount centre(Given given) {
        boolean slit = given.amount(SLIT).value() > 0;
        if (!slit && !given.settings().chose(CLOSURE, Closure.CENTRE_BACK_ZIP)) {
            return HouseHabits.habit(given, AllowanceHabit::centre);
        }
        Amount beside = given.amount(ZIP_ALLOWANCE);
        return slit ? beside.atLeast(Amount.inches("least that turns at a slit", 1)) : beside;
    }
}
