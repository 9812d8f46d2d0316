package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Settings that know against what they are told, what they leave alone, and when they say anything. */
class SettingsTest {

    private static final Sheet BODY = Sheet.ofMillimetres(new EnumMap<>(Map.of(
            Measure.WAIST_GIRTH, 711.2,
            Measure.HIP_GIRTH, 965.2,
            Measure.HIP_DEPTH, 203.2,
            Measure.BODY_RISE, 266.7,
            Measure.OUTSIDE_LEG, 1030.0,
            Measure.KNEE_DEPTH, 580.0,
            Measure.WAIST_TO_FLOOR, 1045.0)));

    private static Drafted drafted(String cut, Map<String, Object> settings, MadeWith made) {
        return Drafting.draft(DraftRequest.of(cut, null, BODY, settings, null, made));
    }

    private static double length(Object told) {
        return drafted("straight-skirt", Map.of("length", told), MadeWith.NOTHING)
                .draft()
                .fact(Fact.LENGTH)
                .value();
    }

    @Test
    void a_length_is_counted_from_the_level_it_is_told_against() {
        assertThat(length(600.0)).isEqualTo(600);
        assertThat(length(Map.of("from", "waist", "add", 610.0))).isCloseTo(610, within(1e-9));
        assertThat(length(Map.of("from", "knee", "add", -50.0))).isCloseTo(530, within(1e-9));
        assertThat(length(Map.of("from", "ankle", "add", -30.0))).isCloseTo(1000, within(1e-9));
        assertThat(length(Map.of("from", "floor", "add", -100.0))).isCloseTo(945, within(1e-9));
    }

    @Test
    void a_level_that_is_none_and_a_length_that_is_out_of_reach_are_refused_at_the_field() {
        for (Object wrong : List.of(
                Map.of("from", "elbow", "add", 10.0),
                Map.of("from", "knee"),
                Map.of("from", "knee", "add", 9000.0),
                Map.of("from", "knee", "add", -579.0))) {
            assertThatThrownBy(() -> length(wrong))
                    .isInstanceOfSatisfying(
                            Refusal.class,
                            r -> assertThat(r.faults())
                                    .extracting(f -> f.field().path())
                                    .containsOnly("settings.length"));
        }
    }

    @Test
    void what_sits_below_the_waist_takes_as_much_from_every_depth_and_twice_that_from_the_loop() {
        Drafted high = drafted("classic-trousers", Map.of("sitsBelow", 0.0), MadeWith.NOTHING);
        Drafted low = drafted("classic-trousers", Map.of("sitsBelow", 50.0), MadeWith.NOTHING);
        for (Fact depth : List.of(Fact.HIP_DEPTH, Fact.LENGTH, LegFacts.CROTCH_DEPTH)) {
            assertThat(high.draft().fact(depth).value()
                            - low.draft().fact(depth).value())
                    .as(depth.id())
                    .isCloseTo(50, within(1e-9));
        }
        double loop = loop(high) - loop(low);
        assertThat(loop).isCloseTo(100, within(8.0));
    }

    private static double loop(Drafted drafted) {
        return drafted.draft().fact(LegFacts.CROTCH_CURVE.of(Half.FRONT)).value()
                + drafted.draft().fact(LegFacts.CROTCH_CURVE.of(Half.BACK)).value();
    }

