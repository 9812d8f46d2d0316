package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;
import static brightplumb.core.rule.AllowanceSettings.*;
import static brightplumb.core.rule.BodiceSettings.*;
import static brightplumb.core.rule.BodiceSettings.NECK_EASE;
import static brightplumb.core.rule.BodiceSettings.NECK_FIT;
import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.CrotchSettings.CROTCH_DEPTH;
import static brightplumb.core.rule.CrotchSettings.RISE_EASE;
import static brightplumb.core.rule.Rule.choosing;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.SuitSettings.*;

import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.AllowanceHabit;
import brightplumb.core.rule.ArmholeFrom;
import brightplumb.core.rule.ArmholeRule;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.Given;
import brightplumb.core.rule.NeckFit;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The bodysuits of the catalogue: each the amounts in which it differs. Common practice, no source. */
final class SuitCuts {

    private static final List<Measure> TAKEN = List.of(
            WAIST_GIRTH,
            HIP_DEPTH,
            HIP_GIRTH,
            BODY_RISE,
            THIGH_GIRTH,
            BUST_GIRTH,
            SHOULDER_WIDTH,
            ACROSS_BACK,
            SHOULDER_TO_BUST,
            SHOULDER_TO_WAIST,
            SHOULDER_TO_HIP,
            ARMHOLE_GIRTH,
            NECK_GIRTH,
            HEAD_GIRTH,
            VERTICAL_TRUNK,
            STATURE);

    private static final List<Measure> ROMPER =
            Stream.concat(TAKEN.stream(), Stream.of(OUTSIDE_LEG)).sorted().toList();

    private static final Cloth STRETCH = new Cloth(0.4, 1500, true, false);
    private static final Cloth NET = new Cloth(0.45, 1500, true, false);
    private static final Cloth HIGH_STRETCH = new Cloth(0.5, 1500, true, false);

    private static final Rule BY_THE_CLOTH = choosing(
            given -> given.cloth().stretches() ? Closure.NONE : Closure.CENTRE_BACK_ZIP,
            "Cloth that stretches is pulled on; cloth that does not needs an opening behind.");

