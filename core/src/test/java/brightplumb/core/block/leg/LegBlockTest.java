package brightplumb.core.block.leg;

import static brightplumb.core.measure.Measure.BACK_HIP_ARC;
import static brightplumb.core.measure.Measure.BODY_RISE;
import static brightplumb.core.measure.Measure.CROTCH_LENGTH;
import static brightplumb.core.measure.Measure.FRONT_HIP_ARC;
import static brightplumb.core.measure.Measure.HIP_DEPTH;
import static brightplumb.core.measure.Measure.HIP_GIRTH;
import static brightplumb.core.measure.Measure.KNEE_GIRTH;
import static brightplumb.core.measure.Measure.OUTSIDE_LEG;
import static brightplumb.core.measure.Measure.THIGH_GIRTH;
import static brightplumb.core.measure.Measure.WAIST_GIRTH;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Legs drafted for invented bodies, against worked numbers of the bench (common practice, no source, unless a source is
 * named).
 */
class LegBlockTest {

    private static final double INCH = 25.4;

    private static Map<Measure, Double> body(double waist, double hip) {
        Map<Measure, Double> inches = new EnumMap<>(Measure.class);
        inches.put(WAIST_GIRTH, waist);
        inches.put(HIP_GIRTH, hip);
        inches.put(HIP_DEPTH, 8.0);
        inches.put(BODY_RISE, 10.0);
        inches.put(OUTSIDE_LEG, 40.0);
        inches.put(KNEE_GIRTH, 15.0);
        return inches;
    }

