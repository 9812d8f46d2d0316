package brightplumb.core.block.skirt;

import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.DartRules;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.DartPlan;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.working.Amount;

/**
 * The arithmetic between hip and waist of a skirt: how the difference is shared over centre back, darts and side. The
 * order never changes: the centre first, the darts with what is left, the side last; no share is below zero.
 */
final class SkirtAmounts {

    private static final Amount NONE = Amount.inches("none", 0);

    private final Body body;
    private final Settings set;
    private final Paper paper;
    private final DartPlan plan;
    private final CentreBackShape shape;
    private final Amount halfDrop;

    SkirtAmounts(Body body, Settings set, Paper paper) {
        this.body = body;
        this.set = set;
        this.paper = paper;
        this.plan = set.choice(DART_PLAN, DartPlan.class);
        this.shape = set.choice(CENTRE_BACK_SHAPE, CentreBackShape.class);
        this.halfDrop = paper.step(
                PanelFacts.HALF_DROP,
                "Drop from hip to waist, half round",
                body.hip()
                        .plus(set.amount(HIP_EASE))
                        .minus(body.waist().plus(set.amount(WAIST_EASE)))
                        .over(2)
                        .called("half drop"),
                "What must go between hip and waist, for the centre back, the darts and the sides to share.");
    }

    DartPlan plan() {
        return plan;
    }

    CentreBackShape centreBackShape() {
        return shape;
    }

    /** The quarter at the hip: a quarter of the girth with its ease, less what the back takes more. */
    Amount hip(Half panel) {
        Amount quarter = body.hip().plus(set.amount(HIP_EASE)).over(4);
        Amount allocation = set.amount(HIP_ALLOCATION);
        return (panel == Half.FRONT ? quarter.minus(allocation) : quarter.plus(allocation))
                .as(PanelFacts.HIP_QUARTER.of(panel), panel.id() + " hip quarter");
    }

    /**
     * The quarter at the waist, darts closed: its own quarter of the waist, or what the shares leave of the hip
     * quarter.
     */
    Amount waist(Half panel, Amount hip) {
        Amount net;
        if (plan.shares().isEmpty()) {
            net = body.waist().plus(set.amount(WAIST_EASE)).over(4);
        } else if (halfDrop.value() < 0) {
            net = hip.minus(halfDrop.over(2));
        } else {
            DartPlan.Shares shares = plan.shares().get();
            net = hip.minus(halfDrop.times(panel == Half.FRONT ? shares.front() : shares.back()));
        }
        return paper.step(
                net.as(PanelFacts.WAIST_QUARTER.of(panel), panel.id() + " waist quarter"),
                panel.title() + " waist quarter, darts closed",
                plan.shares().isEmpty()
                        ? "A quarter of the waist and its ease."
                        : "What is left of the hip quarter when centre, darts and side have had their shares.");
    }

    /** How far the centre back comes in at the waist. */
    Amount centreBackIn(Amount hip, Amount waist) {
        Amount in = NONE;
        if (!shape.shapesWaist()) {
            if (set.byHand(BACK_IN) && set.amount(BACK_IN).value() > 0) {
                throw new Refusal(
                        WaistSettings.BACK_IN.field(),
                        "This centre back does not come in at the waist; choose another shape for it first");
            }
        } else if (plan.shares().isPresent() && !set.byHand(BACK_IN)) {
            in = halfDrop.times(plan.shares().get().centreBack()).notBelowZero();
            if (plan.shares().get().centreBackCapped()) {
                in = in.atMost(Amount.inches("most at the centre back", 0.5));
            }
        } else {
            in = set.amount(BACK_IN).called("centre back in, as asked");
        }
        return paper.step(
                in.atMost(hip.minus(waist).notBelowZero()).as(PanelFacts.CENTRE_BACK_IN, "centre back in"),
                "Centre back in at the waist",
                set.why(CENTRE_BACK_SHAPE));
    }

    /** What the darts of a quarter take, in all. */
    Amount intake(Half panel, Amount hip, Amount waist, Amount centreIn) {
        boolean front = panel == Half.FRONT;
        Setting setting = front ? DART_INTAKE_FRONT : DART_INTAKE_BACK;
        Amount asked = set.asked(setting)
                .map(amount -> amount.called(setting.spoken() + ", as asked"))
                .orElseGet(() -> byPlan(panel).atMost(DartLimit.of(panel).times(2)));
        Amount room = hip.minus(WaistQuarter.fromCentre(centreIn, waist)).notBelowZero();
        Amount intake = asked.atMost(room);
        if (intake.value() < DartRules.LEAST.value()) {
            intake = NONE;
        }
        DartRules.kept(set, panel, intake, room);
        return paper.step(
                intake.as(PanelFacts.DART_INTAKE.of(panel), panel.id() + " dart intake"),
                panel.title() + " darts take in",
                set.byHand(setting)
                        ? set.why(setting)
                        : set.why(DART_PLAN)
                                .and(Sentence.of(
                                        " Never more than the quarter has to give; under {0.25} none is sewn.")));
    }

    /** What the plan would have the darts of a quarter take. */
    Amount byPlan(Half panel) {
        if (plan.shares().isEmpty()) {
            return Amount.inches("one dart", 1);
        }
        DartPlan.Shares shares = plan.shares().get();
        double share = panel == Half.FRONT
                ? shares.frontDarts()
                : shares.backDarts() + (shape.shapesWaist() ? 0 : shares.centreBack());
        return halfDrop.times(share).notBelowZero();
    }

    /** What is left for the side seam. */
    Amount sideInset(Half panel, Amount hip, Amount waist, Amount centreIn, Amount intake) {
        return paper.step(
                hip.minus(WaistQuarter.fromCentre(centreIn, intake.value() == 0 ? waist : waist.plus(intake)))
                        .as(PanelFacts.SIDE_INSET.of(panel), panel.id() + " side inset"),
                panel.title() + " side in at the waist",
                "The side takes what centre and darts have left.");
    }
}
