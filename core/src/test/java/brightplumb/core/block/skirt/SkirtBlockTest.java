package brightplumb.core.block.skirt;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Rivals;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.measure.TapeReader;
import brightplumb.core.measure.Unit;
import brightplumb.core.measure.UnreadableTape;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.working.Fact;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The skirt in each way. Numbers are worked examples of common practice, no source, unless something else is said
 * beside them.
 */
class SkirtBlockTest {

    private static final Offset<Double> A_SIXTEENTH = within(25.4 / 16);
    private static final Offset<Double> EXACT = within(1e-6);

    private static Drafted draft(String way, Sheet body, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of("straight-skirt", way, body, settings, Cloth.WOVEN));
    }

    private static double inches(String tape) {
        try {
            return TapeReader.read(tape, Unit.INCH).mm();
        } catch (UnreadableTape e) {
            throw new IllegalArgumentException(e);
        }
    }

    private static double fact(Drafted drafted, String name) {
        return drafted.draft().fact(new Fact(name)).value();
    }

    @Test
    void quarter_way_puts_a_quarter_and_an_inch_dart_on_the_waistline() {
        Drafted d = draft("quarter", Bodies.inches(38, 46, 8), Map.of());
        assertThat(fact(d, "waist.quarter.front") + fact(d, "dart.intake.front"))
                .isCloseTo(inches("10 1/2"), EXACT);
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(inches("11 1/2"), EXACT);
        assertThat(fact(d, "hem.quarter.back")).isCloseTo(inches("10 1/2"), EXACT);
        assertThat(fact(d, "centre.front.drop")).isCloseTo(inches("1/2"), EXACT);
        assertThat(fact(d, "dart.length.back")).isCloseTo(inches("5 1/2"), EXACT);
    }

    @Test
    void allocated_way_moves_half_an_inch_from_front_to_back() {
        Drafted d = draft("allocated", Bodies.inches(34, 44, 8), Map.of());
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(inches("10 1/2"), EXACT);
        assertThat(fact(d, "hip.quarter.back")).isCloseTo(inches("11 1/2"), EXACT);
        assertThat(fact(d, "dart.length.front")).isCloseTo(inches("5"), EXACT);
        assertThat(fact(d, "centre.back.in")).isCloseTo(inches("1"), EXACT);
    }

    @Test
    void half_block_shares_the_drop_as_the_worked_example_does() {
        Drafted d = draft("halfblock", Bodies.inches(25.5, 35, 8), Map.of());
        assertThat(fact(d, "hip.quarter.back")).isCloseTo(inches("9"), EXACT);
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(inches("8 1/2"), EXACT);
        assertThat(fact(d, "centre.back.in")).isCloseTo(inches("1/2"), A_SIXTEENTH);
        assertThat(fact(d, "dart.intake.back")).isCloseTo(inches("1 1/4"), A_SIXTEENTH);
        assertThat(fact(d, "dart.count.front")).isEqualTo(2);
        assertThat(fact(d, "dart.intake.front") / 2).isCloseTo(inches("3/4"), A_SIXTEENTH);
        assertThat(fact(d, "waist.quarter.back") + fact(d, "dart.intake.back")).isCloseTo(inches("7 1/2"), A_SIXTEENTH);
        assertThat(fact(d, "waist.quarter.front") + fact(d, "dart.intake.front"))
                .isCloseTo(inches("8"), A_SIXTEENTH);
    }

    /** Our own choice: shares of the half drop, a quarter inch allocated, an inch and a half inch of ease. */
    @Test
    void house_way_works_out_its_amounts_from_the_body() {
        Drafted d = draft("house", Bodies.inches(28, 38, 8), Map.of());
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(inches("9 1/2"), EXACT);
        assertThat(fact(d, "hip.quarter.back")).isCloseTo(inches("10"), EXACT);
        double halfDrop = inches("5 1/4");
        assertThat(fact(d, "dart.intake.back")).isCloseTo(0.32 * halfDrop, EXACT);
        assertThat(fact(d, "dart.intake.front")).isCloseTo(0.26 * halfDrop, EXACT);
        assertThat(fact(d, "centre.back.in")).as("capped").isCloseTo(inches("1/2"), EXACT);
        assertThat(fact(d, "side.inset.back"))
                .as("takes what the centre could not")
                .isCloseTo(0.16 * halfDrop + 0.1 * halfDrop - inches("1/2"), EXACT);
        assertThat(fact(d, "waist.quarter.front") + fact(d, "waist.quarter.back"))
                .isCloseTo(inches("14 1/4"), EXACT);
    }

    @Test
    void taped_arcs_say_how_much_more_the_back_takes() {
        Sheet body = Sheet.ofMillimetres(Map.of(
                WAIST_GIRTH, 740.0, HIP_GIRTH, 1020.0, HIP_DEPTH, 205.0, FRONT_HIP_ARC, 490.0, BACK_HIP_ARC, 530.0));
        Drafted d = draft("house", body, Map.of("hipEase", 20.0));
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(490 / 2.0 + 5, EXACT);
        assertThat(fact(d, "hip.quarter.back")).isCloseTo(530 / 2.0 + 5, EXACT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"quarter", "allocated", "halfblock", "house"})
    void a_waist_larger_than_the_hip_drafts_without_darts_and_says_so(String way) {
        Drafted d = draft(way, Bodies.inches(42.5, 40, 8), Map.of());
        assertThat(d.draft().panel(Panel.FRONT).darts()).isEmpty();
        assertThat(d.draft().panel(Panel.BACK).darts()).isEmpty();
        assertThat(fact(d, "side.rise")).isZero();
        assertThat(fact(d, "centre.front.drop")).isZero();
        assertThat(d.draft().notices()).extracting(Notice::id).contains("waist-over-hip");
        assertThat(d.checks())
                .filteredOn(c -> !c.id().id().equals("strides"))
                .allSatisfy(c -> assertThat(c.verdict()).isIn(Bodies.straight(c)));
    }

    @Test
    void a_fixed_dart_on_a_straight_figure_is_capped_and_said_so() {
        Drafted d = draft("quarter", Bodies.inches(37, 39, 8), Map.of());
        assertThat(fact(d, "dart.intake.front")).isCloseTo(inches("1/2"), EXACT);
        assertThat(fact(d, "side.inset.front")).isCloseTo(0, EXACT);
        assertThat(d.draft().notices()).extracting(Notice::id).contains("dart-capped-front", "dart-capped-back");
    }

    @Test
    void a_large_drop_is_shared_over_two_darts_and_what_is_left_goes_to_the_side() {
        Drafted d = draft("house", Bodies.inches(24, 44, 9), Map.of());
        assertThat(fact(d, "dart.count.front")).isEqualTo(2);
        assertThat(fact(d, "dart.intake.front")).isCloseTo(inches("2"), EXACT);
        assertThat(d.draft().notices()).extracting(Notice::id).contains("side-does-darts-work");
    }

    @Test
    void shares_that_went_to_the_centre_go_to_the_darts_where_the_centre_is_straight() {
        Drafted shaped = draft("house", Bodies.inches(30, 38, 8), Map.of());
        Drafted straight = draft("house", Bodies.inches(30, 38, 8), Map.of("centreBackShape", "straight"));
        assertThat(fact(straight, "centre.back.in")).isZero();
        assertThat(fact(straight, "dart.intake.back")).isCloseTo(fact(shaped, "dart.intake.back") * 0.42 / 0.32, EXACT);
    }

    @Test
    void a_hollow_back_still_stands_a_quarter_inch_in_at_an_eight_inch_hip() {
        Drafted d = draft("allocated", Bodies.inches(28, 40, 8), Map.of("length", 700.0));
        var zip = d.draft().panel(Panel.BACK).require(EdgeRole.CENTRE_BACK_ZIP).run();
        double atHip = brightplumb.core.geometry.Curves.xAtLevel(zip, inches("8"))
                .orElseGet(() -> zip.get(0).from().x());
        assertThat(atHip).isCloseTo(inches("1/4"), within(0.1));
    }

    @Test
    void what_is_set_by_hand_wins_and_is_marked() {
        Drafted d = draft("house", Bodies.inches(28, 38, 8), Map.of("hipEase", 50.8));
        assertThat(fact(d, "hip.quarter.front")).isCloseTo(inches("9 3/4"), EXACT);
        assertThat(d.draft().fact(new Fact("hip.quarter.front")).overridden()).isTrue();
        assertThat(d.draft().fact(new Fact("centre.back.drop")).overridden()).isFalse();
    }

    @Test
    void what_rests_on_a_guess_is_marked_and_listed() {
        Sheet body = Sheet.ofMillimetres(Map.of(WAIST_GIRTH, 700.0, HIP_GIRTH, 960.0));
        Drafted d = draft("house", body, Map.of());
        assertThat(d.draft().fact(new Fact("hip.depth")).estimated()).isTrue();
        assertThat(d.draft().fact(new Fact("dart.length.back")).estimated()).isTrue();
        assertThat(d.draft().fact(new Fact("hip.quarter.back")).estimated()).isFalse();
        assertThat(d.estimates()).extracting(e -> e.measure().key()).contains("hipDepth", "bustSpan");
        assertThat(d.draft().notices()).extracting(Notice::id).contains("hip-depth-guessed");
    }

    /** Our own choice: girth × (1 − a quarter of the stretch), an eighth at most. */
    @Test
    void stretch_cloth_is_drafted_smaller_than_the_body() {
        Drafted d = Drafting.draft(DraftRequest.of(
                "straight-skirt", "house", Bodies.inches(30, 40, 8), Map.of(), new Cloth(0.2, 1500, true, false)));
        assertThat(fact(d, "hip.quarter.front") + fact(d, "hip.quarter.back")).isCloseTo(inches("20") * 0.95, EXACT);
    }

    @Test
    void amounts_that_leave_no_skirt_are_refused_at_their_field() {
        assertThatThrownBy(() -> draft("house", Bodies.inches(28, 38, 8), Map.of("length", 220.0)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("settings.length"));
        assertThatThrownBy(() -> draft("house", Bodies.inches(12, 13, 8), Map.of("hemTaper", 100.0)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("settings.hemTaper"));
    }

    @Test
    void other_ways_say_what_they_would_give() {
        Drafted d = draft("house", Bodies.inches(28, 38, 8), Map.of());
        var rivals = Rivals.of(d).get(PanelFacts.HIP_QUARTER.of(Half.FRONT));
        assertThat(rivals).extracting("way").contains("allocated", "halfblock").doesNotContain("house", "quarter");
    }
}
