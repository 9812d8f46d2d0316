package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.*;
import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Unit;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.SuitFacts;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Bodysuits and rompers: what hangs from the shoulder and passes between the legs. Amounts are common practice, no
 * source.
 */
class SuitsTest {

    /** Handbook: bust 38 gives an armhole of 7⅞ by its sixth. */
    @Test
    void the_armhole_by_a_sixth_of_the_bust_is_as_at_the_bench() {
        assertThat(fact(drafted("round-neck-bodysuit", "house", her(), Map.of()), "armhole.depth") / INCH)
                .isCloseTo(38 / 6.0 + 1.5, within(1e-9))
                .isCloseTo(7.875, within(1 / 16.0));
    }

    @ParameterizedTest
    @CsvSource({"slope, 0", "level, 25.4"})
    void an_armhole_laid_off_from_the_level_line_lies_as_much_higher_as_the_shoulder_slopes(
            String from, double higher) {
        Map<Measure, Double> long_ = her();
        long_.put(SHOULDER_TO_BUST, 12 * INCH);
        double level = chest(drafted("round-neck-bodysuit", "house", long_, Map.of("armholeFrom", from)));
        double slope = chest(drafted("round-neck-bodysuit", "house", long_, Map.of("armholeFrom", "slope")));
        assertThat(slope - level).isCloseTo(higher, within(1e-9));
    }

    private static double chest(Drafted drafted) {
        return drafted.draft().level("chest").orElseThrow();
    }

    /** House: loop × (1 − n/2) = the loop as drawn, the lap taken off: the crotch line is what is left. */
    @Test
    void the_house_trunk_is_the_tape_less_half_of_what_the_cloth_is_cut_smaller() {
        Drafted suit = drafted("round-neck-bodysuit", "house", her(), Map.of());
        double n = 0.25 * 0.4;
        assertThat(fact(suit, "trunk.loop")).isCloseTo(60 * INCH * (1 - n / 2), within(1e-6));
        assertThat(check(suit, "trunk.length").verdict()).isEqualTo(Verdict.TRUE);
    }

    static Stream<Arguments> shortAndLong() {
        return Stream.of(
                Arguments.of(-60.0, Verdict.OFF, "Deepen the crotch"),
                Arguments.of(0.0, Verdict.TRUE, null),
                Arguments.of(60.0, Verdict.WATCH, "Raise the crotch"));
    }

    @ParameterizedTest
    @MethodSource("shortAndLong")
    void a_trunk_too_short_or_too_long_is_said_and_its_remedy_mends_it(double deeper, Verdict verdict, String remedy) {
        double house = fact(drafted("round-neck-bodysuit", "house", her(), Map.of()), "crotch.line");
        Map<String, Object> set = new HashMap<>(Map.of("crotchDepth", house + deeper));
        Drafted suit = drafted("round-neck-bodysuit", "house", her(), set);
        Check trunk = check(suit, "trunk.length");
        assertThat(trunk.verdict()).isEqualTo(verdict);
        assertThat(trunk.remedies())
                .extracting(r -> r.text().in(Unit.INCH, DecimalMark.POINT))
                .isEqualTo(remedy == null ? List.of() : List.of(remedy));
        if (remedy != null) {
            set.putAll(SettingValue.told(trunk.remedies().get(0).settings()));
            assertThat(check(drafted("round-neck-bodysuit", "house", her(), set), "trunk.length")
                            .verdict())
                    .isEqualTo(Verdict.TRUE);
        }
    }

    @Test
    void a_neck_that_lets_nobody_through_is_off_and_deeper_behind_it_lets_her_in() {
        Map<String, Object> close = new HashMap<>(Map.of("backNeckDepth", 20.0, "frontNeckDepth", 40.0));
        Drafted swim = drafted("swim-bodysuit", "house", her(), close);
        Check enters = check(swim, "enters");
        assertThat(enters.verdict()).isEqualTo(Verdict.OFF);
        Remedy deeper = enters.remedies().stream()
                .filter(r -> r.text().toString().contains("neck"))
                .findFirst()
                .orElseThrow();
        close.putAll(SettingValue.told(deeper.settings()));
        assertThat(check(drafted("swim-bodysuit", "house", her(), close), "enters")
                        .verdict())
                .isEqualTo(Verdict.TRUE);
        assertThat(check(drafted("swim-bodysuit", "house", her(), Map.of()), "enters")
                        .verdict())
                .isEqualTo(Verdict.TRUE);
    }

