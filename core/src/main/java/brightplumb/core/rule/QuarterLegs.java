package brightplumb.core.rule;

import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.LegSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import java.util.Map;

/**
 * Legs by quarters of the hip: one rule for all, the back like the front but for its fork. Common practice, no source.
 */
final class QuarterLegs {

    static final Way WAY = Way.like(
            HouseLegs.WAY,
            "quarter",
            "Quarter",
            "Quickest: everything from the hip and the waist, front and back alike but for the fork.",
            Map.ofEntries(
                    entry(HIP_EASE, inches(0, "Drafted on the bare body; the room comes from the seams.")),
                    entry(WAIST_EASE, inches(0, "Drafted on the bare body.")),
                    entry(HIP_ALLOCATION, inches(0, "Front and back alike.")),
                    entry(CENTRE_FRONT_DROP, inches(0, "The waist is left level.")),
                    entry(CENTRE_FRONT_IN, inches(0, "The centre front stays upright.")),
                    entry(SIDE_RISE, inches(0, "The waist is left level.")),
                    entry(BACK_IN, inches(0, "The centre back stays upright.")),
                    entry(BACK_HIP_IN, inches(0, "The centre back stays upright.")),
                    entry(BACK_RISE, inches(0, "The back waist stays level.")),
                    entry(DART_INTAKE_FRONT, inches(1, "One dart of {1}, on the crease.")),
                    entry(DART_LENGTH_FRONT, inches(5, "{5}, towards the belly.")),
                    entry(DART_INTAKE_BACK, inches(1, "One dart of {1}.")),
                    entry(DART_PLACE_BACK, inches(4.5, "{4 to 5} from the centre back.")),
                    entry(DART_LENGTH_BACK, inches(6, "{6}, towards the seat.")),
                    entry(RISE_EASE, inches(0, "The depth comes from the hip alone.")),
                    entry(
                            CROTCH_DEPTH,
                            worked(given -> given.body().hip().over(4), "A quarter of the hip, whatever the rise.")),
                    entry(FRONT_EXTENSION, worked(given -> given.body().hip().over(20), "A twentieth of the hip.")),
                    entry(
                            BACK_EXTENSION,
                            worked(given -> given.body().hip().over(10), "A tenth of the hip, twice the front's.")),
                    entry(FORK_DROP, inches(0, "Both forks lie on the crotch line.")),
                    entry(CURVE_GUIDE_FRONT, inches(1.5, "{1.5} from the corner.")),
                    entry(CURVE_GUIDE_BACK, inches(2, "{2} from the corner.")),
                    entry(LEG_SHAPE, chosen(LegShape.STRAIGHT, "As wide at the hem as on the crotch line.")),
                    entry(BACK_LEG_ADD, inches(0.5, "Straight from its fork to {0.5} beyond the front's hem.")),
                    entry(BACK_SIDE_ADD, inches(0, "The sides are drawn alike."))));

    private QuarterLegs() {}
}
