package brightplumb.core.rule;

import static brightplumb.core.rule.AllowanceSettings.SIDE_SEWN_IN;
import static brightplumb.core.rule.DartSettings.DART_LENGTH_BACK;
import static brightplumb.core.rule.DartSettings.DART_LENGTH_FRONT;
import static brightplumb.core.rule.Habit.BY_WAY;
import static brightplumb.core.rule.HipSettings.HIP_EASE;
import static brightplumb.core.rule.HipSettings.NEGATIVE_EASE;
import static brightplumb.core.rule.Rule.chosen;
import static brightplumb.core.rule.Rule.inches;
import static brightplumb.core.rule.Rule.worked;
import static brightplumb.core.rule.WaistSettings.*;

import brightplumb.core.measure.Refusal;
import brightplumb.core.working.Amount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Where cutters do otherwise than any way here: each a choice with its reason. Common practice, no source. */
public final class HabitSettings {

    // Front down, side up and back down all move the one line; most cutters use one or two of the three.
    public static final Setting WAIST_TILT = Setting.choice(
            "waistTilt",
            "Waist tilt",
            Zone.WAIST,
            "Waist tilts",
            BY_WAY,
            tilt("front", "Front down alone", 0.5, 0, 0, "Only the front hangs too long; side and back stay level."),
            tilt(
                    "front-and-side",
                    "Front down, side up",
                    0.5,
                    0.5,
                    0,
                    "The way over the belly is shorter, over the side of the hip longer; the back stays level."),
            tilt(
                    "side-and-back",
                    "Side up, back down",
                    0,
                    0.75,
                    0.5,
                    "The way over the side of the hip is longer, down the hollow of the back shorter; the front stays "
                            + "level."),
            tilt(
                    "side-and-back-little",
                    "Side up, back down, a little",
                    0,
                    0.25,
                    0.25,
                    "A quarter of each, for a side and a back that are nearly straight."));

    /** Sideways at its centre seam or down at its waist: rivals, not a sum. */
    public static final Setting HOLLOW_BACK = Setting.choice(
                    "hollowBack",
                    "Hollow back",
                    Zone.WAIST,
                    "Hollow of the back",
                    BY_WAY,
                    hollow(
                            "in",
                            "In at the seam, level",
                            CentreBackShape.WAIST,
                            0,
                            "The seam follows the hollow in, so nothing is left over to drop."),
                    hollow(
                            "down",
                            "Dropped, the seam straight",
                            CentreBackShape.STRAIGHT,
                            0.5,
                            "The hollow makes the way down the back shorter; the seam stays on the grain."))
            .when(set -> !shapesSeat(set));

    private static final String ON_A_FLAT_SEAT =
            "Where the back hip is no larger than the front, shaping raises a bump that is not hers.";

    /** She asked for the shape, and some want just that; or it is left off. */
    public static final Habit SHAPED_ALL_THE_SAME = new Habit(
            "shaped",
            "Shaped all the same",
            "Some want just that: a seat where the body has none.",
            List.of(PanelFacts.CENTRE_BACK_IN),
            Map.of());

    public static final Habit LEFT_STRAIGHT = new Habit(
            "straight",
            "Left straight",
            ON_A_FLAT_SEAT,
            List.of(PanelFacts.CENTRE_BACK_IN),
            Map.of(CENTRE_BACK_SHAPE, chosen(CentreBackShape.STRAIGHT, ON_A_FLAT_SEAT)));

    public static final Setting FLAT_SEAT = Setting.choice(
                    "flatSeat", "Flat seat", Zone.WAIST, "On a flat seat", BY_WAY, SHAPED_ALL_THE_SAME, LEFT_STRAIGHT)
            .when(set ->
                    set.body().flatSeated() && (shapesSeat(set) || set.chose(HabitSettings.FLAT_SEAT, LEFT_STRAIGHT)));

    public static final Setting DART_REACH = Setting.choice(
                    "dartReach", "Reach of the darts", Zone.DARTS, "Darts reach", BY_WAY, oneLevel())
            .when(set -> !set.chose(WAIST_FINISH, WaistFinish.GATHERED));

