package brightplumb.core.block.leg;

import static brightplumb.core.rule.DartSettings.*;
import static brightplumb.core.rule.HipSettings.*;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.block.waist.ClosedWaist.DartLine;
import brightplumb.core.block.waist.DartRules;
import brightplumb.core.block.waist.WaistQuarter;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Paper;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.DartCount;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.OptionalInt;

/**
 * The arithmetic between hip and waist of a leg: the centre comes in first, the darts take their part of what is left,
 * the side the rest; no share is below zero.
 */
final class LegAmounts {

    private static final Amount NONE = Amount.inches("none", 0);
    private static final double FRONT_SHARE = 0.6;
    private static final double BACK_SHARE = 0.65;

    private final Body body;
    private final Settings set;
    private final Paper paper;
    /** A dart square to its waist leans no further than ten degrees off the grain. Our own choice. */
    private static final double MOST_LEAN = Math.tan(Math.toRadians(10));

    private final boolean gathered;

    LegAmounts(Body body, Settings set, Paper paper) {
        this.body = body;
        this.set = set;
        this.paper = paper;
        this.gathered = set.choice(WAIST_FINISH, WaistFinish.class) == WaistFinish.GATHERED;
    }

    boolean gathered() {
        return gathered;
    }

    /** The quarter at the hip: a quarter of the girth with its ease, less what the back takes more. */
    Amount hip(Half panel) {
        Amount quarter = body.hip().plus(set.amount(HIP_EASE)).over(4);
        Amount allocation = set.amount(HIP_ALLOCATION);
        Amount hip = (panel == Half.FRONT ? quarter.minus(allocation) : quarter.plus(allocation))
                .as(PanelFacts.HIP_QUARTER.of(panel), panel.id() + " hip quarter");
        if (hip.value() < 2 * Length.INCH) {
            throw new Refusal(
                    set.byHand(HIP_ALLOCATION)
                            ? HipSettings.HIP_ALLOCATION.field()
                            : set.faultField(HIP_EASE, Measure.HIP_GIRTH),
                    "This leaves less than 2 in (5 cm) for the " + panel.id() + " hip quarter");
        }
        return paper.step(hip, panel.title() + " hip quarter", set.why(HIP_ALLOCATION));
    }

    /**
     * The amounts of a panel.
     *
     * @param hipIn where its hip is laid off from
     * @param in how far the centre comes in at the waist, if the quarter has it to give
     * @param inId the fact that tells how far it did, or null
     * @param crease the crease's distance from the centre-front line, on which a front dart stands
     * @param slope how much the waist falls from centre to side for each mm across, before it is drawn
     */
    WaistQuarter quarter(Half panel, Amount hip, Amount hipIn, Setting in, Fact inId, Amount crease, double slope) {
        Amount waist = waist(panel, hip);
        Amount room = gathered ? set.amount(in) : hipIn.plus(hip.minus(waist).notBelowZero());
        Amount centreIn = paper.step(
                inId == null ? PanelFacts.CENTRE_IN.of(panel) : inId,
                panel.title() + " centre in at the waist",
                asked(set.amount(in), in).atMost(room).as(inId, panel.centre() + " in"),
                set.why(in));
        Amount drop = hipIn.plus(hip).minus(centreIn).minus(waist);
        Amount intake = intake(panel, drop);
        Amount inset = paper.step(
                drop.minus(intake).as(PanelFacts.SIDE_INSET.of(panel), panel.id() + " side inset"),
                panel.title() + " side in at the waist",
                "The side takes what centre and darts have left.");
        List<DartLine> darts = darts(panel, waist, centreIn, intake, crease, slope);
        return new WaistQuarter(hip, hipIn, waist, centreIn, intake, darts, inset);
    }

    private Amount waist(Half panel, Amount hip) {
        Amount ease = set.amount(WAIST_EASE);
        Amount waist = (gathered
                        ? hip.plus(ease.over(4))
                        : body.waist().plus(ease).over(4))
                .as(PanelFacts.WAIST_QUARTER.of(panel), panel.id() + " waist quarter");
        if (waist.value() < 1.5 * Length.INCH) {
            throw new Refusal(
                    set.faultField(WAIST_EASE, Measure.WAIST_GIRTH),
                    "This leaves less than 1½ in (4 cm) for the " + panel.id() + " waist quarter");
        }
        return paper.step(
                waist,
                panel.title() + " waist quarter, darts closed",
                gathered ? "As wide as the hip, to be drawn up." : "A quarter of the waist and its ease.");
    }