    @Test
    void an_edge_has_the_allowance_a_hand_gave_it_and_its_neighbours_keep_theirs() {
        Drafted plain = drafted("straight-skirt", Map.of(), MadeWith.NOTHING);
        Drafted set = drafted("straight-skirt", Map.of("allowance.front.side", 33.0), MadeWith.NOTHING);
        CutPiece front = piece(set, "front");
        assertThat(front.allowances().get("side").outside()).isEqualTo(33);
        assertThat(front.allowances().get("hem"))
                .isEqualTo(piece(plain, "front").allowances().get("hem"));
        assertThat(piece(set, "back").allowances())
                .isEqualTo(piece(plain, "back").allowances());
        assertThatThrownBy(() -> drafted("straight-skirt", Map.of("allowance.front.side", 900.0), MadeWith.NOTHING))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void a_band_taken_off_leaves_the_panel_that_much_shorter_and_covers_what_it_took() {
        MadeWith banded = new MadeWith(Set.of("straight-band"), Set.of(MadeWith.ALL));
        Drafted above = drafted("straight-skirt", Map.of("bandPlace", "above", "bandHeight", 40.0), banded);
        Drafted off = drafted("straight-skirt", Map.of("bandPlace", "taken-off", "bandHeight", 40.0), banded);
        assertThat(top(above) - top(off)).isCloseTo(-40, within(1.5));
    }

    @Test
    void a_band_by_hand_takes_the_place_of_the_recipes_and_two_by_hand_are_refused() {
        MadeWith shaped = new MadeWith(Set.of("shaped-band"), Set.of());
        assertThat(bands(drafted("half-block-skirt", Map.of(), shaped))).containsExactly("shaped-band");
        assertThat(bands(drafted("half-block-skirt", Map.of(), MadeWith.RECIPE)))
                .containsExactly("straight-band");
        assertThatThrownBy(() -> drafted(
                        "straight-skirt", Map.of(), new MadeWith(Set.of("straight-band", "shaped-band"), Set.of())))
                .asInstanceOf(type(Refusal.class))
                .satisfies(refusal -> assertThat(refusal.faults())
                        .singleElement()
                        .satisfies(fault -> assertThat(fault.message()).contains("go to one place")));
    }

    private static List<String> bands(Drafted drafted) {
        return drafted.made().stream()
                .filter(m -> m.done() && m.operation().place().equals("band"))
                .map(m -> m.operation().id())
                .toList();
    }

    private static double top(Drafted drafted) {
        return drafted.draft().panel(Panel.FRONT).sewLine().get(0).from().y();
    }

    private static CutPiece piece(Drafted drafted, String id) {
        return drafted.pieces().stream()
                .filter(p -> p.piece().id().toString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_setting_that_changes_nothing_does_not_apply() {
        Map<String, Boolean> zip = applies("straight-skirt", Map.of("closure", "side-zip"));
        Map<String, Boolean> none = applies("straight-skirt", Map.of("closure", "none"));
        assertThat(zip.get("zipLength")).isTrue();
        assertThat(none.get("zipLength")).isFalse();
        assertThat(applies("classic-trousers", Map.of("waistFinish", "gathered", "closure", "none"))
                        .get("dartIntakeFront"))
                .isFalse();
        assertThat(zip.get("dartIntakeFront")).isTrue();
    }

    private static Map<String, Boolean> applies(String cut, Map<String, Object> settings) {
        Map<String, Boolean> applies = new HashMap<>();
        drafted(cut, settings, MadeWith.NOTHING)
                .settings()
                .forEach(s -> applies.put(s.setting().key(), s.applies()));
        return applies;
    }

    /**
     * How far a cut line may reach from the sewn line, as a multiple of what is added there. Common practice, no
     * source.
     */
    private static final double REACH = 1.75;

    @ParameterizedTest
    @MethodSource("brightplumb.core.garment.JoinsTest#everythingOnEveryCut")
    void a_cut_line_reaches_nowhere_beyond_its_corners_allowance(String cut, String operation) {
        Tried tried = new Tried();
        for (Bodies.Row row : Bodies.some().subList(0, 4)) {
            List<CutPiece> pieces = tried.draft(() -> Bodies.with(operation, cut, row))
                    .map(Drafted::pieces)
                    .orElse(List.of());
            for (CutPiece piece : pieces) {
                double most = piece.allowances().values().stream()
                        .mapToDouble(a -> a.outside())
                        .max()
                        .orElse(0);
                for (Point place : Curves.flattened(piece.cutLine(), 12)) {
                    assertThat(Curves.nearest(piece.piece().sewLine(), place).away())
                            .as(row.id() + " " + piece.piece().id())
                            .isLessThanOrEqualTo(REACH * most + 0.1);
                }
            }
        }
        tried.allButOneOrNone();
    }
}
