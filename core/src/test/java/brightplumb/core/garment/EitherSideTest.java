package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Way;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A verdict can be off, and is so on what any cutter would refuse: one case on either side of each. */
class EitherSideTest {

    /** A pocket that is as small as can be asked comes as near as it must, mm. */
    private static final double LEAST_SCOOP = 12;

    private static final Bodies.Row HER = Bodies.all().get(40);

    private static Drafted drafted(String cut, String way, Map<String, Object> settings, String... with) {
        return Drafting.draft(DraftRequest.of(
                cut, way, Bodies.withDepths(HER), settings, null, new MadeWith(Set.of(with), Set.of())));
    }

    private static Check check(Drafted drafted, String id) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + id));
    }

    @ParameterizedTest
    @CsvSource({
        // A waist that stands off slides down.
        "classic-trousers, waistEase, 25, waist.fits, TRUE",
        "classic-trousers, waistEase, 100, waist.fits, WATCH",
        "straight-skirt, waistEase, 100, waist.fits, WATCH",
        // Cloth that frays, cut on the line.
        "classic-trousers, sideAllowance, 10, seams.hold, TRUE",
        "classic-trousers, sideAllowance, 0, seams.hold, OFF",
        "classic-trousers, hemAllowance, 0, seams.hold, OFF",
        "ankle-pencil, zipAllowance, 0, seams.hold, OFF",
        // The centre front moved at the waist.
        "straight-skirt, centreFrontDrop, 12, centre.front, TRUE",
        "straight-skirt, centreFrontDrop, 25, centre.front, WATCH",
        "straight-skirt, centreFrontDrop, 50, centre.front, OFF",
        "lounge-shorts, centreFrontIn, 50, centre.front, OFF",
        // A leg whose back reaches further to the inseam than to the side.
        "shorts-block, backLegAdd, 12.7, crease.plumb, TRUE",
        "shorts-block, backLegAdd, 50, crease.plumb, OFF",
        // A hip on the bare body is off plumb where a hand asked it, not where its way has it.
        "classic-trousers, hipEase, 5, hip.fits, WATCH",
        "darted-pencil, hipEase, 5, hip.fits, WATCH"
    })
    void what_a_hand_asks_is_true_on_one_side_and_not_on_the_other(
            String cut, String setting, double amount, String check, Verdict verdict) {
        assertThat(check(drafted(cut, null, Map.of(setting, amount)), check).verdict())
                .isEqualTo(verdict);
    }

    @Test
    void a_pocket_s_mouth_keeps_an_inch_from_a_dart_unless_a_hand_brings_it_nearer() {
        for (Bodies.Row row : Bodies.some()) {
            Drafted usual = Drafting.draft(DraftRequest.of(
                    "classic-trousers",
                    null,
                    Bodies.withDepths(row),
                    Map.of(),
                    null,
                    new MadeWith(Set.of("scoop-pocket"), Set.of())));
            usual.checks().stream()
                    .filter(c -> c.id().id().equals("pocket.clear") && Bodies.step(usual, "scoopAcross") > LEAST_SCOOP)
                    .forEach(c -> assertThat(c.verdict()).as(row.toString()).isEqualTo(Verdict.TRUE));
        }
        Tried tried = new Tried();
        Drafted nearest = IntStream.iterate(150, across -> across - 5)
                .mapToObj(across -> tried.draft(() -> drafted(
                        "classic-trousers",
                        null,
                        Map.of("dartIntakeFront", 20.0, "scoopAcross", (double) across),
                        "scoop-pocket")))
                .flatMap(Optional::stream)
                .findFirst()
                .orElseThrow();
        Check clear = check(nearest, "pocket.clear");
        assertThat(clear.verdict()).isNotEqualTo(Verdict.TRUE);
        assertThat(clear.remedies()).isNotEmpty();
    }

    @TestFactory
    Stream<DynamicTest> a_way_on_the_bare_hip_says_so_in_one_notice_and_leans_on_nobody() {
        return Catalogue.CUTS.stream()
                .flatMap(cut -> cut.ways().stream().map(way -> new String[] {cut.id(), way.id()}))
                .map(of -> DynamicTest.dynamicTest(of[0] + " " + of[1], () -> {
                    Drafted drafted = drafted(of[0], of[1], Map.of());
                    boolean bare = drafted.draft().notices().stream().anyMatch(n -> n.id().equals("bare-hip"));
                    boolean little = !drafted.request().cloth().stretches()
                            && drafted.settings().stream()
                                    .anyMatch(s -> s.setting().key().equals("hipEase")
                                            && s.amount().value() < 12.7);
                    assertThat(bare).isEqualTo(little);
                    drafted.checks().stream()
                            .filter(c -> c.id().id().equals("hip.fits"))
                            .forEach(c -> assertThat(c.verdict()).isNotEqualTo(Verdict.WATCH));
                }));
    }

    @Test
    void a_recipe_s_own_pocket_mouth_is_told_once_and_a_hand_s_leans() {
        Drafted recipe = drafted("drawcord-shorts", null, Map.of());
        assertThat(check(recipe, "hand.passes").verdict()).isEqualTo(Verdict.TRUE);
        assertThat(recipe.draft().notices())
                .filteredOn(n -> n.id().equals("pocket-mouth-small"))
                .hasSize(1);
        Drafted hand = drafted("drawcord-shorts", null, Map.of("scoopDown", 95.0));
        assertThat(check(hand, "hand.passes").verdict()).isEqualTo(Verdict.WATCH);
    }

    @TestFactory
    Stream<DynamicTest> a_hem_below_the_knee_leans_only_where_the_legs_push_it() {
        return Stream.of(Map.of("hemTaper", -150.0), Map.of("slit", 250.0), Map.<String, Object>of("hemTaper", 25.0))
                .map(settings -> DynamicTest.dynamicTest(settings.toString(), () -> {
                    for (Bodies.Row row : Bodies.some()) {
                        Drafted drafted = Drafting.draft(DraftRequest.of(
                                "straight-skirt", null, Bodies.withDepths(row), new HashMap<>(settings), null));
                        Verdict length = check(drafted, "length.suits").verdict();
                        Verdict step = check(drafted, "strides").verdict();
                        assertThat(length == Verdict.WATCH && step == Verdict.TRUE)
                                .as(row.toString())
                                .isFalse();
                    }
                }));
    }

    @ParameterizedTest
    @CsvSource({"120, TRUE", "76, TRUE", "52, WATCH"})
    void a_dart_is_long_enough_for_what_it_takes_in(double length, Verdict verdict) {
        Check darts = check(
                drafted("classic-trousers", null, Map.of("dartIntakeFront", 25.0, "dartLengthFront", length)),
                "darts.sound");
        assertThat(darts.verdict()).isEqualTo(verdict);
        assertThat(darts.remedies().isEmpty()).isEqualTo(verdict == Verdict.TRUE);
    }

    @Test
    void a_kick_fold_on_a_tapered_centre_runs_on_smoothly() {
        for (Bodies.Row row : Bodies.some()) {
            Drafted kick = Drafting.draft(DraftRequest.of(
                    "slit-pencil",
                    null,
                    Bodies.withDepths(row),
                    Map.of(),
                    null,
                    new MadeWith(Set.of("kick-fold"), Set.of())));
            assertThat(check(kick, "joins.smooth").measured()).isLessThan(0.01);
        }
    }

    @Test
    void darts_that_a_hand_asks_are_drawn_or_refused_with_what_there_is_room_for() {
        for (String cut : List.of("straight-skirt", "classic-trousers")) {
            assertThatThrownBy(() -> drafted(cut, null, Map.of("dartIntakeFront", 120.0)))
                    .isInstanceOf(Refusal.class)
                    .satisfies(e -> assertThat(((Refusal) e).faults()).anySatisfy(f -> {
                        assertThat(f.field().toString()).isEqualTo("settings.dartIntakeFront");
                        assertThat(f.message()).contains("Here the front darts take from");
                    }));
        }
    }

    /** Refused once: a shaped band on a body whose hip is hardly larger than its waist. */
    @ParameterizedTest
    @CsvSource({"38, 950", "0, 1020", "20, 1100", "250, 980"})
    void a_shaped_band_is_drawn_on_any_drop(double drop, double hip) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(Measure.WAIST_GIRTH, hip - drop);
        mm.put(Measure.HIP_GIRTH, hip);
        mm.put(Measure.OUTSIDE_LEG, 1020.0);
        for (Way way : Catalogue.of("flap-pocket-shorts").orElseThrow().ways()) {
            assertThat(Drafting.draft(DraftRequest.of(
                                    "flap-pocket-shorts", way.id(), Sheet.ofMillimetres(mm), Map.of(), null))
                            .pieces())
                    .isNotEmpty();
        }
    }

    @TestFactory
    Stream<DynamicTest> what_a_hand_spoiled_is_mended_or_given_back() {
        return Stream.of(
                        Map.entry("classic-trousers", Map.<String, Object>of("frontExtension", 110.0)),
                        Map.entry("classic-trousers", Map.<String, Object>of("backExtension", 190.0)),
                        Map.entry("classic-trousers", Map.<String, Object>of("forkDrop", 40.0)),
                        Map.entry("classic-trousers", Map.<String, Object>of("crotchDepth", 400.0)),
                        Map.entry("straight-skirt", Map.<String, Object>of("waistEase", -60.0)),
                        Map.entry("round-neck-bodysuit", Map.<String, Object>of("crotchDepth", 150.0)),
                        Map.entry("sleeved-playsuit", Map.<String, Object>of("bustEase", -120.0)))
                .map(e -> DynamicTest.dynamicTest(e.toString(), () -> {
                    Drafted spoiled = drafted(e.getKey(), null, e.getValue());
                    List<Check> off = spoiled.checks().stream()
                            .filter(c -> c.verdict() == Verdict.OFF)
                            .toList();
                    assertThat(off).isNotEmpty();
                    for (Check check : off) {
                        assertThat(check.remedies()).as(check.id().id()).isNotEmpty();
                        Remedy first = check.remedies().get(0);
                        Map<String, Object> settings = new HashMap<>(e.getValue());
                        first.givenBack().forEach(s -> settings.remove(s.key()));
                        settings.putAll(SettingValue.told(first.settings()));
                        assertThat(check(
                                                drafted(e.getKey(), null, settings),
                                                check.id().id())
                                        .verdict())
                                .isEqualTo(Verdict.TRUE);
                    }
                }));
    }

    @Test
    void firm_cloth_may_be_left_as_it_is_cut_at_a_hem() {
        Cloth felted = new Cloth(0, 1500, true, false).fraying(false);
        Drafted drafted = Drafting.draft(
                DraftRequest.of("classic-trousers", null, Bodies.withDepths(HER), Map.of("hemAllowance", 0.0), felted));
        assertThat(check(drafted, "seams.hold").verdict()).isEqualTo(Verdict.TRUE);
    }
}
