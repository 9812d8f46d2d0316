package brightplumb.core.rule;

import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.Setting.ALLOWANCES;
import static brightplumb.core.rule.Setting.NEGATIVE_EASE;
import static brightplumb.core.rule.Setting.WAIST_EASE;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.working.Amount;
import java.util.Optional;
import java.util.function.Function;

/** What the house does alike on skirts and on legs. Our own choice. */
final class HouseHabits {

    private HouseHabits() {}

    static Rule byHabit(Function<AllowanceHabit, Length> edge) {
        return worked(
                given -> Amount.length(
                        "by habit", edge.apply(given.settings().choice(ALLOWANCES, AllowanceHabit.class))),
                "As the habit of allowances has it.");
    }

    static Amount zip(Given given) {
        Amount hip = given.body().hip().plus(Amount.inches("to move", 1));
        Amount waist = given.body().waist().plus(given.amount(WAIST_EASE));
        return given.hipDepth().atLeast(hip.minus(waist).over(2));
    }

    static Amount negativeEase(Given given) {
        Amount quarterOfStretch =
                Amount.ratio("stretch", given.cloth().stretch()).times(0.25);
        return quarterOfStretch.atMost(Amount.ratio("most", 0.12));
    }

    static Amount ease(Given given, Amount girth, double wovenInches) {
        Amount negative = given.amount(NEGATIVE_EASE);
        return negative.value() > 0 ? girth.times(negative).times(-1) : Amount.inches("by habit", wovenInches);
    }

    static Amount allocation(Given given) {
        Optional<Amount> front = given.body().find(Measure.FRONT_HIP_ARC);
        Optional<Amount> back = given.body().find(Measure.BACK_HIP_ARC);
        return front.isPresent() && back.isPresent()
                ? back.get().minus(front.get()).over(4)
                : Amount.inches("by habit", 0.25);
    }

    static Amount aboveHip(Given given, double inches) {
        return given.hipDepth().minus(Amount.inches("short of the hip", inches));
    }
}
