package brightplumb.core.rule;

import static brightplumb.core.rule.BodiceSettings.ARMHOLE_FROM;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_HOLLOW_BACK;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_HOLLOW_FRONT;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_RULE;
import static brightplumb.core.rule.BodiceSettings.ARMHOLE_SHALLOWER;
import static brightplumb.core.rule.BodiceSettings.BACK_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.BUST_EASE;
import static brightplumb.core.rule.BodiceSettings.FRONT_NECK_DEPTH;
import static brightplumb.core.rule.BodiceSettings.NECK_EASE;
import static brightplumb.core.rule.BodiceSettings.NECK_FIT;
import static brightplumb.core.rule.BodiceSettings.NECK_WIDTH;
import static brightplumb.core.rule.BodiceSettings.SHOULDER_SLOPE;
import static brightplumb.core.rule.BodiceSettings.STRAP;
import static brightplumb.core.rule.Rule.choosing;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static java.util.Map.entry;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.Map;

/**
 * What the house does at neck, shoulder, armhole and bust, whatever hangs below. Our own choice; the habits it is made
 * of are common practice.
 */
final class HouseBodices {

    /** From the shoulder down to the bust. */
    static final Map<Setting, Rule> RULES = Map.ofEntries(
            entry(NECK_WIDTH, Rule.inProportion(Amount.byHabit(3), "A round neck, clear of the neck's base.")),
            entry(FRONT_NECK_DEPTH, Rule.inProportion(Amount.byHabit(3), "To the pit of the neck, or a little below.")),
            entry(BACK_NECK_DEPTH, Rule.inProportion(Amount.byHabit(1), "Behind, the neck is higher.")),
            entry(NECK_FIT, chosen(NeckFit.DRAWN, "As wide and deep as its amounts say.")),
            entry(NECK_EASE, inches(0.75, "{0.75}, to turn the head.")),
            entry(SHOULDER_SLOPE, inches(1, "The shoulder falls {1} from neck to end.")),
            entry(STRAP, inches(0, "It lies on the whole shoulder.")),
            entry(
                    ARMHOLE_RULE,
                    choosing(
                            given -> given.body().find(Measure.ARMHOLE_GIRTH).isPresent()
                                    ? ArmholeRule.HALF_ARMHOLE
                                    : ArmholeRule.BUST_SIXTH,
                            "Half the tape round the arm, where it was taken.")),
            entry(ARMHOLE_FROM, chosen(ArmholeFrom.SLOPE, "The arm hangs from the end of the shoulder.")),
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
                                    given, given.body().find(Measure.BUST_GIRTH).orElseThrow(HouseBodices::noBust), 2),
                            "{2} to breathe in woven cloth; cloth that stretches is cut smaller instead.")));

    private HouseBodices() {}

    /** A part's own rules together with those of the upper half and those that all have alike. */
    static Map<Setting, Rule> with(Map<Setting, Rule> own) {
        Map<Setting, Rule> rules = new HashMap<>(RULES);
        rules.putAll(own);
        return HouseHabits.with(rules);
    }

    static Refusal noBust() {
        return new Refusal(
                Measure.BUST_GIRTH.field(),
                "Bust is needed: what hangs from the shoulder cannot be drafted without it");
    }
}
