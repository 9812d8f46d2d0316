package brightplumb.core.block.skirt;

import brightplumb.core.block.waist.ClosedWaist.DartLine;
import brightplumb.core.block.waist.DartRules;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.DartPlan;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.OptionalInt;

/** How many darts a quarter of a skirt has, where they stand and how long they are. */
final class SkirtDarts {

    private final Body body;
    private final Settings set;
    private final Paper paper;
    private final DartPlan plan;

    SkirtDarts(Body body, Settings set, Paper paper, DartPlan plan) {
        this.body = body;
        this.set = set;
        this.paper = paper;
        this.plan = plan;
    }

    /** The darts of a quarter, from the centre outward; none when there is nothing to take. */
    List<DartLine> place(Half panel, Amount intake, Amount waist, Amount centreIn) {
        boolean always = panel == Half.FRONT
                && plan.shares().filter(DartPlan.Shares::twoFrontDarts).isPresent()
                && intake.value() >= Length.INCH / 2;
        int count = DartRules.count(paper, panel, intake, always ? OptionalInt.of(2) : OptionalInt.empty());
        if (count == 0) {
            return List.of();
        }
        Amount length = DartRules.length(paper, set, set.belowBand(body.hipDepth()), panel);
        Amount end =
                WaistQuarter.fromCentre(centreIn, waist.plus(intake)).called(panel.id() + " waist quarter with darts");
        Amount first = first(panel, count, intake, waist, centreIn, end);
        double each = intake.value() / count;
        if (count == 1) {
            return List.of(new DartLine(first.value(), each, length.value()));
        }
        Amount second = panel == Half.FRONT
                ? first.plus(end).over(2)
                : WaistQuarter.fromCentre(centreIn, waist.plus(intake).times(2).over(3));
        paper.step(
                PanelFacts.DART_SECOND.of(panel),
                panel.title() + " second dart from the centre",
                second.called(panel.id() + " second dart"),
                panel == Half.FRONT ? "Half-way from the first dart to the side." : "At two thirds of the back waist.");
        return List.of(
                new DartLine(first.value(), each, length.value()), new DartLine(second.value(), each, length.value()));
    }

    private Amount first(Half panel, int count, Amount intake, Amount waist, Amount centreIn, Amount end) {
        Amount place;
        String why;
        if (panel == Half.BACK && count == 2) {
            place = WaistQuarter.fromCentre(centreIn, waist.plus(intake).over(3));
            why = "At one third of the back waist, measured from the shaped centre.";
        } else if (panel == Half.BACK && plan == DartPlan.HALF_BLOCK) {
            place = WaistQuarter.fromCentre(centreIn, waist.plus(intake).over(2));
            why = "In the middle of the back waist, measured from the shaped centre.";
        } else {
            place = body.bustSpan().over(2);
            why = "Under the bust point, so that the dart lies in line with what is worn above.";
        }
        Amount room = DartRules.CLEAR.plus(intake.over(2 * count));
        Amount outermost = count == 1 ? end.minus(room) : end.minus(intake).minus(DartRules.CLEAR.times(2));
        return paper.step(
                place.atMost(outermost)
                        .atLeast(WaistQuarter.fromCentre(centreIn, room))
                        .as(PanelFacts.DART_PLACE.of(panel), panel.id() + " dart from the centre"),
                panel.title() + " dart from the centre line",
                why);
    }
}
