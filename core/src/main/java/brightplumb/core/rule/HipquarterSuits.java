package brightplumb.core.rule;

import static brightplumb.core.rule.BodiceSettings.BUST_EASE;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.SuitSettings.*;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;
import static java.util.Map.entry;

import brightplumb.core.working.Amount;
import java.util.Map;

/** Bodysuits by a quarter of the hip. Common practice, no source. */
final class HipquarterSuits {

    static final Way WAY = Way.like(
            HouseSuits.WAY,
            "hipquarter",
            "Hip quarter",
            "By a quarter of the hip all through: quickest, for cloth that stretches far.",
            Map.ofEntries(
                    entry(NEGATIVE_EASE, HouseSuits.share(0, "At body measure; the cloth gives.")),
                    entry(BUST_EASE, inches(0, "At body measure.")),
                    entry(WAIST_EASE, inches(0, "At body measure.")),
                    entry(HIP_EASE, inches(0, "At body measure.")),
                    entry(
                            CROTCH_DEPTH,
                            worked(
                                    given -> given.body().hip().over(4).plus(Amount.inches("below the quarter", 1)),
                                    "A quarter of the hip and {1}.")),
                    entry(FRONT_END, inches(2, "{2} below the crotch line.")),
                    entry(BACK_END, inches(4, "{4} below the front's end.")),
                    entry(CROTCH_WIDTH, inches(1.5, "{2} left too much.")),
                    entry(LEG_LINE_WIDTH, chosen(LegLineWidth.HIP_QUARTER, "The hip quarter, whatever the level.")),
                    entry(LEG_GUIDE_FRONT, inches(5, "{5} from the corner.")),
                    entry(LEG_GUIDE_BACK, inches(7, "{7} from the corner, for the seat."))));

    private HipquarterSuits() {}
}
