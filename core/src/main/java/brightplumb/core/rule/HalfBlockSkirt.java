package brightplumb.core.rule;

import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HemSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import java.util.Map;

/**
 * Skirts on the half block: front and back side by side on half the hip, the drop shared out. Common practice, no
 * source.
 */
final class HalfBlockSkirt {

    static final Way WAY = Way.like(
                    QuarterSkirt.WAY,
                    "halfblock",
                    "Half-block",
                    "Front and back side by side on half the hip; the drop is shared over several darts.",
                    Map.ofEntries(
                            entry(HIP_ALLOCATION, inches(0.25, "The seat is fuller than the belly.")),
                            entry(DART_PLAN, chosen(DartPlan.HALF_BLOCK, "Five places share the half drop.")),
                            entry(DART_LENGTH_FRONT, inches(3.5, "Two short darts, for the belly.")),
                            entry(DART_LENGTH_BACK, inches(5.75, "Longer than the front's, for the seat.")),
                            entry(CENTRE_FRONT_DROP, inches(0, "The front waist stays level.")),
                            entry(CENTRE_BACK_DROP, inches(0.25, "For the hollow of the back.")),
                            entry(
                                    SIDE_RISE,
                                    inches(0.25, "Over the side of the hip the way is longer than down the middle.")),
                            entry(
                                    CENTRE_BACK_SHAPE,
                                    chosen(
                                            CentreBackShape.WAIST_TO_HIP,
                                            "In at the waist by its share, out at the hip.")),
                            entry(HEM_TAPER, inches(0, "As wide at the hem as at the hip."))))
            .onOneFrame();

    private HalfBlockSkirt() {}
}