    static final List<Cut> ALL = List.of(
            suit(
                            "round-neck-bodysuit",
                            "Round-neck bodysuit",
                            "Round at the neck, without sleeves, fastened with studs between the legs.",
                            Map.of(
                                    BACK_NECK_DEPTH, Rule.inProportion(Amount.byHabit(1.5), "{1.5} behind."),
                                    FRONT_NECK_DEPTH, Rule.inProportion(Amount.byHabit(3), "Round, {3} in front.")))
                    .made(Operations.ZIP, Operations.BIAS_BINDING, Operations.CROTCH_STRIP)
                    .in(STRETCH)
                    .sewn(Sequence.SIDES_LAST)
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.SUITS, "sitting"),
                            "By the rise, taken seated; the front ends {1} below the crotch line, the back {3} below "
                                    + "that line.",
                            Map.of(
                                    ARMHOLE_RULE, chosen(ArmholeRule.BUST_SIXTH, "A sixth of the bust and {1.5}."),
                                    BACK_END, inches(2, "{3} below the crotch line itself."),
                                    CROTCH_WIDTH, inches(1, "A strip {2} wide.")))),
            suit(
                            "funnel-bodysuit",
                            "Funnel bodysuit",
                            "Of stretch net, with a funnel at the neck and sleeves over the hands; without sleeves, "
                                    + "an inner layer.",
                            Map.of(
                                    NECK_WIDTH,
                                            Rule.inProportion(Amount.byHabit(2.75), "Close: the funnel stands on it."),
                                    FRONT_NECK_DEPTH, Rule.inProportion(Amount.byHabit(3), "{3} in front."),
                                    BACK_NECK_DEPTH, Rule.inProportion(Amount.byHabit(1.5), "{1.5} behind."),
                                    NECK_FIT,
                                            choosing(
                                                    given -> given.body()
                                                                    .find(NECK_GIRTH)
                                                                    .isPresent()
                                                            ? NeckFit.CLOSE
                                                            : NeckFit.DRAWN,
                                                    "Close, by the tape round the neck where it was taken."),
                                    NECK_EASE,
                                            worked(
                                                    SuitCuts::roundTheHead,
                                                    "{0.75}, to turn the head, or as much more as lets it through."),
                                    CROTCH_WIDTH, inches(1.5, "A strip {3} wide.")))
                    .made(
                            Operations.ZIP,
                            Operations.SLEEVE,
                            Operations.FUNNEL,
                            Operations.THUMB_OPENING,
                            Operations.BIAS_BINDING,
                            Operations.CROTCH_STRIP)
                    .in(NET)
                    .sewn(Sequence.LEG_FIRST)
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.SUITS, "sitting"),
                            "{1} below the rise; the hip line {5} down, a quarter of the hip wide; the back's strip "
                                    + "{2} a side.",
                            Map.of(
                                    ARMHOLE_FROM,
                                            chosen(
                                                    ArmholeFrom.LEVEL,
                                                    "From the level line, before the shoulder is sloped."),
                                    CROTCH_DEPTH,
                                            worked(
                                                    given -> given.body()
                                                            .find(BODY_RISE)
                                                            .orElseThrow()
                                                            .plus(Amount.inches("deeper than the rise", 1)),
                                                    "The rise and {1}."),
                                    NECK_FIT, chosen(NeckFit.DRAWN, "As wide and deep as its amounts say."),
                                    BACK_END, inches(5, "{5} below the front's end."),
                                    CROTCH_WIDTH_BACK, inches(2, "Wider behind, for the studs.")))),
            suit(
                            "swim-bodysuit",
                            "Swim bodysuit",
                            "Straps {2} wide, deep behind to get in by, the legs bound flat.",
                            Map.of(
                                    STRAP, Rule.inProportion(Amount.byHabit(2), "{2} wide when it is finished."),
                                    FRONT_NECK_DEPTH, Rule.inProportion(Amount.byHabit(5), "{5} in front."),
                                    BACK_NECK_DEPTH,
                                            Rule.inProportion(Amount.byHabit(8), "Deep behind: it is the way in."),
                                    FASTENING,
                                            chosen(CrotchFastening.SEWN, "Cloth that stretches so far needs no studs."),
                                    CROTCH_WIDTH, inches(1.5, "A strip {3} wide."),
                                    ALLOWANCES, chosen(AllowanceHabit.KNIT, "{0.5} at the shoulder."),
                                    SIDE_ALLOWANCE, inches(0.5, "{0.5}, sewn on the line.")))
                    .made(Operations.ZIP, Operations.BIAS_BINDING)
                    .in(HIGH_STRETCH)
                    .sewn(Sequence.SIDES_LAST)
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.SUITS, "hipquarter"),
                            "By a quarter of the hip: the hip quarter half-way down to the crotch, guides of {5} and "
                                    + "{7}.",
                            Map.of(FRONT_END, inches(2, "{2} below the crotch line.")))),
            Cut.of(
                            "pull-on-romper",
                            "Pull-on romper",
                            "In one from the straps to the legs, cut on the fold without a fork, pulled on through "
                                    + "the neck.",
                            Group.ONE_PIECE,
                            Parts.ROMPER,
                            "house",
                            ROMPER,
                            Map.of(CLOSURE, BY_THE_CLOTH))
                    .made(Operations.ZIP, Operations.BIAS_BINDING)
                    .in(HIGH_STRETCH)
                    .sewn(Sequence.LEG_FIRST)
                    .recipe(Way.byTheRecipe(
                            Ways.of(Ways.ROMPERS, "house"),
                            "Cut on the body line from levels as taped; {3} deeper than the rise.",
                            Map.of(
                                    ARMHOLE_FROM,
                                            chosen(
                                                    ArmholeFrom.LEVEL,
                                                    "From the level line, before the shoulder is sloped."),
                                    CROTCH_DEPTH,
                                            worked(
                                                    given -> given.body()
                                                            .find(BODY_RISE)
                                                            .orElseThrow()
                                                            .plus(given.amount(RISE_EASE)),
                                                    "The rise and {3}.")))));

    private SuitCuts() {}

    /** What the neckline of a funnel is longer than the neck: pulled wide, it passes the head. */
    private static Amount roundTheHead(Given given) {
        Amount turning = Amount.byHabit(0.75);
        return given.body()
                .find(HEAD_GIRTH)
                .flatMap(head -> given.body()
                        .find(NECK_GIRTH)
                        .map(neck -> head.over(1 + given.cloth().stretch()).minus(neck)))
                .map(asked -> asked.atLeast(turning))
                .orElse(turning);
    }

    private static Cut suit(String id, String title, String about, Map<Setting, Rule> defaults) {
        Map<Setting, Rule> all = new HashMap<>(defaults);
        all.put(CLOSURE, BY_THE_CLOTH);
        return Cut.of(id, title, about, Group.ONE_PIECE, Parts.BODYSUIT, "house", TAKEN, all);
    }
}