    private Amount intake(Half panel, Amount drop) {
        Setting setting = panel == Half.FRONT ? DART_INTAKE_FRONT : DART_INTAKE_BACK;
        Amount asked = gathered
                ? NONE
                : set.asked(setting)
                        .map(amount -> asked(amount, setting))
                        .orElseGet(() -> drop.times(panel == Half.FRONT ? FRONT_SHARE : BACK_SHARE)
                                .notBelowZero()
                                .atMost(DartLimit.of(panel).times(2)));
        Amount intake = asked.atMost(drop.notBelowZero());
        if (intake.value() < DartRules.LEAST.value()) {
            intake = NONE;
        }
        if (!gathered) {
            DartRules.kept(set, panel, intake, drop.notBelowZero());
        }
        return paper.step(
                intake.as(PanelFacts.DART_INTAKE.of(panel), panel.id() + " dart intake"),
                panel.title() + " darts take in",
                whyIntake(panel, setting));
    }

    /** What was asked, beside what the quarter has to give of it. */
    private static Amount asked(Amount amount, Setting setting) {
        return amount.called(setting.spoken() + ", as asked");
    }

    private Sentence whyIntake(Half panel, Setting setting) {
        if (gathered) {
            return Sentence.of("A gathered waist has no darts.");
        }
        Sentence share = set.asked(setting).isPresent()
                ? set.why(setting)
                : Sentence.of(
                        panel == Half.FRONT
                                ? "Six tenths of what is left when the centre has come in."
                                : "Two thirds, nearly, of what is left when the centre has come in.");
        return share.and(Sentence.of(" Never more than the quarter has to give; under {0.25} none is sewn."));
    }

    private List<DartLine> darts(
            Half panel, Amount waist, Amount centreIn, Amount intake, Amount crease, double slope) {
        int count = DartRules.count(paper, panel, intake, fixed(panel));
        if (count == 0) {
            if (panel == Half.BACK) {
                // No step: what the setting comes to is told all the same, for when there is a dart.
                paper.fact(waist.over(2).as(PanelFacts.DART_FROM_CENTRE.ofBack(), "back dart from the centre back"));
            }
            return List.of();
        }
        Amount length = DartRules.length(paper, set, paper.known(Fact.HIP_DEPTH), panel);
        double each = intake.value() / count;
        double lean = Math.max(-MOST_LEAN, Math.min(MOST_LEAN, slope));
        Amount whole = waist.plus(intake);
        Amount end = centreIn.plus(whole).called(panel.id() + " waist quarter with darts");
        Amount room = DartRules.CLEAR.plus(intake.over(2 * count));
        Amount outermost = count == 1 ? end.minus(room) : end.minus(intake).minus(DartRules.CLEAR.times(2));
        Amount place;
        if (panel == Half.FRONT) {
            place = crease;
        } else if (set.asked(DART_PLACE_BACK).isPresent()) {
            place = centreIn.plus(set.amount(DART_PLACE_BACK));
        } else {
            place = centreIn.plus(whole.over(count + 1.0));
        }
        Amount first = place.atMost(outermost).atLeast(centreIn.plus(room));
        if (panel == Half.BACK) {
            fromCentre(first, centreIn);
        }
        if (count == 1) {
            return placed(panel, first, List.of(new DartLine(first.value(), each, length.value(), lean)));
        }
        Amount second = first.plus(end).over(2);
        List<DartLine> two = List.of(
                new DartLine(first.value(), each, length.value(), lean),
                new DartLine(second.value(), each, length.value(), lean));
        placed(panel, first, two);
        paper.step(
                PanelFacts.DART_SECOND.of(panel),
                panel.title() + " second dart from the centre",
                second.called(panel.id() + " second dart"),
                "Half-way from the first dart to the side.");
        return two;
    }

    /** The back dart from where the shaped centre meets the waist: what a hand or a way asks. */
    private void fromCentre(Amount first, Amount centreIn) {
        Amount place = centreIn.value() > 0 ? first.minus(centreIn) : first;
        if (set.byHand(DART_PLACE_BACK)
                && Math.abs(place.value() - set.amount(DART_PLACE_BACK).value()) > Tolerance.SEAM) {
            throw new Refusal(
                    DART_PLACE_BACK.field(),
                    "Here the back dart finds room " + TapeWriter.inBoth(Length.mm(place.value()))
                            + " from the centre back");
        }
        paper.step(
                place.as(PanelFacts.DART_FROM_CENTRE.ofBack(), "back dart from the centre back"),
                "Back dart from the centre back, as it is shaped",
                set.asked(DART_PLACE_BACK).isPresent()
                        ? set.why(DART_PLACE_BACK)
                        : Sentence.of("In the middle of what the waist is with its dart."));
    }

    private OptionalInt fixed(Half panel) {
        return panel == Half.FRONT && set.chose(DARTS_FRONT, DartCount.ONE) ? OptionalInt.of(1) : OptionalInt.empty();
    }

    private List<DartLine> placed(Half panel, Amount first, List<DartLine> darts) {
        paper.step(
                first.as(PanelFacts.DART_PLACE.of(panel), panel.id() + " dart from the centre"),
                panel.title() + " dart from the centre line",
                panel == Half.FRONT
                        ? "On the crease, where the leg's own fold begins."
                        : "From the centre back along the waist, square to it.");
        return darts;
    }
}