    @Test
    void with_studs_it_is_the_head_that_goes_through_and_it_must_be_taken() {
        Map<Measure, Double> mm = her();
        assertThat(check(drafted("round-neck-bodysuit", "house", mm, Map.of()), "enters")
                        .wanted())
                .isEqualTo(22 * INCH);
        mm.remove(HEAD_GIRTH);
        assertThat(check(drafted("round-neck-bodysuit", "house", mm, Map.of()), "enters")
                        .verdict())
                .isEqualTo(Verdict.NOT_TAKEN);
    }

    @Test
    void ends_that_are_sewn_must_be_equally_wide_and_ends_with_studs_must_lap() {
        assertThat(check(drafted("swim-bodysuit", "house", her(), Map.of("crotchWidthBack", 60.0)), "crotch.meets")
                        .verdict())
                .isEqualTo(Verdict.OFF);
        assertThat(check(
                                drafted("round-neck-bodysuit", "house", her(), Map.of("crotchWidthBack", 60.0)),
                                "crotch.meets")
                        .verdict())
                .isEqualTo(Verdict.TRUE);
        assertThat(check(drafted("round-neck-bodysuit", "house", her(), Map.of("crotchLap", 5.0)), "crotch.meets")
                        .verdict())
                .isEqualTo(Verdict.OFF);
    }

    @ParameterizedTest
    @CsvSource({"house, 0.82, 0.92", "sitting, 1, 1"})
    void the_leg_curve_passes_its_guide_and_leaves_side_and_strip_square(String way, double front, double back) {
        for (Bodies.Row row : Bodies.some()) {
            Draft draft = Drafting.draft(
                            DraftRequest.of("round-neck-bodysuit", way, Bodies.withDepths(row), Map.of(), null))
                    .draft();
            for (Half half : Half.values()) {
                Piece piece = draft.panel(half.panel());
                List<Segment> leg = piece.require(EdgeRole.LEG).run();
                double level = draft.fact(SuitFacts.LEG_LINE_LEVEL).value();
                double guide = draft.steps().stream()
                        .filter(s -> s.fact().equals(SuitFacts.LEG_GUIDE.of(half)))
                        .findFirst()
                        .orElseThrow()
                        .amount()
                        .value();
                Point place = Point.of(guide / Math.sqrt(2), level + guide / Math.sqrt(2));
                assertThat(Curves.near(leg, place, 0.05)).as(row + " " + half).isTrue();
                List<Segment> side = piece.require(EdgeRole.SIDE).run();
                assertThat(Math.abs(side.get(side.size() - 1)
                                .direction(1)
                                .dot(leg.get(0).direction(0))))
                        .as(row + " leaves the side square")
                        .isLessThan(1e-6);
                Segment strip = leg.get(leg.size() - 2);
                assertThat(strip.direction(1).angleTo(Point.of(0, 1))).isLessThan(1e-6);
            }
        }
    }

