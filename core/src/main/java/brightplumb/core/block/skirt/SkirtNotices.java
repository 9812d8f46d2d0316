package brightplumb.core.block.skirt;

import static brightplumb.core.rule.DartSettings.DART_INTAKE_BACK;
import static brightplumb.core.rule.DartSettings.DART_INTAKE_FRONT;
import static brightplumb.core.rule.DartSettings.DART_PLAN;
import static brightplumb.core.rule.HabitSettings.FLAT_SEAT;
import static brightplumb.core.rule.HipSettings.HIP_ALLOCATION;
import static brightplumb.core.rule.WaistSettings.CENTRE_BACK_SHAPE;

import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Paper;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.DartPlan;
import brightplumb.core.rule.HabitSettings;
import brightplumb.core.rule.Settings;
import java.util.Map;

/** What a cutter should know about a skirt draft before she cuts. */
final class SkirtNotices {

    private static final double SIDE_LIMIT = Length.INCH * 1.75;

    private SkirtNotices() {}

    static void say(Paper paper, Body body, Settings set, SkirtAmounts shares, WaistQuarter front, WaistQuarter back) {
        if (front.waistWider() || back.waistWider()) {
            paper.notice(Notice.of(
                    "waist-over-hip",
                    "The waist is wider than the hip here, so there are no darts in that quarter and the side runs "
                            + "straight from waist to hip. "
                            + "Nothing holds the skirt up at the hip: give it a firm band, or braces."));
        } else {
            capped(paper, set, shares, Half.FRONT, front);
            capped(paper, set, shares, Half.BACK, back);
        }
        boolean dartless = asksNone(set, Half.FRONT) && asksNone(set, Half.BACK);
        if (!dartless
                && (front.sideInset().value() > SIDE_LIMIT || back.sideInset().value() > SIDE_LIMIT)) {
            boolean shared = shares.plan() == DartPlan.BY_DROP;
            paper.notice(new Notice(
                    "side-does-darts-work",
                    "The side seam is doing the darts' work: it comes in more than {1.75 in} in a quarter, and will "
                            + "stand off below the waist.",
                    shared ? null : new Remedy("Share the drop over more darts", Map.of(DART_PLAN, DartPlan.BY_DROP))));
        }
        if (body.estimateOf(Measure.HIP_DEPTH).isPresent()) {
            paper.notice(Notice.of(
                    "hip-depth-guessed",
                    "Waist to hip was not taken; the usual {8 in} stands in for it. It is the commonest cause "
                            + "of a hip curve in the wrong place."));
        }
        boolean shaped = shares.centreBackShape() == CentreBackShape.ROUND
                || shares.centreBackShape() == CentreBackShape.UNDER_SEAT;
        if (shaped && body.flatSeated() && !set.chose(FLAT_SEAT, HabitSettings.SHAPED_ALL_THE_SAME)) {
            boolean byHand = set.byHand(CENTRE_BACK_SHAPE);
            paper.notice(new Notice(
                    "shaping-on-flat-seat",
                    "The seat is shaped although the back hip is no larger than the front. On a flat seat it raises a "
                            + "false bump; some ask for just that. Say which at the setting On a flat seat.",
                    new Remedy(
                            "Leave the centre back straight under the seat",
                            byHand
                                    ? Map.of(CENTRE_BACK_SHAPE, CentreBackShape.STRAIGHT)
                                    : Map.of(FLAT_SEAT, HabitSettings.LEFT_STRAIGHT))));
        }
        if (set.amount(HIP_ALLOCATION).value() < 0) {
            paper.notice(Notice.of(
                    "front-fuller",
                    "The front is wider than the back at the hip. It happens; take both arcs again to be sure."));
        }
    }

    /** Whether no dart is wanted at all, so that none is missed. */
    private static boolean asksNone(Settings set, Half panel) {
        return set.asked(panel == Half.FRONT ? DART_INTAKE_FRONT : DART_INTAKE_BACK)
                .filter(intake -> intake.value() == 0)
                .isPresent();
    }

    private static void capped(Paper paper, Settings set, SkirtAmounts shares, Half panel, WaistQuarter quarter) {
        double wanted = shares.byPlan(panel).value();
        double got = quarter.intake().value();
        boolean fixed = shares.plan().shares().isEmpty();
        if (fixed
                && !asksNone(set, panel)
                && got < wanted - 1e-6
                && !quarter.intake().overridden()) {
            paper.notice(Notice.of(
                    "dart-capped-" + panel.id(),
                    got == 0
                            ? "There is no room for a " + panel.id()
                                    + " dart between this waist and hip, so none is drawn."
                            : "The " + panel.id()
                                    + " dart takes less than its inch: more would push the side seam out "
                                    + "above the hip."));
        }
    }
}
