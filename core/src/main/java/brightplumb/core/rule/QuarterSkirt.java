package brightplumb.core.rule;

import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import java.util.Map;

/** Skirts by quarters: one rule for all. Common practice, no source. */
final class QuarterSkirt {

    static final Way WAY = Way.like(
            HouseSkirt.WAY,
            "quarter",
            "Quarter",
            "Quickest: a quarter of waist and hip each, one dart of {1}, one rule for all.",
            Map.ofEntries(
                    entry(HIP_EASE, inches(0, "Drafted on the bare body; the room comes from the seams.")),
                    entry(WAIST_EASE, inches(0, "Drafted on the bare body.")),
                    entry(HIP_ALLOCATION, inches(0, "Front and back alike.")),
                    entry(DART_PLAN, chosen(DartPlan.ONE_INCH, "One dart of {1} in each quarter.")),
                    entry(DART_LENGTH_FRONT, inches(4, "A short dart, for the belly.")),
                    entry(DART_LENGTH_BACK, inches(5.5, "Longer than the front's, for the seat.")),
                    entry(CENTRE_FRONT_DROP, inches(0.5, "Undropped, cloth stands in folds under the front waist.")),
                    entry(CENTRE_BACK_DROP, inches(0, "The back waist stays level.")),
                    entry(SIDE_RISE, inches(0.5, "Over the side of the hip the way is longer than down the middle.")),
                    entry(CENTRE_BACK_SHAPE, chosen(CentreBackShape.STRAIGHT, "The centre back stays straight.")),
                    entry(HEM_TAPER, inches(1, "In at each side, for a pencil line."))));

    private QuarterSkirt() {}
}
