package brightplumb.core.block;

import static brightplumb.core.rule.Setting.DART_LENGTH_BACK;
import static brightplumb.core.rule.Setting.DART_LENGTH_FRONT;

import brightplumb.core.block.ClosedWaist.DartLine;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Panel;
import brightplumb.core.paper.Paper;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.DartPlan;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.working.Amount;
import java.util.List;

/** How many darts a quarter of a skirt has, where they stand and how long they are. */
final class SkirtDarts {

    private static final Amount LEAST_LENGTH = Amount.inches("shortest dart", 2);
    private static final Amount ABOVE_HIP = Amount.inches("kept above the hip", 1);
    private static final Amount CLEAR = Amount.inches("clear of the edge", 0.5);

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
    List<DartLine> place(Panel panel, Amount intake, Amount waist, Amount centreIn) {
        int count = count(panel, intake);
        if (count == 0) {
            return List.of();
        }
        Amount length = length(panel);
        Amount end = SkirtQuarter.fromCentre(centreIn, waist.plus(intake)).named(null, "waist quarter with darts");
        Amount first = first(panel, count, intake, waist, centreIn, end);
        double each = intake.value() / count;
        if (count == 1) {
            return List.of(new DartLine(first.value(), each, length.value()));
        }
        Amount second = panel == Panel.FRONT
                ? first.plus(end).over(2)
                : SkirtQuarter.fromCentre(centreIn, waist.plus(intake).times(2).over(3));
        paper.step(
                "dart.second." + panel.id(),
                panel.title() + " second dart from the centre",
                second.named(null, "second dart"),
                panel == Panel.FRONT
                        ? "Half-way from the first dart to the side."
                        : "At two thirds of the back waist.");
        return List.of(
                new DartLine(first.value(), each, length.value()), new DartLine(second.value(), each, length.value()));
    }

    private int count(Panel panel, Amount intake) {
        Amount most = DartLimit.of(panel);
        boolean always = panel == Panel.FRONT
                && plan.shares().filter(DartPlan.Shares::twoFrontDarts).isPresent()
                && intake.value() >= Length.INCH / 2;
        int count = intake.value() == 0 ? 0 : always || intake.value() > most.value() + DartLimit.GRACE ? 2 : 1;
        paper.step(
                Amount.ratio("as many as the intake asks", count)
                        .named("dart.count." + panel.id(), panel.id() + " darts"),
                panel.title() + " darts, how many",
                "One dart carries an inch in front, an inch and a quarter behind; more is split into two alike.");
        return count;
    }

    private Amount length(Panel panel) {
        Setting setting = panel == Panel.FRONT ? DART_LENGTH_FRONT : DART_LENGTH_BACK;
        Amount length = set.amount(setting)
                .atLeast(LEAST_LENGTH)
                .atMost(set.belowBand(body.hipDepth()).minus(ABOVE_HIP))
                .named("dart.length." + panel.id(), panel.id() + " dart length");
        return paper.step(length, panel.title() + " dart length", set.why(setting));
    }

    private Amount first(Panel panel, int count, Amount intake, Amount waist, Amount centreIn, Amount end) {
        Amount place;
        String why;
        if (panel == Panel.BACK && count == 2) {
            place = SkirtQuarter.fromCentre(centreIn, waist.plus(intake).over(3));
            why = "At one third of the back waist, measured from the shaped centre.";
        } else if (panel == Panel.BACK && plan == DartPlan.HALF_BLOCK) {
            place = SkirtQuarter.fromCentre(centreIn, waist.plus(intake).over(2));
            why = "In the middle of the back waist, measured from the shaped centre.";
        } else {
            place = body.bustSpan().over(2);
            why = "Under the bust point, so that the dart lies in line with what is worn above.";
        }
        Amount room = CLEAR.plus(intake.over(2 * count));
        Amount outermost = count == 1 ? end.minus(room) : end.minus(intake).minus(CLEAR.times(2));
        return paper.step(
                place.atMost(outermost)
                        .atLeast(SkirtQuarter.fromCentre(centreIn, room))
                        .named("dart.place." + panel.id(), panel.id() + " dart from the centre"),
                panel.title() + " dart from the centre line",
                why);
    }
}
