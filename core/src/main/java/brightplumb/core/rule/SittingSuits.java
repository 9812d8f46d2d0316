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

import brightplumb.core.measure.Measure;
import java.util.Map;

/** Bodysuits by the seated rise, at body measure. Common practice, no source. */
final class SittingSuits {

    static final Way WAY = Way.like(
            HouseSuits.WAY,
            "sitting",
            "Sitting",
            "By the rise, taken seated, at body measure with wide seams: tried on, and taken in where it is loose.",
            Map.ofEntries(
                    entry(
                            NEGATIVE_EASE,
                            HouseSuits.share(0, "At body measure; what is loose is taken in at the fitting.")),
                    entry(BUST_EASE, inches(0, "At body measure.")),
                    entry(WAIST_EASE, inches(0, "At body measure.")),
                    entry(HIP_EASE, inches(0, "At body measure.")),
                    entry(
                            CROTCH_DEPTH,
                            worked(
                                    given ->
                                            given.body().find(Measure.BODY_RISE).orElseThrow(),
                                    "The crotch line lies where she sits.")),
                    entry(LEG_LINE_LEVEL, inches(5, "{5} below the waist; higher is more cut away.")),
                    entry(LEG_LINE_WIDTH, chosen(LegLineWidth.HIP_QUARTER, "The hip quarter, whatever the level.")),
                    entry(LEG_SHARE_FRONT, HouseSuits.share(1, "From the straight line.")),
                    entry(LEG_SHARE_BACK, HouseSuits.share(1, "From the straight line.")),
                    entry(LEG_HOLLOW, inches(0.5, "{0.5} hollow in front.")),
                    entry(COVER, inches(0.25, "{0.25} fuller behind."))));

    private SittingSuits() {}
}