    static Stream<Arguments> everySuitInEveryWay() {
        return SuitCuts.ALL.stream().flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut.id(), way.id())));
    }

    /** Areas and validity by JTS. */
    @ParameterizedTest
    @MethodSource("everySuitInEveryWay")
    void every_outline_is_sound_on_every_body_and_front_and_back_are_sewn_at_one_length(String cut, String way) {
        GeometryFactory geometry = new GeometryFactory();
        for (Bodies.Row row : Bodies.all()) {
            Draft draft = Bodies.drafted(cut, way, row).draft();
            for (Piece piece : draft.pieces()) {
                List<Coordinate> ring = new ArrayList<>();
                Curves.flattened(piece.sewLine(), 64).forEach(p -> ring.add(new Coordinate(p.x(), p.y())));
                ring.set(ring.size() - 1, ring.get(0));
                var polygon = geometry.createPolygon(ring.toArray(Coordinate[]::new));
                assertThat(polygon.isValid()).as(row + " " + piece.id()).isTrue();
                assertThat(polygon.getArea()).isCloseTo(Outlines.area(piece.sewLine()), within(30.0));
            }
            for (Seam seam : List.of(Seam.SIDE, Seam.SHOULDER)) {
                Join join = draft.join(seam);
                assertThat(join.layers().get(0).length())
                        .isCloseTo(join.layers().get(1).length(), within(0.5));
            }
            assertThat(draft.fact(BodiceFacts.NECK_OPENING).value())
                    .isCloseTo(
                            2
                                    * (draft.panel(Panel.FRONT)
                                                    .require(EdgeRole.NECK)
                                                    .length()
                                            + draft.panel(Panel.BACK)
                                                    .require(EdgeRole.NECK)
                                                    .length()),
                            within(1e-6));
        }
    }

    /** Common practice: cut for a hip of 40 in cloth that gives by half, it goes on 40 to 48. */
    @Test
    void it_says_which_hips_it_also_serves() {
        Map<Measure, Double> forty = her();
        forty.put(HIP_GIRTH, 40 * INCH);
        assertThat(drafted("swim-bodysuit", "house", forty, Map.of()).draft().steps().stream()
                                .filter(s -> s.fact().id().equals("serves.hips"))
                                .findFirst()
                                .orElseThrow()
                                .amount()
                                .value()
                        / INCH)
                .isCloseTo(48, within(1e-9));
    }

    @Test
    void what_makes_no_body_is_named_at_both_tapes_and_what_is_missing_is_asked_for_together() {
        Map<Measure, Double> mm = her();
        mm.put(SHOULDER_TO_BUST, 17 * INCH);
        assertThatThrownBy(() -> drafted("round-neck-bodysuit", "house", mm, Map.of()))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("measures.shoulderToBust", "measures.shoulderToWaist"));
        Map<Measure, Double> bare = her();
        bare.keySet().removeAll(List.of(BUST_GIRTH, SHOULDER_WIDTH));
        assertThatThrownBy(() -> drafted("round-neck-bodysuit", "house", bare, Map.of()))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults())
                                .extracting(f -> f.field().path())
                                .containsExactly("measures.bustGirth", "measures.shoulderWidth"));
        assertThatThrownBy(() -> drafted("round-neck-bodysuit", "house", her(), Map.of("frontNeckWidth", 195.0)))
                .hasMessageContaining("frontNeckWidth");
        assertThatThrownBy(() -> drafted("round-neck-bodysuit", "house", her(), Map.of("legLineLevel", 300.0)))
                .hasMessageContaining("legLineLevel");
        assertThatThrownBy(() -> drafted("round-neck-bodysuit", "house", her(), Map.of("legGuideBack", 290.0)))
                .hasMessageContaining("legGuideBack");
        assertThatThrownBy(() -> drafted("swim-bodysuit", "house", her(), Map.of("strap", 190.0)))
                .hasMessageContaining("strap");
        Map<Measure, Double> wide = her();
        wide.put(SHOULDER_WIDTH, 20 * INCH);
        assertThat(drafted("round-neck-bodysuit", "house", wide, Map.of())
                        .draft()
                        .notices())
                .anyMatch(n -> n.id().equals("shoulder-beyond-bust"));
    }

    /** Twelve millimetres, as of every curve that is bound: what bends tighter says so. */
    @Test
    void a_leg_line_that_bends_round_less_than_twelve_millimetres_says_so() {
        int said = 0;
        int smooth = 0;
        for (String cut : List.of("round-neck-bodysuit", "funnel-bodysuit", "swim-bodysuit")) {
            for (double share : new double[] {0.4, 0.6, 0.82, 0.9}) {
                Drafted drafted = Drafting.drawn(DraftRequest.of(
                        cut, null, Bodies.withDepths(Bodies.all().get(40)), Map.of("legShareFront", share), null));
                double tightest = drafted.draft().panel(Panel.FRONT).require(EdgeRole.LEG).run().stream()
                        .filter(Cubic.class::isInstance)
                        .mapToDouble(s -> ((Cubic) s).tightest(200))
                        .min()
                        .orElseThrow();
                boolean noticed =
                        drafted.draft().notices().stream().anyMatch(n -> n.id().equals("hooked-leg-line.front"));
                if (Math.abs(tightest - 12) > 0.2) {
                    assertThat(noticed).as(cut + " " + share + " " + tightest).isEqualTo(tightest < 12);
                }
                said += noticed ? 1 : 0;
                smooth += noticed ? 0 : 1;
            }
        }
        assertThat(said).isPositive();
        assertThat(smooth).isPositive();
    }
}
