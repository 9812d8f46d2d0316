package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.check;
import static brightplumb.core.garment.OnePiece.fact;
import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.style.sweep.SweepFacts;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** A bodice that runs on from legs, and the sweep that opens it. Amounts are common practice, no source. */
class JumpsuitsTest {

    private static Map<Measure, Double> her() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 28 * INCH);
        mm.put(HIP_GIRTH, 38.5 * INCH);
        mm.put(HIP_DEPTH, 8.25 * INCH);
        mm.put(BODY_RISE, 10.75 * INCH);
        mm.put(THIGH_GIRTH, 22 * INCH);
        mm.put(BUST_GIRTH, 38 * INCH);
        mm.put(BUST_SPAN, 8 * INCH);
        mm.put(SHOULDER_WIDTH, 15 * INCH);
        mm.put(SHOULDER_TO_WAIST, 16.5 * INCH);
        mm.put(SHOULDER_TO_BUST, 10.5 * INCH);
        mm.put(VERTICAL_TRUNK, 60 * INCH);
        mm.put(OUTSIDE_LEG, 40 * INCH);
        return mm;
    }

    private static Drafted drafted(String cut, Map<String, Object> settings, String... without) {
        return Drafting.draft(DraftRequest.of(
                cut, "house", Sheet.ofMillimetres(her()), settings, null, new MadeWith(Set.of(), Set.of(without))));
    }

    private static Piece piece(Draft draft, String id) {
        return draft.pieces().stream()
                .filter(p -> p.id().toString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double length(Drafted drafted, String panel, EdgeRole role) {
        return piece(drafted.draft(), panel).require(role).length();
    }

    private static Polygon polygon(Piece piece) {
        List<Point> ring = Curves.flattened(piece.sewLine(), 200);
        Coordinate[] at = new Coordinate[ring.size() + 1];
        for (int i = 0; i < ring.size(); i++) {
            at[i] = new Coordinate(ring.get(i).x(), ring.get(i).y());
        }
        at[ring.size()] = at[0];
        return new GeometryFactory().createPolygon(at);
    }

    @Test
    void front_and_back_are_one_outline_each_from_the_shoulder_to_the_hem() {
        Draft draft = drafted("sleeved-playsuit", Map.of()).draft();
        for (String panel : List.of("front", "back")) {
            Piece piece = piece(draft, panel);
            assertThat(piece.fromShoulder()).isTrue();
            assertThat(piece.edge(EdgeRole.WAIST)).isEmpty();
            assertThat(piece.edge(EdgeRole.INSEAM)).isPresent();
        }
        assertThat(draft.joins()).extracting(j -> j.seam().id()).contains("shoulder", "side", "inseam", "sleeve");
    }

    /** Down both centres and along both crotch seams, walked on the outline, is what the step says. */
    @Test
    void the_trunk_loop_is_what_both_centre_seams_measure_with_the_necks_depth() {
        Drafted playsuit = drafted("sleeved-playsuit", Map.of());
        double walked = length(playsuit, "front", EdgeRole.CROTCH)
                + fact(playsuit, "neck.depth.front")
                + length(playsuit, "back", EdgeRole.CROTCH)
                + length(playsuit, "back", EdgeRole.CENTRE_BACK_ZIP)
                + fact(playsuit, "neck.depth.back");
        assertThat(fact(playsuit, "trunk.loop")).isCloseTo(walked, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"sleeved-playsuit", "sweep-jumpsuit"})
    void a_crotch_too_high_to_sit_in_is_deepened_by_its_remedy(String cut) {
        assertThat(check(drafted(cut, Map.of()), "trunk.length").verdict()).isEqualTo(Verdict.TRUE);
        Check high = check(drafted(cut, Map.of("crotchDepth", 11 * INCH)), "trunk.length");
        assertThat(high.verdict()).isEqualTo(Verdict.OFF);
        assertThat(high.remedies().get(0).text()).hasToString("Deepen the crotch");
        Map<String, Object> mended =
                new HashMap<>(SettingValue.told(high.remedies().get(0).settings()));
        assertThat(check(drafted(cut, mended), "trunk.length").verdict()).isEqualTo(Verdict.TRUE);
    }

    @Test
    void the_pocket_lies_below_the_waist_however_high_its_side_begins() {
        Draft draft = drafted("sleeved-playsuit", Map.of("mouthDown", 50.0)).draft();
        Mark mouth = piece(draft, "front").marks().stream()
                .filter(m -> m.text().equals("pocket mouth"))
                .findFirst()
                .orElseThrow();
        assertThat(mouth.at().y()).isBetween(45.0, 50.0);
    }

    @Test
    void the_neck_is_faced_by_its_own_shape_on_the_fold_in_front_and_in_two_beside_the_zip() {
        Drafted playsuit = drafted("sleeved-playsuit", Map.of());
        for (String panel : List.of("front", "back")) {
            assertThat(length(playsuit, "facing-" + panel, EdgeRole.NECK))
                    .isCloseTo(length(playsuit, panel, EdgeRole.NECK), within(1e-6));
        }
        assertThat(piece(playsuit.draft(), "facing-front").edges()).anyMatch(e -> e.end() == End.FOLD);
        assertThat(piece(playsuit.draft(), "facing-back").edges()).anyMatch(e -> e.end() == End.OPENING);
    }

    /** Handbook: bust 38, span 8, dart 2 swings by 20.95° without ease and by 19.19° with two inches of it. */
    @ParameterizedTest
    @CsvSource({"0, 20.95", "50.8, 19.19"})
    void a_sweep_is_swung_by_the_angle_between_the_legs_of_its_dart(double ease, double degrees) {
        Drafted sweep = drafted("sweep-jumpsuit", Map.of("bustEase", ease));
        assertThat(fact(sweep, "sweep.angle")).isCloseTo(degrees, within(0.005));
    }

    /** Closed forms: the cut's edges lie 2 sin(θ/2) R apart at the hem, and the hem between them is an arc of θ R. */
    @ParameterizedTest
    @ValueSource(strings = {"front", "back"})
    void a_swept_hem_is_longer_by_its_arc_and_opens_by_its_chord(String panel) {
        Drafted swept = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"));
        Drafted plain = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"), "sweep");
        double angle = Math.toRadians(fact(swept, "sweep.angle"));
        double spread = fact(swept, "sweep.spread." + panel);
        double radius = spread / 2 / Math.sin(angle / 2);
        assertThat(length(swept, panel, EdgeRole.HEM) - length(plain, panel, EdgeRole.HEM))
                .isCloseTo(angle * radius, within(0.1));
        double bust = swept.draft().level("bust").orElseThrow();
        assertThat(radius).isCloseTo(fact(plain, "length") - bust, within(2.0));
    }

    /** No cloth comes but the wedge that opened, and what the side's new curve takes or gives. */
    @Test
    void the_area_grows_by_the_sector_that_opened() {
        Drafted swept = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"));
        Drafted plain = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"), "sweep");
        double angle = Math.toRadians(fact(swept, "sweep.angle"));
        double radius = fact(swept, "sweep.spread.front") / 2 / Math.sin(angle / 2);
        double sector = angle * radius * radius / 2;
        double dart = Math.pow(fact(swept, "bust.quarter") - 4 * INCH, 2) * Math.sin(angle) / 2;
        double grown = polygon(piece(swept.draft(), "front")).getArea()
                - polygon(piece(plain.draft(), "front")).getArea();
        assertThat(grown).isCloseTo(sector - dart, within(0.015 * sector));
    }

    @Test
    void the_house_gives_the_side_back_what_the_dart_took_and_the_bench_lets_the_hem_ride_up() {
        Drafted plain = drafted("sweep-jumpsuit", Map.of(), "sweep");
        Drafted swept = drafted("sweep-jumpsuit", Map.of());
        assertThat(length(swept, "front", EdgeRole.SIDE))
                .isCloseTo(length(plain, "front", EdgeRole.SIDE), within(1e-6));
        Drafted bench = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"));
        Drafted level = drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench"), "sweep");
        double lost = length(level, "front", EdgeRole.SIDE) - length(bench, "front", EdgeRole.SIDE);
        assertThat(lost)
                .isCloseTo(fact(bench, "sweep.side.lost.front"), within(1e-6))
                .isBetween(30.0, 60.0);
    }

    @Test
    void a_hem_that_rides_up_at_the_side_is_watched_until_the_side_gets_back_what_the_dart_took() {
        Check rides = check(drafted("sweep-jumpsuit", Map.of("bodiceWay", "bench")), "length.suits");
        assertThat(rides.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(rides.measured() - rides.wanted()).isBetween(30.0, 60.0);
        Map<String, Object> mended =
                new HashMap<>(SettingValue.told(rides.remedies().get(0).settings()));
        assertThat(check(drafted("sweep-jumpsuit", mended), "length.suits").verdict())
                .isEqualTo(Verdict.TRUE);
    }

    @Test
    void a_swept_panel_is_never_cut_folded_and_its_hem_is_rolled() {
        Piece front = piece(drafted("sweep-jumpsuit", Map.of()).draft(), "front");
        assertThat(front.copies().flat()).isTrue();
        assertThat(front.require(EdgeRole.HEM).end()).isEqualTo(End.ROLLED);
    }

    @Test
    void a_sweep_is_refused_where_the_bust_point_lies_beside_the_side() {
        Map<Measure, Double> wide = her();
        wide.put(BUST_SPAN, 19 * INCH);
        assertThatThrownBy(() -> Drafting.draft(
                        DraftRequest.of("sweep-jumpsuit", "house", Sheet.ofMillimetres(wide), Map.of(), null)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("measures.bustSpan"));
    }

    @Test
    void a_recipes_depth_wins_over_what_the_bodice_usually_asks() {
        Drafted bench = Drafting.draft(
                DraftRequest.of("sleeved-playsuit", "bench", Sheet.ofMillimetres(her()), Map.of(), null));
        assertThat(fact(bench, "crotch.depth")).isCloseTo((38.5 / 4 + 1.5) * INCH, within(1e-6));
        assertThat(check(bench, "trunk.length").verdict()).isEqualTo(Verdict.OFF);
    }

    @Test
    void a_flat_collar_is_the_front_neckline_traced_two_outer_and_two_under() {
        Drafted sweep = drafted("sweep-jumpsuit", Map.of());
        Piece collar = piece(sweep.draft(), "collar");
        assertThat(collar.top().length()).isCloseTo(length(sweep, "front", EdgeRole.NECK), within(1e-6));
        assertThat(collar.copies()).isEqualTo(new Copies.Pairs(2));
        assertThat(collar.marks()).extracting(Mark::text).contains("centre front", "shoulder");
        assertThat(drafted("sweep-jumpsuit", Map.of(), "flat-collar").draft().pieces())
                .noneMatch(p -> p.panel().equals(Panel.COLLAR));
        assertThatThrownBy(() -> drafted("sweep-jumpsuit", Map.of("collarWidth", 118.0)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("settings.collarWidth"));
    }

    /**
     * A shoulder of four inches bears no facing of three and a half: it is cut less deep and told; a hand's depth is
     * refused at its field.
     */
    @Test
    void on_a_short_shoulder_a_facing_is_cut_less_deep_but_a_hands_depth_is_not_made_less_in_silence() {
        Map<Measure, Double> narrow = her();
        narrow.put(SHOULDER_WIDTH, 12.5 * INCH);
        Drafted playsuit = Drafting.draft(
                DraftRequest.of("sleeved-playsuit", "house", Sheet.ofMillimetres(narrow), Map.of(), null));
        assertThat(playsuit.draft().notices()).extracting(n -> n.id()).contains("facing-narrower");
        assertThat(drafted("sleeved-playsuit", Map.of()).draft().notices())
                .extracting(n -> n.id())
                .doesNotContain("facing-narrower");
        assertThatThrownBy(() -> Drafting.draft(DraftRequest.of(
                        "sleeved-playsuit", "house", Sheet.ofMillimetres(narrow), Map.of("facingHeight", 115.0), null)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("settings.facingHeight"));
    }

    /** Walked on the outlines with a library of its own: front and back side, and both inseams, are one length. */
    @ParameterizedTest
    @CsvSource({"sleeved-playsuit, SIDE", "sleeved-playsuit, INSEAM", "sweep-jumpsuit, SIDE", "sweep-jumpsuit, INSEAM"})
    void seams_of_front_and_back_are_one_length_as_walked(String cut, String seam) {
        EdgeRole role = seam.equals("SIDE") ? EdgeRole.SIDE : EdgeRole.INSEAM;
        Drafted drafted = drafted(cut, Map.of());
        assertThat(walked(drafted, "front", role)).isCloseTo(walked(drafted, "back", role), within(0.05));
    }

    private static double walked(Drafted drafted, String panel, EdgeRole role) {
        Coordinate[] places = Curves.flattened(
                        piece(drafted.draft(), panel).require(role).run(), 400)
                .stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
        return new GeometryFactory().createLineString(places).getLength();
    }

    @Test
    void a_girth_of_an_opened_sweep_is_that_of_the_opened_panels() {
        Drafted plain = draftOn(Bodies.all().get(40), Map.of("bustDart", 20.0));
        Drafted wide = draftOn(Bodies.all().get(40), Map.of("bustDart", 60.0));
        for (String id : List.of("waist.fits", "hip.fits", "knee.fits", "thigh.room")) {
            assertThat(measured(wide, id)).as(id).isGreaterThan(measured(plain, id) + 40);
        }
        assertThat(measured(wide, "waist.fits"))
                .isCloseTo(wide.draft().fact(SweepFacts.WAIST).value(), within(1e-6));
    }

    private static Drafted draftOn(Bodies.Row row, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of("sweep-jumpsuit", null, Bodies.withDepths(row), settings, null));
    }

    private static double measured(Drafted drafted, String id) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow()
                .measured();
    }

    /** The bust ease is kept on the chest line and on the bust line, whatever the bust is. */
    @ParameterizedTest
    @ValueSource(doubles = {800, 900, 1000, 1220, 1300})
    void a_side_falls_plumb_from_the_chest_line_to_the_bust_line(double bust) {
        Map<Measure, Double> mm = OnePiece.her();
        mm.put(Measure.BUST_GIRTH, bust);
        mm.put(Measure.SHOULDER_TO_BUST, 320.0);
        for (String cut : List.of("sleeved-playsuit", "round-neck-bodysuit", "swim-bodysuit", "pull-on-romper")) {
            Drafted drafted = Drafting.draft(DraftRequest.of(cut, null, Sheet.ofMillimetres(mm), Map.of(), null));
            double quarter = Bodies.step(drafted, "bust.quarter");
            double y = drafted.draft().level("bust").orElseThrow();
            assertThat(Inspected.sideAt(drafted.draft().panel(Panel.FRONT), y))
                    .as(cut)
                    .isCloseTo(quarter, within(1e-6));
        }
    }

    /** The recipes' own numbers, common practice: hip 40, waist 28, bust 38, knee 15, ankle 9, rise 10¾ in. */
    @ParameterizedTest
    @CsvSource({
        "sleeved-playsuit, crotch.depth, 11.5",
        "sleeved-playsuit, hip.quarter.front, 11",
        "sleeved-playsuit, hip.quarter.back, 11",
        "sleeved-playsuit, bust.quarter, 9.5",
        "sleeved-playsuit, waist.quarter, 7.5",
        "sleeved-playsuit, crotch.extension.front, 2.5",
        "sleeved-playsuit, crotch.extension.back, 4.5",
        "sleeved-playsuit, fork.drop, 0",
        "sleeved-playsuit, hem.width.front, 7.5",
        "sleeved-playsuit, hem.width.back, 9.5",
        "peplum-jumpsuit, crotch.depth, 10.75",
        "peplum-jumpsuit, hip.quarter.front, 10.5",
        "peplum-jumpsuit, crotch.extension.front, 2.625",
        "peplum-jumpsuit, crotch.extension.back, 4.625",
        "peplum-jumpsuit, knee.width.front, 7.5",
        "peplum-jumpsuit, knee.width.back, 9.5",
        "peplum-jumpsuit, hem.girth, 13.25",
        "sweep-jumpsuit, crotch.depth, 13.5",
        "sweep-jumpsuit, hip.quarter.front, 10",
        "sweep-jumpsuit, waist.quarter, 8",
        "sweep-jumpsuit, bust.quarter, 10",
        "sweep-jumpsuit, crotch.extension.front, 2",
        "sweep-jumpsuit, crotch.extension.back, 4"
    })
    void a_recipe_s_numbers_come_out_by_its_bench(String cut, String step, double inches) {
        Map<Measure, Double> mm = OnePiece.her();
        mm.put(Measure.HIP_GIRTH, 40 * OnePiece.INCH);
        mm.put(Measure.KNEE_GIRTH, 15 * OnePiece.INCH);
        mm.put(Measure.ANKLE_GIRTH, 9 * OnePiece.INCH);
        Drafted drafted = Drafting.draft(DraftRequest.of(cut, "bench", Sheet.ofMillimetres(mm), Map.of(), null));
        double found = drafted.draft().told(new Fact(step)).orElseThrow().value();
        assertThat(found / OnePiece.INCH).isCloseTo(inches, within(0.03));
    }
}
