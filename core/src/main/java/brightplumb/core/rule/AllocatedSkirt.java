package brightplumb.core.rule;

import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;
import static java.util.Map.entry;

import brightplumb.core.working.Amount;
import java.util.Map;

/** Skirts with half an inch moved from the front to the back of each quarter. Common practice, no source. */
final class AllocatedSkirt {

    private static final Rule TO_THREE_ABOVE = worked(
            given -> given.hipDepth().minus(Amount.inches("short of the hip", 3)), "Darts stop {3} above the hip.");

    static final Way WAY = Way.like(
            QuarterSkirt.WAY,
            "allocated",
            "Allocated",
            "The seat is fuller than the belly: {0.5} of each quarter moves to the back.",
            Map.ofEntries(
                    entry(HIP_ALLOCATION, inches(0.5, "The seat is fuller than the belly.")),
                    entry(DART_LENGTH_FRONT, TO_THREE_ABOVE),
                    entry(DART_LENGTH_BACK, TO_THREE_ABOVE),
                    entry(CENTRE_FRONT_DROP, inches(0, "The waist is left level.")),
                    entry(SIDE_RISE, inches(0, "The waist is left level.")),
                    entry(
                            CENTRE_BACK_SHAPE,
                            chosen(
                                    CentreBackShape.HOLLOW,
                                    "In at the waist for the hollow of the back, running out below the seat."))));

    private AllocatedSkirt() {}
}
