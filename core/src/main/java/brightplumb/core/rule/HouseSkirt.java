package brightplumb.core.rule;

import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.Setting.*;
import static java.util.Map.entry;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Amount;
import java.util.Map;

/** The house way of skirts: the body chooses the amounts. Our own choice; the habits it is made of are common practice. */
final class HouseSkirt {

    static final Way WAY = new Way(
            "house",
            Family.SKIRT,
            "House",
            "Chooses the amounts from the body: darts by the drop, the seat by its own tape where it was taken.",
            Map.ofEntries(
                    entry(
                            NEGATIVE_EASE,
                            worked(
                                    HouseHabits::negativeEase,
                                    "Stretch cloth is cut smaller than the body, a quarter of what it gives, an eighth at most.")),
                    entry(
                            HIP_EASE,
                            worked(
                                    given ->
                                            HouseHabits.ease(given, given.body().hip(), 1),
                                    "Room to sit and step: an inch all round in cloth that does not give.")),
                    entry(
                            WAIST_EASE,
                            worked(
                                    given ->
                                            HouseHabits.ease(given, given.body().waist(), 0.5),
                                    "Room to breathe and eat: half an inch all round.")),
                    entry(
                            HIP_ALLOCATION,
                            worked(
                                    HouseHabits::allocation,
                                    "The seat is fuller than the belly, so the back takes more. Two tapes across front and back say how much.")),
                    entry(
                            DART_PLAN,
                            chosen(
                                    DartPlan.BY_DROP,
                                    "Darts only as large as the difference between hip and waist asks.")),
                    entry(
                            DART_LENGTH_FRONT,
                            worked(given -> HouseHabits.aboveHip(given, 4), "The belly's fullest point lies high.")),
                    entry(
                            DART_LENGTH_BACK,
                            worked(
                                    given -> HouseHabits.aboveHip(given, 2.5),
                                    "The seat's fullest point lies lower than the belly's.")),
                    entry(CENTRE_FRONT_DROP, inches(0.25, "Undropped, cloth stands in folds under the front waist.")),
                    entry(CENTRE_BACK_DROP, inches(0.5, "For the hollow of the back.")),
                    entry(SIDE_RISE, inches(0.5, "Over the side of the hip the way is longer than down the middle.")),
                    entry(
                            BACK_IN,
                            worked(
                                    given -> Amount.inches(
                                            "by habit",
                                            given.settings()
                                                    .choice(CENTRE_BACK_SHAPE, CentreBackShape.class)
                                                    .inchesIn()),
                                    "The centre-back seam follows the hollow of the back.")),
                    entry(CENTRE_BACK_SHAPE, chosen(CentreBackShape.WAIST, "In at the waist, straight over the seat.")),
                    entry(SEAT, chosen(Seat.MEDIUM, "Used only where the centre back is shaped under the seat.")),
                    entry(LENGTH, Rule.fixed(Length.cm(60), "To about the knee, unless another length is asked.")),
                    entry(HEM_TAPER, inches(0, "As wide at the hem as at the hip.")),
                    entry(TAPER_START, inches(2.5, "A taper begun at the hip pinches it.")),
                    entry(KNEE_LEVEL, inches(0, "The taper runs straight to the hem.")),
                    entry(
                            CENTRE_BACK_HEM,
                            worked(
                                    given -> Amount.inches(
                                            "by habit",
                                            given.settings().choice(CENTRE_BACK_SHAPE, CentreBackShape.class)
                                                            == CentreBackShape.ROUND
                                                    ? 0.5
                                                    : 0),
                                    "The centre back hangs straight below the seat unless a pencil is asked.")),
                    entry(SLIT, inches(0, "No slit unless it is asked.")),
                    entry(STRIDE, Rule.fixed(Length.cm(65), "A step of an unhurried walk.")),
                    entry(BAND_PLACE, chosen(BandPlace.ABOVE, "The band stands above the waist line.")),
                    entry(BAND_HEIGHT, inches(1.5, "A band an inch and a half high.")),
                    entry(CLOSURE, chosen(Closure.CENTRE_BACK_ZIP, "Out of sight and flat.")),
                    entry(
                            ZIP_LENGTH,
                            worked(
                                    HouseHabits::zip,
                                    "Down to the hip line, and further where the hip would not go through.")),
                    entry(ALLOWANCES, chosen(AllowanceHabit.INCH, "An inch at the side, two at the hem.")),
                    entry(WAIST_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::waist)),
                    entry(SIDE_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::side)),
                    entry(CENTRE_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::centre)),
                    entry(ZIP_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::zip)),
                    entry(HEM_ALLOWANCE, HouseHabits.byHabit(AllowanceHabit::hem)),
                    entry(LET_OUT, inches(0, "No extra cloth at the side unless it is asked."))));

    private HouseSkirt() {}
}
