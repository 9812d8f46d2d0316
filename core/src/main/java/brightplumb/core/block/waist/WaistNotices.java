package brightplumb.core.block.waist;

import static brightplumb.core.rule.AllowanceSettings.SIDE_SEWN_IN;
import static brightplumb.core.rule.BandSettings.BAND_ROUND;
import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ClosureSettings.ZIP_LENGTH;
import static brightplumb.core.rule.DartSettings.DART_INTAKE_BACK;
import static brightplumb.core.rule.DartSettings.DART_INTAKE_FRONT;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.WaistSettings.WAIST_EASE;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Settings;
import java.util.Map;

/** What a cutter should know about an opening at the waist, whatever hangs below it. */
public final class WaistNotices {

    private static final double ZIP_ABOVE_HIP = Length.INCH * 1.5;

    private static final double LEAST_HIP_EASE = Length.INCH / 2;

    private WaistNotices() {}

    /** An opening that ends high above the hip line strains at its end, even where it is long enough to get in. */
    public static void zipEnd(Paper paper, double ends, double hipY, double top) {
        if (hipY - ends > ZIP_ABOVE_HIP + 0.5) {
            paper.notice(new Notice(
                    "zip-ends-high",
                    "The zip ends more than {1.5 in} above the hip line; its end will strain when she gets in.",
                    new Remedy("Bring it down to the hip line", Map.of(ZIP_LENGTH, ZIP_LENGTH.value(hipY - top)))));
        }
    }

    /** A way that drafts on the bare hip, in cloth that does not give, counts on the seams. */
    public static void bareHip(Paper paper, Settings set) {
        double ease = set.amount(HIP_EASE).value();
        if (!set.cloth().stretches() && !set.byHand(HIP_EASE) && ease < LEAST_HIP_EASE) {
            paper.notice(new Notice(
                    "bare-hip",
                    "This way drafts on the bare hip: for room to sit in cloth that does not give it counts on the "
                            + "side seams and on what can be let out there.",
                    new Remedy("Give the hip a little room", Map.of(HIP_EASE, HIP_EASE.value(LEAST_HIP_EASE)))));
        }
    }

    /** Cloth that goes over the hip by itself needs no opening, and what darts take in the cloth gives up by itself. */
    public static void pulledOn(Paper paper, Settings set) {
        boolean drawnIn = set.knows(BAND_ROUND);
        if (!drawnIn || !set.cloth().stretches() || set.chose(CLOSURE, Closure.NONE)) {
            return;
        }
        double ease = set.body().hip().value() / (1 + set.cloth().stretch())
                + 4 * set.amount(SIDE_SEWN_IN).value()
                - set.body().waist().value();
        if (ease <= WAIST_EASE.most()) {
            paper.notice(new Notice(
                    "pulled-on",
                    "This cloth gives: it can be pulled on over the hips, without an opening and without darts.",
                    new Remedy(
                            "Leave out opening and darts",
                            Map.of(
                                    CLOSURE,
                                    Closure.NONE,
                                    DART_INTAKE_FRONT,
                                    DART_INTAKE_FRONT.value(0),
                                    DART_INTAKE_BACK,
                                    DART_INTAKE_BACK.value(0),
                                    WAIST_EASE,
                                    WAIST_EASE.value(Math.max(0, Math.ceil(ease)))))));
        }
    }
}
