package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Habit;
import brightplumb.core.rule.HabitSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Rival habits: told as other ways of their step, taken up by a setting, and never two that contradict each other. */
class HabitsTest {

    private static final Cloth JERSEY =
            Catalogue.of("knit-pencil").orElseThrow().cloth();

    private static Drafted drafted(String cut, Sheet sheet, Map<String, Object> settings, Cloth cloth) {
        return Drafting.draft(DraftRequest.of(cut, null, sheet, settings, cloth));
    }

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void a_habit_taken_up_gives_what_was_told_of_it_and_says_why(String cut) {
        for (Bodies.Row row : Bodies.eightInTurn(cut.hashCode()).subList(0, 4)) {
            Sheet sheet = Bodies.withDepths(row);
            for (Cloth cloth : List.of(Cloth.WOVEN, JERSEY)) {
                Drafted usual = drafted(cut, sheet, Map.of(), cloth);
                Rivals.of(usual)
                        .forEach((step, rivals) -> rivals.stream()
                                .filter(r -> !r.settings().isEmpty())
                                .forEach(rival -> {
                                    assertThat(rival.why().toString()).isNotBlank();
                                    Drafted taken = drafted(cut, sheet, SettingValue.told(rival.settings()), cloth);
                                    assertThat(Bodies.step(taken, step.id()))
                                            .as(row + " " + step + " " + rival.settings())
                                            .isCloseTo(rival.value(), within(1e-9));
                                }));
            }
        }
    }

    @Test
    void every_habit_is_told_somewhere() {
        Sheet flat = flatSeated();
        for (Setting setting : HabitSettings.ALL) {
            for (Object choice : setting.choices()) {
                Habit habit = (Habit) choice;
                // To leave a seat shaped although it is flat changes nothing but what is said.
                if (habit.rules().isEmpty()) {
                    continue;
                }
                boolean told = Catalogue.CUTS.stream()
                        .flatMap(c ->
                                Stream.of(Cloth.WOVEN, JERSEY).map(cloth -> drafted(c.id(), flat, Map.of(), cloth)))
                        .flatMap(d -> Rivals.of(d).values().stream().flatMap(List::stream))
                        .anyMatch(r -> habit.equals(r.settings().get(setting)));
                assertThat(told).as(setting.key() + " " + habit.id()).isTrue();
            }
        }
    }

    @Test
    void a_waist_tilts_as_it_is_told() {
        Sheet sheet = Bodies.inches(28, 38, 8);
        Drafted tilted = drafted("straight-skirt", sheet, Map.of("waistTilt", "side-and-back"), null);
        assertThat(Bodies.step(tilted, "centre.front.drop")).isZero();
        assertThat(Bodies.step(tilted, "side.rise")).isCloseTo(0.75 * Length.INCH, within(1e-9));
        assertThat(Bodies.step(tilted, "centre.back.drop")).isCloseTo(0.5 * Length.INCH, within(1e-9));
    }

    @Test
    void a_hand_wins_over_a_habit_and_a_habit_over_the_recipe() {
        Sheet sheet = Bodies.inches(28, 38, 8);
        Map<String, Object> both = new HashMap<>(Map.of("waistTilt", "front", "sideRise", 10.0));
        Drafted drafted = drafted("darted-pencil", sheet, both, null);
        assertThat(Bodies.step(drafted, "side.rise")).isCloseTo(10, within(1e-9));
        assertThat(Bodies.step(drafted, "centre.front.drop")).isCloseTo(0.5 * Length.INCH, within(1e-9));
    }

