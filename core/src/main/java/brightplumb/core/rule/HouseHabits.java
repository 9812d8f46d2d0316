package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BandSettings.*;
import static brightplumb.core.rule.ClosureSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.measure.Length;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** What the house does alike on skirts and on legs. Our own choice. */
public final class HouseHabits {

    private static final Map<Setting, Rule> ALIKE = Map.ofEntries(
            entry(
                    NEGATIVE_EASE,
                    worked(
                            given -> negativeEase(given, 0.25),
                            "Stretch cloth is cut smaller than the body, a quarter of what it gives, an eighth at "
                                    + "most.")),
            entry(
                    WAIST_EASE,
                    worked(
                            given -> ease(given, given.body().waist(), 0.5),
                            "Room to breathe and eat: {0.5} all round.")),
            entry(
                    HIP_ALLOCATION,
                    worked(
                            HouseHabits::allocation,
                            "The seat is fuller than the belly, so the back takes more. Two tapes across front and "
                                    + "back say how much.")),
            entry(
                    DART_LENGTH_FRONT,
                    worked(given -> aboveHip(given, "front dart", 4), "The belly's fullest point lies high.")),
            entry(
                    DART_LENGTH_BACK,
                    worked(
                            given -> aboveHip(given, "back dart", 2.5),
                            "The seat's fullest point lies lower than the belly's.")),
            entry(SITS_BELOW, inches(0, "At the waist, where every depth was taped from.")),
            entry(CENTRE_FRONT_DROP, inches(0.25, "Undropped, cloth stands in folds under the front waist.")),
            entry(BAND_PLACE, chosen(BandPlace.ABOVE, "The band stands above the waist line.")),
            entry(BAND_HEIGHT, inches(1.5, "A band {1.5} high.")),
            entry(
                    ZIP_LENGTH,
                    worked(HouseHabits::zip, "Down to the hip line, and further where the hip would not go through.")),
            entry(ALLOWANCES, chosen(AllowanceHabit.INCH, "{1} at the side, {2} at the hem.")),
            entry(WAIST_ALLOWANCE, byHabit(AllowanceHabit::waist)),
            entry(SIDE_ALLOWANCE, byHabit(AllowanceHabit::side)),
            entry(ZIP_ALLOWANCE, byHabit(AllowanceHabit::zip)),
            entry(HEM_ALLOWANCE, byHabit(AllowanceHabit::hem)),
            entry(SIDE_SEWN_IN, byHabit(AllowanceHabit::sewnIn)),
            entry(SEAM_SEWN_IN, byHabit(AllowanceHabit::sewnIn)),
            entry(LET_OUT, inches(0, "No extra cloth at the side unless it is asked.")));

    private HouseHabits() {}

    private static final Rule AS_THE_WAY = chosen(Habit.BY_WAY, "What others do in its place is a choice.");

    /** A family's own rules together with those that every family has alike. */
    static Map<Setting, Rule> with(Map<Setting, Rule> own) {
        Map<Setting, Rule> rules = new HashMap<>(ALIKE);
        HabitSettings.ALL.forEach(s -> rules.put(s, AS_THE_WAY));
        rules.putAll(own);
        return rules;
    }

    static Rule byHabit(Function<AllowanceHabit, Length> edge) {
        return worked(given -> habit(given, edge), "As the habit of allowances has it.");
    }

    static Amount habit(Given given, Function<AllowanceHabit, Length> edge) {
        return Amount.byHabit(edge.apply(given.settings().choice(ALLOWANCES, AllowanceHabit.class)));
    }

    static Amount zip(Given given) {
        return given.hipDepth().atLeast(toGetIn(given));
    }

    /** How long an opening must be for the hip, and an inch to move, to go through it and the waist. */
    public static Amount toGetIn(Given given) {
        Amount hip = given.body().hip().plus(Amount.inches("to move", 1));
        Amount waist = given.body().waist().plus(given.amount(WAIST_EASE));
        return hip.minus(waist).over(2);
    }

    /** Smaller than the body by a share of what the cloth gives, an eighth at most. */
    static Amount negativeEase(Given given, double share) {
        return Amount.ratio("stretch", given.cloth().stretch()).times(share).atMost(Amount.ratio("most", 0.12));
    }

    static Amount ease(Given given, Amount girth, double wovenInches) {
        Amount negative = given.amount(NEGATIVE_EASE);
        if (negative.value() > 0) {
            return girth.times(negative).times(-1);
        }
        return Amount.byHabit(given.cloth().stretches() ? 0 : wovenInches);
    }

    static Amount allocation(Given given) {
        Body body = given.body();
        return body.arcsKnown() ? body.backHipArc().minus(body.frontHipArc()).over(4) : Amount.byHabit(0.25);
    }

    /** @param what what ends so far above the hip */
    static Amount aboveHip(Given given, String what, double inches) {
        return given.hipDepth().minus(Amount.inches(what + " short of the hip", inches));
    }
}
