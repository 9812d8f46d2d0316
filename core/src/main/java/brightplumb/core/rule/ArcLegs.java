package brightplumb.core.rule;

import static brightplumb.core.rule.ClosureSettings.*;
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

/** Legs by the taped arcs of front and back, the waist as wide as the hip and gathered. Common practice, no source. */
final class ArcLegs {

    static final Way WAY = Way.like(
            QuarterLegs.WAY,
            "arc",
            "Arc",
            "Each half from its own arc of the tape; straight legs, and a waist as wide as the hip, drawn up on "
                    + "elastic.",
            Map.ofEntries(
                    entry(HIP_EASE, inches(2, "{0.5} in each quarter.")),
                    entry(
                            HIP_ALLOCATION,
                            worked(
                                    given -> given.body()
                                            .backHipArc()
                                            .minus(given.body().frontHipArc())
                                            .over(4),
                                    "Each half from its own arc.")),
                    entry(WAIST_FINISH, chosen(WaistFinish.GATHERED, "As wide as the hip, drawn up on elastic.")),
                    entry(DART_INTAKE_FRONT, inches(0, "A gathered waist has no darts.")),
                    entry(DART_INTAKE_BACK, inches(0, "A gathered waist has no darts.")),
                    entry(BACK_RISE, inches(0.5, "Bending and sitting lengthen the back.")),
                    entry(CROTCH_DEPTH, HouseLegs.belowTheRise("As deep as the seated rise.")),
                    entry(
                            FRONT_EXTENSION,
                            worked(
                                    given -> given.body().frontHipArc().over(2).over(4),
                                    "A quarter of half the front arc.")),
                    entry(
                            BACK_EXTENSION,
                            worked(given -> given.body().backHipArc().over(2).over(2), "Half of half the back arc.")),
                    entry(LEG_SHAPE, chosen(LegShape.PLUMB, "Each leg straight down from its own fork and side.")),
                    entry(BACK_LEG_ADD, inches(0, "Nothing is added to the back.")),
                    entry(CLOSURE, chosen(Closure.NONE, "It is pulled on."))));

    private ArcLegs() {}
}