    @Test
    void a_back_is_hollowed_or_dropped_never_both_and_two_habits_do_not_say_one_thing() {
        Sheet sheet = Bodies.inches(28, 38, 8);
        Drafted in = drafted("straight-skirt", sheet, Map.of("hollowBack", "in"), null);
        assertThat(Bodies.step(in, "centre.back.drop")).isZero();
        assertThat(Bodies.step(in, "centre.back.in")).isPositive();
        Drafted down = drafted("straight-skirt", sheet, Map.of("hollowBack", "down"), null);
        assertThat(Bodies.step(down, "centre.back.drop")).isPositive();
        assertThat(Bodies.step(down, "centre.back.in")).isZero();
        Map<String, Object> clash = Map.of("hollowBack", "in", "waistTilt", "front");
        assertThatThrownBy(() -> drafted("straight-skirt", sheet, clash, null))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("settings.hollowBack"));
    }

    @Test
    void what_contradicts_a_habit_that_was_chosen_is_not_told() {
        Sheet sheet = Bodies.inches(28, 38, 8);
        assertThat(rivals(drafted("straight-skirt", sheet, Map.of(), null))).contains("hollowBack");
        assertThat(rivals(drafted("straight-skirt", sheet, Map.of("waistTilt", "front"), null)))
                .contains("waistTilt")
                .doesNotContain("hollowBack");
    }

    private static List<String> rivals(Drafted drafted) {
        return Rivals.of(drafted).values().stream()
                .flatMap(List::stream)
                .flatMap(r -> SettingValue.told(r.settings()).keySet().stream())
                .distinct()
                .toList();
    }

    private static Sheet flatSeated() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        Bodies.withDepths(Bodies.all().get(0))
                .readings()
                .forEach((m, r) -> mm.put(m, r.length().mm()));
        mm.put(Measure.FRONT_HIP_ARC, mm.get(Measure.HIP_GIRTH) / 2 + 10);
        mm.put(Measure.BACK_HIP_ARC, mm.get(Measure.HIP_GIRTH) / 2 - 10);
        return Sheet.ofMillimetres(mm);
    }

    private static boolean warned(Drafted drafted) {
        return drafted.draft().notices().stream().anyMatch(n -> n.id().equals("shaping-on-flat-seat"));
    }

    @Test
    void on_a_flat_seat_she_says_which_she_wants() {
        Sheet flat = flatSeated();
        assertThat(warned(drafted("seat-shaped-skirt", flat, Map.of(), null))).isTrue();
        Drafted shaped = drafted("seat-shaped-skirt", flat, Map.of("flatSeat", "shaped"), null);
        Drafted straight = drafted("seat-shaped-skirt", flat, Map.of("flatSeat", "straight"), null);
        assertThat(warned(shaped)).isFalse();
        assertThat(warned(straight)).isFalse();
        assertThat(hem(straight)).isGreaterThan(hem(shaped) + 10);
        // On a seat that is not flat the choice changes nothing.
        Sheet round = Bodies.withDepths(Bodies.all().get(0));
        assertThat(hem(drafted("seat-shaped-skirt", round, Map.of("flatSeat", "straight"), null)))
                .isCloseTo(hem(drafted("seat-shaped-skirt", round, Map.of(), null)), within(1e-9));
    }

    private static double hem(Drafted drafted) {
        return Bodies.step(drafted, "hem.quarter.back");
    }

    @Test
    void a_fork_that_drops_for_the_slope_drops_further_and_the_inseams_still_meet() {
        for (Bodies.Row row : Bodies.some()) {
            Sheet sheet = Bodies.withDepths(row);
            Drafted usual = drafted("classic-trousers", sheet, Map.of(), null);
            Drafted sloped = drafted("classic-trousers", sheet, Map.of("forkDropFor", "slope"), null);
            assertThat(Bodies.step(sloped, "fork.drop") - Bodies.step(usual, "fork.drop"))
                    .as(row.toString())
                    .isBetween(4.0, 9.0);
            assertThat(sloped.checks().stream()
                            .filter(c -> c.id().id().equals("inseam.meets"))
                            .findFirst()
                            .orElseThrow()
                            .verdict())
                    .isEqualTo(Verdict.TRUE);
        }
    }

    @Test
    void in_stretch_it_is_cut_smaller_once_and_woven_cloth_is_left_alone() {
        Sheet sheet = Bodies.withDepths(Bodies.all().get(0));
        double hip = sheet.reading(Measure.HIP_GIRTH).orElseThrow().length().mm();
        Cloth forty = new Cloth(0.4, 1500, true, false);
        for (String cut : List.of("straight-skirt", "knit-pencil")) {
            assertThat(Bodies.step(drafted(cut, sheet, Map.of("stretchHabit", "quarter"), forty), "hip.ease"))
                    .isCloseTo(-0.1 * hip, within(1e-9));
            assertThat(Bodies.step(drafted(cut, sheet, Map.of("stretchHabit", "eighth"), forty), "hip.ease"))
                    .isCloseTo(-0.05 * hip, within(1e-9));
            Drafted seams = drafted(cut, sheet, Map.of("stretchHabit", "seams"), forty);
            assertThat(Bodies.step(seams, "hip.ease")).isZero();
            assertThat(seams.checks().stream()
                            .filter(c -> c.id().id().equals("hip.fits"))
                            .findFirst()
                            .orElseThrow()
                            .measured())
                    .as("sewn half an inch inside at four edges: " + cut)
                    .isCloseTo((hip - 2 * Length.INCH) * 1.4, within(1.5));
        }
        assertThat(Bodies.step(
                        drafted("straight-skirt", sheet, Map.of("stretchHabit", "eighth"), Cloth.WOVEN), "hip.ease"))
                .isEqualTo(Bodies.step(drafted("straight-skirt", sheet, Map.of(), Cloth.WOVEN), "hip.ease"));
    }
}
