package brightplumb.core.rule;

import static brightplumb.core.rule.CrotchSettings.*;
import static brightplumb.core.rule.Habit.BY_WAY;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.measure.Measure;
import brightplumb.core.pattern.Half;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/** Where cutters of trousers and shorts do otherwise than any way here. Common practice, no source. */
public final class LegHabitSettings {

    /** The second reason for a fork that drops: the slope of the body. */
    public static final Setting FORK_DROP_FOR = Setting.choice(
                    "forkDropFor", "Fork drop for", Zone.CROTCH, "Back fork drops for", BY_WAY, slope())
            .when(set -> set.asked(FORK_DROP).isEmpty());

    public static final Setting CROTCH_DEPTH_BY = Setting.choice(
            "crotchDepthBy",
            "Crotch depth by",
            Zone.CROTCH,
            "Crotch depth by",
            BY_WAY,
            depth("hip-and-one", "A quarter of the hip, fitted", 1, "{1}"),
            depth("hip-and-more", "A quarter of the hip, easier", 1.5, "{1.5}"));

    public static final Setting FRONT_FORK_BY =
            Setting.choice("frontForkBy", "Front fork by", Zone.CROTCH, "Front fork by", BY_WAY, thigh());

    public static final Setting BACK_WAIST_BY = Setting.choice(
            "backWaistBy",
            "Back waist by",
            Zone.WAIST,
            "Back waist by",
            BY_WAY,
            waist(
                    "two-up",
                    "Well up, a little in",
                    "{2} up and {1} in, whatever the body.",
                    inches(2, "{2}, for sitting and bending."),
                    inches(1, "{1} in from the centre line.")),
            waist(
                    "by-extension",
                    "Up by the front fork, in by the bust span",
                    "As far up as the front fork goes out, in by a quarter of the bust span.",
                    worked(given -> given.amount(FRONT_EXTENSION), "As far up as the front fork goes out."),
                    worked(given -> given.body().bustSpan().over(4), "In a quarter of the bust span.")));

    static final List<Setting> ALL = List.of(BACK_WAIST_BY, CROTCH_DEPTH_BY, FRONT_FORK_BY, FORK_DROP_FOR);

    private LegHabitSettings() {}

    private static Habit slope() {
        String why = "The body slopes down toward the back: a fork left high pulls the seam between the seat. "
                + "It drops until the back inseam is {0.25} shorter, which is stretched on to the front's.";
        return new Habit(
                "slope",
                "The slope of the body",
                why,
                List.of(LegFacts.FORK_DROP),
                Map.of(STRETCH_IN, inches(0.25, why)));
    }

    private static Habit depth(String id, String title, double inches, String spoken) {
        String why =
                "Without a seated rise to go by, the hip says how deep she sits: a quarter of it and " + spoken + ".";
        return new Habit(
                id,
                title,
                why,
                List.of(LegFacts.CROTCH_DEPTH),
                Map.of(
                        CROTCH_DEPTH,
                        worked(given -> given.body().hip().over(4).plus(Amount.inches("to sit in", inches)), why)));
    }

    private static Habit thigh() {
        String why =
                "What the thigh needs over the quarter of the hip goes between the legs: for thighs that are thick "
                        + "for their hips.";
        return new Habit(
                "thigh",
                "By the thigh",
                why,
                List.of(LegFacts.CROTCH_EXTENSION.of(Half.FRONT)),
                Map.of(
                        FRONT_EXTENSION,
                        worked(
                                given -> given.body()
                                        .find(Measure.THIGH_GIRTH)
                                        .orElseThrow()
                                        .plus(Amount.inches("room at the thigh", 2))
                                        .over(2)
                                        .minus(given.body().hip().over(4)),
                                why)));
    }

    private static Habit waist(String id, String title, String why, Rule rise, Rule in) {
        return new Habit(
                id,
                title,
                why + " The loop comes out as it will, and its check says how.",
                List.of(LegFacts.BACK_RISE, PanelFacts.BACK_IN),
                Map.of(BACK_RISE, rise, BACK_IN, in));
    }
}
