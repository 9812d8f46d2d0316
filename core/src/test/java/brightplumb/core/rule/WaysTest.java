package brightplumb.core.rule;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.block.leg.Legs;
import brightplumb.core.block.skirt.Skirt;
import brightplumb.core.garment.Bodies;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WaysTest {

    private static List<Way> all() {
        return Stream.concat(Ways.SKIRT.stream(), Ways.LEGS.stream()).toList();
    }

    @Test
    void every_way_has_a_reason_and_a_rule_for_every_setting_that_needs_one() {
        for (Way way : all()) {
            assertThat(way.why().toString()).isNotBlank();
            for (Setting setting : (way.part().equals("skirt") ? new Skirt() : new Legs()).reads()) {
                boolean needed = setting.isChoice() || setting.facts().isEmpty();
                if (needed) {
                    assertThat(way.rules()).as(way.id()).containsKey(setting);
                    assertThat(way.rules().get(setting).why().toString())
                            .as(way.id() + " " + setting.key())
                            .isNotBlank();
                }
            }
        }
    }

    @Test
    void every_rules_choice_is_one_its_setting_offers() {
        for (Way way : all()) {
            way.rules().forEach((setting, rule) -> {
                if (rule instanceof Rule.Chosen chosen) {
                    assertThat(setting.choices()).contains(chosen.choice().apply(null));
                } else {
                    assertThat(setting.isChoice()).isFalse();
                }
            });
        }
    }

    @Test
    void every_rules_amount_is_one_that_may_also_be_typed() {
        Body body = Body.of(Bodies.withDepths(Bodies.all().get(0)));
        for (Way way : all()) {
            Settings set = new Settings(way, Map.of(), Map.of(), body, Cloth.WOVEN);
            way.rules().forEach((setting, rule) -> {
                if (rule instanceof Rule.Worked) {
                    assertThat(set.amount(setting).value())
                            .as(way.id() + " " + setting.key())
                            .isBetween(setting.least(), setting.most());
                }
            });
        }
    }

    @Test
    void rules_that_need_each_other_in_a_circle_are_refused_and_a_hand_breaks_it() {
        Body body = Body.of(Bodies.inches(28, 38, 8));
        Map<Setting, Rule> circle = Map.of(
                WaistSettings.SIDE_RISE,
                Rule.worked(given -> given.settings().amount(WaistSettings.CENTRE_FRONT_DROP), "as much as in front"),
                WaistSettings.CENTRE_FRONT_DROP,
                Rule.worked(given -> given.settings().amount(WaistSettings.SIDE_RISE), "as much as at the side"));
        Settings set = new Settings(Ways.SKIRT.get(3), circle, Map.of(), body, Cloth.WOVEN);
        assertThatThrownBy(() -> set.amount(WaistSettings.SIDE_RISE))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("in a circle: [sideRise, centreFrontDrop], sideRise");
        assertThat(set.with(Map.of(WaistSettings.SIDE_RISE, WaistSettings.SIDE_RISE.value(3)))
                        .amount(WaistSettings.CENTRE_FRONT_DROP)
                        .value())
                .isEqualTo(3);
    }

    @Test
    void what_a_hand_set_wins_over_the_cut_and_the_cut_over_the_way() {
        Body body = Body.of(Bodies.inches(28, 38, 8));
        Way way = Ways.SKIRT.get(3);
        Map<Setting, Rule> cut = Map.of(WaistSettings.SIDE_RISE, Rule.inches(0.75, "so the cut asks"));
        Settings byCut = new Settings(way, cut, Map.of(), body, Cloth.WOVEN);
        assertThat(byCut.amount(WaistSettings.SIDE_RISE).value()).isEqualTo(0.75 * 25.4);
        assertThat(byCut.why(WaistSettings.SIDE_RISE)).hasToString("so the cut asks");
        Settings byHand = new Settings(
                way, cut, Map.of(WaistSettings.SIDE_RISE, WaistSettings.SIDE_RISE.value(3)), body, Cloth.WOVEN);
        assertThat(byHand.amount(WaistSettings.SIDE_RISE).value()).isEqualTo(3);
        assertThat(byHand.amount(WaistSettings.SIDE_RISE).overridden()).isTrue();
        assertThat(byHand.amount(HipSettings.HIP_EASE).overridden()).isFalse();
    }

    @Test
    void shares_of_every_plan_add_up_to_the_whole_drop() {
        for (DartPlan plan : DartPlan.values()) {
            plan.shares().ifPresent(s -> assertThat(s.front() + s.back()).isCloseTo(1, within(1e-12)));
        }
    }

    /** Common practice, no source, for spans and rises; open data for thigh, knee and ankle. */
    @Test
    void what_was_not_taken_is_guessed_by_its_rule_and_marked() {
        Body body = Body.of(Sheet.ofMillimetres(Map.of(WAIST_GIRTH, 750.0, HIP_GIRTH, 1016.0, BUST_GIRTH, 38 * 25.4)));
        assertThat(body.hipDepth().length().inches()).isEqualTo(8);
        assertThat(body.bustSpan().length().inches()).as("38 gives 8").isCloseTo(8, within(1e-9));
        assertThat(body.find(BODY_RISE).orElseThrow().length().inches())
                .as("40 gives 11")
                .isCloseTo(11, within(1e-9));
        assertThat(body.find(KNEE_GIRTH).orElseThrow().value()).isCloseTo(0.288 * 1016 + 84, within(1e-9));
        assertThat(body.hipDepth().estimated()).isTrue();
        assertThat(body.hip().estimated()).isFalse();
        assertThat(body.find(CROTCH_LENGTH)).as("not guessed at all").isEmpty();
    }

    @Test
    void lengths_from_the_shoulder_are_added_up_over_the_waist_and_the_top_edge_is_never_guessed() {
        Body body = Body.of(Sheet.ofMillimetres(Map.of(
                WAIST_GIRTH,
                720.0,
                HIP_GIRTH,
                980.0,
                BUST_GIRTH,
                900.0,
                SHOULDER_TO_WAIST,
                410.0,
                OUTSIDE_LEG,
                1000.0)));
        double knee = body.find(KNEE_DEPTH).orElseThrow().value();
        assertThat(body.find(SHOULDER_TO_KNEE).orElseThrow().value()).isCloseTo(410 + knee, within(1e-9));
        assertThat(body.find(SHOULDER_TO_FLOOR).orElseThrow().value()).isCloseTo(410 + 1000 + 3 * 25.4, within(1e-9));
        assertThat(body.find(TOP_EDGE_GIRTH)).isEmpty();
    }

    @Test
    void a_taped_value_always_wins_over_a_guess() {
        Body body = Body.of(
                Sheet.ofMillimetres(Map.of(WAIST_GIRTH, 750.0, HIP_GIRTH, 1016.0, HIP_DEPTH, 230.0, BUST_SPAN, 170.0)));
        assertThat(body.hipDepth().value()).isEqualTo(230);
        assertThat(body.estimateOf(HIP_DEPTH)).isEmpty();
        assertThat(body.bustSpan().value()).isEqualTo(170);
    }

    @Test
    void one_taped_arc_gives_the_other() {
        Body body = Body.of(Sheet.ofMillimetres(Map.of(WAIST_GIRTH, 750.0, HIP_GIRTH, 1000.0, FRONT_HIP_ARC, 480.0)));
        assertThat(body.find(BACK_HIP_ARC).orElseThrow().value()).isCloseTo(520, within(1e-9));
        assertThat(body.find(BACK_HIP_ARC).orElseThrow().estimated()).isTrue();
    }

    @Test
    void a_waist_and_a_hip_that_cannot_be_one_body_are_refused_together_with_all_else() {
        assertThatThrownBy(() -> Body.of(Bodies.inches(70, 36, 8)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("measures.waistGirth"));
        assertThatThrownBy(() -> Body.of(Sheet.ofMillimetres(Map.of(HIP_GIRTH, -4.0, KNEE_GIRTH, 9000.0))))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactlyInAnyOrder(
                                        "measures.waistGirth", "measures.hipGirth", "measures.kneeGirth"));
    }

    @Test
    void a_refusal_holds_no_measure_of_the_body() {
        assertThatThrownBy(() -> Body.of(Sheet.ofMillimetres(Map.of(WAIST_GIRTH, 4711.0, HIP_GIRTH, 1000.0))))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.getMessage() + r.faults()).doesNotContain("4711"));
    }
}