    private static Drafted draft(String cut, String way, Map<Measure, Double> inches, Map<String, Object> settings) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        inches.forEach((measure, value) -> mm.put(measure, value * INCH));
        return Drafting.draft(DraftRequest.of(cut, way, Sheet.ofMillimetres(mm), settings, null));
    }

    private static double inches(Drafted drafted, String fact) {
        return drafted.draft().fact(new Fact(fact)).value() / INCH;
    }

    @ParameterizedTest
    @CsvSource({
        "quarter, hip.quarter.front, 10",
        "quarter, crotch.depth, 10",
        "quarter, crotch.extension.front, 2",
        "quarter, crotch.extension.back, 4",
        "quarter, waist.quarter.front, 7",
        "quarter, dart.intake.back, 1",
        "quarter, crease.front, 4",
        "quarter, back.rise, 0",
        "sixteenth, hip.quarter.back, 10.5",
        "sixteenth, crotch.depth, 10",
        "sixteenth, crotch.extension.front, 2.625",
        "sixteenth, crotch.extension.back, 4.625",
        "sixteenth, back.rise, 1.5",
        "sixteenth, back.in, 1.5",
        "sixteenth, fork.drop, 0",
        "house, hip.quarter.front, 10.125",
        "house, hip.quarter.back, 10.625",
        "house, crotch.depth, 10.75",
        "house, crotch.extension.front, 2.5",
        "house, crotch.extension.back, 4.375",
        "house, waist.quarter.back, 7.125",
        "house, back.rise, 1.25"
    })
    void worked_numbers_of_a_hip_of_40(String way, String fact, double wanted) {
        assertThat(inches(draft("classic-trousers", way, body(28, 40), Map.of()), fact))
                .isCloseTo(wanted, within(1e-6));
    }

    @Test
    void the_arc_way_takes_each_half_from_its_own_tape() {
        Map<Measure, Double> taped = body(28, 40);
        taped.put(FRONT_HIP_ARC, 19.0);
        taped.put(BACK_HIP_ARC, 21.0);
        Drafted drafted = draft("lounge-shorts", "arc", taped, Map.of());
        assertThat(inches(drafted, "hip.quarter.front")).isCloseTo(10, within(1e-6));
        assertThat(inches(drafted, "hip.quarter.back")).isCloseTo(11, within(1e-6));
        assertThat(inches(drafted, "crotch.extension.front")).isCloseTo(19.0 / 8, within(1e-6));
        assertThat(inches(drafted, "crotch.extension.back")).isCloseTo(21.0 / 4, within(1e-6));
        assertThat(inches(drafted, "waist.quarter.front")).as("gathered").isCloseTo(10, within(1e-6));
    }

    @Test
    void a_band_that_finishes_at_the_waist_is_taken_off_length_rise_and_hip() {
        Drafted drafted = draft("drawcord-shorts", "bench", body(26, 40), Map.of());
        assertThat(inches(drafted, "length")).isCloseTo(15.5, within(1e-6));
        assertThat(inches(drafted, "crotch.depth")).isCloseTo(8, within(1e-6));
        assertThat(inches(drafted, "hip.depth")).isCloseTo(6, within(1e-6));
        double elastic = drafted.settings().stream()
                .filter(s -> s.setting().key().equals("elastic"))
                .findFirst()
                .orElseThrow()
                .amount()
                .value();
        assertThat(elastic / INCH).isCloseTo(24.5, within(1e-6));
    }

    @Test
    void half_a_thigh_of_32_is_16() {
        Map<Measure, Double> taped = body(28, 40);
        taped.put(THIGH_GIRTH, 32.0);
        Drafted drafted = draft("drawcord-shorts", "bench", taped, Map.of());
        assertThat(inches(drafted, "hem.width.front")).isCloseTo(16, within(0.1));
    }

    /**
     * Published: W. Aldrich, Metric Pattern Cutting for Women's Wear, the classic tailored trouser block, from memory.
     */
    @ParameterizedTest
    @CsvSource({
        "crotch.extension.front, 64",
        "crotch.extension.back, 96",
        "hip.quarter.front, 240",
        "hip.quarter.back, 250"
    })
    void the_house_lies_within_a_centimetre_of_a_published_block(String fact, double wanted) {
        Sheet sheet = Sheet.ofMillimetres(
                Map.of(WAIST_GIRTH, 680.0, HIP_GIRTH, 940.0, BODY_RISE, 280.0, HIP_DEPTH, 206.0, OUTSIDE_LEG, 1040.0));
        Drafted drafted = Drafting.draft(DraftRequest.of("classic-trousers", "house", sheet, Map.of(), null));
        assertThat(drafted.draft().fact(new Fact(fact)).value()).isCloseTo(wanted, within(10.0));
    }

    @Test
    void with_the_crotch_taped_the_loop_is_what_the_tape_and_twice_the_added_depth_ask() {
        Map<Measure, Double> taped = body(28, 40);
        taped.put(CROTCH_LENGTH, 26.6);
        Drafted drafted = draft("classic-trousers", "house", taped, Map.of());
        double loop = inches(drafted, "crotch.curve.front") + inches(drafted, "crotch.curve.back");
        assertThat(loop).isCloseTo(26.6 + 2 * 0.75, within(1e-6));
        assertThat(inches(drafted, "back.rise")).isBetween(0.0, 2.5);
        assertThat(inches(drafted, "inseam.back")).isCloseTo(inches(drafted, "inseam.front"), within(1e-6));
    }

    @Test
    void a_loop_that_cannot_be_reached_is_told_with_how_much_is_missing() {
        Map<Measure, Double> taped = body(28, 40);
        taped.put(CROTCH_LENGTH, 36.0);
        Drafted drafted = draft("classic-trousers", "house", taped, Map.of());
        assertThat(drafted.draft().notices())
                .filteredOn(n -> n.id().equals("loop-not-reached"))
                .singleElement()
                .satisfies(n -> assertThat(n.text().toString()).contains("too short"));
    }

    @Test
    void stretching_the_back_inseam_in_leaves_it_shorter_by_that_much() {
        Drafted drafted = draft("classic-trousers", "house", body(28, 40), Map.of("stretchIn", 6.0));
        double front = drafted.draft().fact(new Fact("inseam.front")).value();
        assertThat(drafted.draft().fact(new Fact("inseam.back")).value()).isCloseTo(front - 6, within(1e-6));
        assertThat(drafted.checks())
                .filteredOn(c -> c.id().id().equals("inseam.meets"))
                .allSatisfy(c -> assertThat(c.difference()).isCloseTo(0, within(1e-6)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"quarter", "sixteenth", "arc", "house"})
    void a_larger_rise_never_shortens_the_loop(String way) {
        double before = 0;
        for (double rise = 9; rise < 13; rise += 0.25) {
            Map<Measure, Double> taped = body(28, 40);
            taped.put(BODY_RISE, rise);
            Drafted drafted = draft("palazzo", way, taped, Map.of());
            double loop = inches(drafted, "crotch.curve.front") + inches(drafted, "crotch.curve.back");
            assertThat(loop).as("rise " + rise).isGreaterThanOrEqualTo(before);
            before = loop;
        }
    }

    @Test
    void front_and_back_curve_meet_at_the_fork_without_a_corner_and_leave_their_centre_seams_along_them() {
        Drafted drafted = draft("classic-trousers", "house", body(28, 40), Map.of());
        for (Half half : Half.values()) {
            List<Segment> crotch =
                    drafted.draft().panel(half.panel()).require(EdgeRole.CROTCH).run();
            for (int i = 1; i < crotch.size(); i++) {
                assertThat(crotch.get(i - 1).direction(1).angleTo(crotch.get(i).direction(0)))
                        .isCloseTo(0, within(0.01));
            }
        }
        assertThat(forkAngle(drafted, Panel.FRONT) + forkAngle(drafted, Panel.BACK))
                .isCloseTo(180, within(0.01));
    }

    private static double forkAngle(Drafted drafted, Panel panel) {
        Piece piece = drafted.draft().panel(panel);
        List<Segment> inseam = piece.require(EdgeRole.INSEAM).run();
        Point back = inseam.get(inseam.size() - 1).direction(1).times(-1);
        return back.angleTo(piece.require(EdgeRole.CROTCH).run().get(0).direction(0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"classic-trousers", "shorts-block", "palazzo", "lounge-shorts"})
    void seam_lengths_are_those_that_jts_a_general_purpose_geometry_library_measures(String cut) {
        Drafted drafted = draft(cut, null, body(28, 40), Map.of());
        for (Half half : Half.values()) {
            for (EdgeRole edge : List.of(EdgeRole.SIDE, EdgeRole.INSEAM)) {
                List<Segment> run =
                        drafted.draft().panel(half.panel()).require(edge).run();
                double jts = new GeometryFactory()
                        .createLineString(Curves.flattened(run, 4000).stream()
                                .map(p -> new Coordinate(p.x(), p.y()))
                                .toArray(Coordinate[]::new))
                        .getLength();
                Fact fact = (edge == EdgeRole.SIDE ? LegFacts.SIDE : LegFacts.INSEAM).of(half);
                assertThat(drafted.draft().fact(fact).value()).isCloseTo(jts, within(0.01));
            }
        }
    }

    @Test
    void two_chords_lay_the_front_curve_in_shallower_than_the_house_guide() {
        Drafted guided = draft("classic-trousers", "house", body(28, 40), Map.of());
        Drafted chords = draft("classic-trousers", "house", body(28, 40), Map.of("frontCurve", "two-chords"));
        assertThat(inches(chords, "crotch.guide.front") / inches(guided, "crotch.guide.front"))
                .isCloseTo(2 / 3.0 / 0.62, within(1e-3));
        assertThat(inches(chords, "crotch.guide.back")).isCloseTo(inches(guided, "crotch.guide.back"), within(1e-6));
    }

    @Test
    void a_back_inseam_half_straight_is_still_swung_to_the_fronts_length() {
        Drafted drafted = draft("classic-trousers", "house", body(28, 40), Map.of("backInseam", "half-straight"));
        assertThat(inches(drafted, "inseam.back")).isCloseTo(inches(drafted, "inseam.front"), within(1e-6));
        Drafted swept = draft("classic-trousers", "house", body(28, 40), Map.of());
        assertThat(inches(drafted, "thigh.width.back")).isLessThan(inches(swept, "thigh.width.back"));
        assertThat(drafted.checks())
                .filteredOn(c -> c.id().id().equals("joins.smooth"))
                .allSatisfy(c -> assertThat(c.measured()).isLessThan(1));
    }

    @Test
    void a_leg_under_three_inches_is_refused_at_its_length() {
        assertThatThrownBy(() -> draft("shorts-block", "house", body(28, 40), Map.of("length", 300.0)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("settings.length"));
    }

    @Test
    void full_legs_ask_for_the_outside_leg_and_shorts_do_not() {
        Map<Measure, Double> untaped = body(28, 40);
        untaped.remove(OUTSIDE_LEG);
        assertThatThrownBy(() -> draft("classic-trousers", "house", untaped, Map.of()))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("measures.outsideLeg", "settings.length"));
        assertThat(inches(draft("shorts-block", "house", untaped, Map.of()), "length"))
                .isCloseTo(17, within(1e-6));
    }

    @Test
    void the_one_tape_that_would_help_most_is_named() {
        Map<Measure, Double> taped = body(28, 40);
        assertThat(draft("classic-trousers", "house", taped, Map.of()).draft().notices())
                .anySatisfy(n -> assertThat(n.id()).isEqualTo("tape-that-helps.crotchLength"));
        taped.remove(BODY_RISE);
        Drafted guessed = draft("classic-trousers", "house", taped, Map.of());
        assertThat(guessed.draft().notices()).anySatisfy(n -> assertThat(n.id()).isEqualTo("tape-that-helps.bodyRise"));
        assertThat(guessed.draft().fact(new Fact("crotch.depth")).estimated()).isTrue();
        assertThat(guessed.checks())
                .filteredOn(
                        c -> c.id().id().equals("crotch.depth") || c.id().id().equals("crotch.length"))
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.verdict().id()).isEqualTo("not-taken"));
    }

    @Test
    void a_waist_larger_than_the_hip_drafts_without_darts_and_says_so() {
        Drafted drafted = draft("classic-trousers", "house", body(46, 42), Map.of());
        assertThat(drafted.draft().pieces())
                .allSatisfy(p -> assertThat(p.darts()).isEmpty());
        assertThat(drafted.draft().steps())
                .as("no dart that is not there is told")
                .noneMatch(s ->
                        s.fact().id().startsWith("dart.count") || s.fact().id().startsWith("dart.place"));
        assertThat(drafted.draft().notices()).anySatisfy(n -> assertThat(n.id()).isEqualTo("waist-over-hip"));
    }
}