    public static final Setting STRETCH_HABIT = Setting.choice(
                    "stretchHabit",
                    "Cut in stretch",
                    Zone.HIP,
                    "In stretch",
                    BY_WAY,
                    smaller(
                            "quarter",
                            "A quarter of what it gives",
                            0.25,
                            "Ten in a hundred smaller on cloth that gives forty: close, and it does not slip."),
                    smaller(
                            "eighth",
                            "An eighth of what it gives",
                            0.125,
                            "Five in a hundred smaller on cloth that gives forty: it lies on the body and draws "
                                    + "nothing."),
                    inTheSeams())
            .when(set -> set.cloth().stretches());

    /** Every one of them, those of legs too. */
    public static final List<Setting> ALL = Stream.concat(
                    Stream.of(WAIST_TILT, HOLLOW_BACK, FLAT_SEAT, DART_REACH, STRETCH_HABIT),
                    LegHabitSettings.ALL.stream())
            .toList();

    private HabitSettings() {}

    /**
     * Two habits chosen by hand that say different things of one setting.
     *
     * @return the later of the two and what is wrong with it; empty where they agree
     */
    public static Optional<Refusal.Fault> clash(Map<Setting, SettingValue> byHand) {
        Map<Setting, Setting> said = new HashMap<>();
        for (Setting setting : ALL) {
            if (byHand.get(setting) instanceof Habit habit) {
                for (Setting of : habit.rules().keySet()) {
                    Setting first = said.putIfAbsent(of, setting);
                    if (first != null) {
                        return Optional.of(new Refusal.Fault(
                                setting.field(),
                                first.title() + " says already what " + of.spoken() + " is; choose one of the two"));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean shapesSeat(Settings set) {
        return set.chose(CENTRE_BACK_SHAPE, CentreBackShape.ROUND)
                || set.chose(CENTRE_BACK_SHAPE, CentreBackShape.UNDER_SEAT);
    }

    /** Inches that the centre front goes down, the side up, the centre back down. */
    private static Habit tilt(String id, String title, double front, double side, double back, String why) {
        return new Habit(
                id,
                title,
                why,
                List.of(CENTRE_FRONT_DROP.fact(), SIDE_RISE.fact(), CENTRE_BACK_DROP.fact()),
                Map.of(
                        CENTRE_FRONT_DROP, inches(front, why),
                        SIDE_RISE, inches(side, why),
                        CENTRE_BACK_DROP, inches(back, why)));
    }

    private static Habit hollow(String id, String title, CentreBackShape shape, double drop, String why) {
        return new Habit(
                id,
                title,
                why,
                List.of(PanelFacts.CENTRE_BACK_IN, CENTRE_BACK_DROP.fact()),
                Map.of(CENTRE_BACK_SHAPE, chosen(shape, why), CENTRE_BACK_DROP, inches(drop, why)));
    }

    private static Habit oneLevel() {
        String why = "Front and back stop at one level, {2} above the hip, so that the points make one line.";
        Rule above = worked(given -> HouseHabits.aboveHip(given, "both darts", 2), why);
        return new Habit(
                "one-level",
                "Both to one level",
                why,
                List.of(DART_LENGTH_FRONT.fact(), DART_LENGTH_BACK.fact()),
                Map.of(DART_LENGTH_FRONT, above, DART_LENGTH_BACK, above));
    }

    /** Cut smaller by a share of the stretch; the seams are then sewn where they are drawn. */
    private static Habit smaller(String id, String title, double share, String why) {
        return new Habit(
                id,
                title,
                why,
                List.of(HIP_EASE.fact()),
                Map.of(
                        NEGATIVE_EASE, worked(given -> HouseHabits.negativeEase(given, share), why),
                        HIP_EASE,
                                worked(
                                        given -> HouseHabits.ease(
                                                given, given.body().hip(), 0),
                                        why),
                        SIDE_SEWN_IN, inches(0, why)));
    }

    private static Habit inTheSeams() {
        String why = "Drafted on the body, which is where it is cut; {0.5} sewn at each of four edges is what it is "
                + "smaller by.";
        return new Habit(
                "seams",
                "The seams are what it is smaller by",
                why,
                List.of(HIP_EASE.fact()),
                Map.of(
                        NEGATIVE_EASE,
                        worked(given -> Amount.ratio("none, the seams are", 0), why),
                        HIP_EASE,
                        inches(0, why),
                        SIDE_SEWN_IN,
                        inches(0.5, why)));
    }
}
