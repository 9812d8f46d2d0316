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
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A bodice without shoulders sewn to legs at the waist, its lining, and the ring of cloth on its top edge. Amounts are
 * common practice, no source.
 */
class PeplumJumpsuitTest {

    private static final PieceId BODICE_FRONT = PieceId.of("bodice", Half.FRONT);

    private static Map<Measure, Double> her() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 28.5 * INCH);
        mm.put(HIP_GIRTH, 39 * INCH);
        mm.put(HIP_DEPTH, 8.5 * INCH);
        mm.put(BODY_RISE, 10.5 * INCH);
        mm.put(THIGH_GIRTH, 22.5 * INCH);
        mm.put(BUST_GIRTH, 36 * INCH);
        mm.put(SHOULDER_WIDTH, 15 * INCH);
        mm.put(SHOULDER_TO_WAIST, 16.25 * INCH);
        mm.put(SHOULDER_TO_BUST, 10 * INCH);
        mm.put(VERTICAL_TRUNK, 59 * INCH);
        mm.put(OUTSIDE_LEG, 40 * INCH);
        return mm;
    }

    private static Map<Measure, Double> overArms() {
        Map<Measure, Double> mm = her();
        mm.put(TOP_EDGE_GIRTH, 43 * INCH);
        return mm;
    }

    private static Drafted drafted(
            String way, Map<Measure, Double> mm, Map<String, Object> settings, String... without) {
        return Drafting.draft(DraftRequest.of(
                "peplum-jumpsuit",
                way,
                Sheet.ofMillimetres(mm),
                settings,
                null,
                new MadeWith(Set.of(), Set.of(without))));
    }

    private static Drafted drafted(Map<Measure, Double> mm) {
        return drafted("house", mm, Map.of());
    }

    private static List<Join> joins(Draft draft, String seam) {
        return draft.joins().stream().filter(j -> j.seam().id().equals(seam)).toList();
    }

    private static Polygon polygon(Piece piece) {
        List<Coordinate> ring = new java.util.ArrayList<>();
        for (Point p : Curves.flattened(piece.sewLine(), 200)) {
            ring.add(new Coordinate(p.x(), p.y()));
        }
        ring.add(ring.get(0));
        return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    }

    static Stream<Bodies.Row> rows() {
        return Bodies.some().stream();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void on_real_bodies_bodice_and_legs_are_one_length_along_the_waist_and_dart_stands_on_dart(Bodies.Row row) {
        Drafted drafted =
                Drafting.draft(DraftRequest.of("peplum-jumpsuit", "house", Bodies.withDepths(row), Map.of(), null));
        List<Join> seams = joins(drafted.draft(), "waist");
        assertThat(seams).hasSize(2);
        for (Join seam : seams) {
            assertThat(seam.layers().get(1).length())
                    .isCloseTo(seam.layers().get(0).length(), within(0.1));
            Run legs = seam.layers().get(0);
            Run bodice = seam.layers().get(1);
            boolean legsHaveDarts = legs.stretches().get(0).piece().equals(lastOnPanel(legs));
            if (bodice.stretches().size() > 1 && legs.stretches().size() > 1 && legsHaveDarts) {
                assertThat(bodice.stretches().get(0).length())
                        .isCloseTo(legs.stretches().get(0).length(), within(0.1));
            }
        }
        assertThat(check(drafted, "waist.meets.waist").verdict()).isEqualTo(Verdict.TRUE);
        assertThat(fact(drafted, "waist.seam.top")).isCloseTo(fact(drafted, "waist.seam.bottom"), within(0.1));
    }

    private static PieceId lastOnPanel(Run run) {
        Stretch second = run.stretches().get(Math.min(1, run.stretches().size() - 1));
        return second.piece();
    }

    /** The peplum's inner edge against the closed form of its ring, and against the edge it is sewn to. */
    @ParameterizedTest
    @ValueSource(strings = {"closed", "over-arms"})
    void a_peplums_inner_edge_is_its_seam_and_its_ring_two_pi_times_the_radius(String kind) {
        Map<Measure, Double> mm = kind.equals("closed") ? her() : overArms();
        Drafted drafted = drafted(mm);
        double ring = fact(drafted, "top.ring");
        assertThat(2 * Math.PI * fact(drafted, "peplum.radius")).isCloseTo(ring, within(1e-6));
        double inner = 0;
        for (String panel : List.of("peplum-front", "peplum-back")) {
            Piece piece = drafted.draft().piece(panel);
            inner += 2 * piece.edges().get(0).length();
            assertThat(polygon(piece).isValid()).isTrue();
        }
        assertThat(inner).isCloseTo(ring, within(0.1));
        for (Join seam : joins(drafted.draft(), "peplum")) {
            assertThat(seam.eased()).isCloseTo(0, within(0.1));
        }
        if (kind.equals("closed")) {
            double edge = 0;
            for (String panel : List.of("bodice-front", "bodice-back")) {
                edge += 2 * drafted.draft().piece(panel).edges().get(0).length();
            }
            assertThat(inner).isCloseTo(edge, within(0.1));
        } else {
            assertThat(ring).isCloseTo(43 * INCH, within(1e-6));
        }
    }

    /** A full circle: all four quarters together are the ring's area, by a library of its own. */
    @Test
    void a_peplum_is_a_full_circle() {
        Drafted drafted = drafted(overArms());
        double radius = fact(drafted, "peplum.radius");
        double outside = radius + 9 * INCH;
        double area = 2
                * Stream.of("peplum-front", "peplum-back")
                        .mapToDouble(p -> polygon(drafted.draft().piece(p)).getArea())
                        .sum();
        assertThat(area).isCloseTo(Math.PI * (outside * outside - radius * radius), within(40.0));
    }

    @Test
    void over_the_arms_it_begins_five_inches_down_and_ends_at_the_armhole_round_the_body_under_the_arms() {
        Piece over = drafted(overArms()).draft().piece(BODICE_FRONT);
        assertThat(over.edge(EdgeRole.ARMHOLE)).isPresent();
        assertThat(over.edges().get(0).run().get(0).from().y()).isCloseTo(-16.25 * INCH + 5 * INCH, within(1e-6));
        Drafted closed = drafted(her());
        Piece round = closed.draft().piece(BODICE_FRONT);
        assertThat(round.edge(EdgeRole.ARMHOLE)).isEmpty();
        assertThat(round.edges().get(0).run().get(0).from().y())
                .isCloseTo(closed.draft().level("chest").orElseThrow(), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"house, closed", "house, over-arms", "bench, closed", "bench, over-arms"})
    void both_sides_of_the_bodice_are_one_length_and_the_zip_runs_through_both(String way, String kind) {
        Drafted drafted = drafted(way, kind.equals("closed") ? her() : overArms(), Map.of());
        Join side = joins(drafted.draft(), "bodice.side").get(0);
        assertThat(side.eased()).isCloseTo(0, within(0.01));
        double through = drafted.draft().steps().stream()
                .filter(s -> s.fact().equals(BodiceFacts.ZIP_THROUGH))
                .mapToDouble(s -> s.amount().value())
                .findFirst()
                .orElseThrow();
        double bodice = drafted.draft()
                .piece("bodice-back")
                .require(EdgeRole.CENTRE_BACK_ZIP)
                .length();
        assertThat(through).isCloseTo(bodice + 8.5 * INCH, within(0.01));
        assertThat(Notions.of(drafted)).anySatisfy(n -> {
            assertThat(n.id()).isEqualTo("zip");
            // The next that is sold: two inches longer at the most.
            assertThat(n.length()).isBetween(through, through + 2 * INCH);
        });
    }

    /** What the recipe leaves to be found: without a drop the back inseam would be longer than the front's. */
    @Test
    void the_recipes_fork_drops_until_both_inseams_are_one_length() {
        assertThat(check(drafted("bench", her(), Map.of()), "inseam.meets").verdict())
                .isEqualTo(Verdict.TRUE);
        assertThat(check(drafted("bench", her(), Map.of("forkDrop", 0.0)), "inseam.meets")
                        .verdict())
                .isEqualTo(Verdict.OFF);
    }

    @Test
    void the_lining_is_the_bodice_and_finishes_what_of_the_armholes_is_left() {
        Draft draft = drafted(overArms()).draft();
        for (String panel : List.of("bodice-front", "bodice-back")) {
            Piece lining = draft.piece("lining-" + panel);
            assertThat(lining.layer()).isEqualTo(Layer.LINING);
            assertThat(polygon(lining)
                            .symDifference(polygon(draft.piece(panel)))
                            .getArea())
                    .isLessThan(1e-6);
        }
        assertThat(joins(draft, "bodice-lining.armhole")).hasSize(2);
        assertThat(joins(drafted(her()).draft(), "bodice-lining.armhole")).isEmpty();
        assertThat(drafted("house", her(), Map.of(), "bodice-lining").draft().pieces())
                .noneMatch(p -> p.layer() == Layer.LINING);
    }

    @ParameterizedTest
    @CsvSource({"SOFT, TRUE", "MEDIUM, TRUE", "FIRM, WATCH"})
    void a_peplum_in_firm_cloth_is_watched(Drape drape, Verdict verdict) {
        Drafted drafted = Drafting.draft(DraftRequest.of(
                "peplum-jumpsuit",
                "house",
                Sheet.ofMillimetres(her()),
                Map.of(),
                new Cloth(0, 1500, true, false, drape)));
        assertThat(check(drafted, "cloth.suits").verdict()).isEqualTo(verdict);
    }

    @Test
    void a_crotch_too_high_to_sit_in_is_deepened_by_its_remedy() {
        Check high = check(drafted("house", her(), Map.of("crotchDepth", 9.5 * INCH)), "trunk.length");
        assertThat(high.verdict()).isEqualTo(Verdict.OFF);
        assertThat(check(
                                drafted(
                                        "house",
                                        her(),
                                        SettingValue.told(high.remedies().get(0).settings())),
                                "trunk.length")
                        .verdict())
                .isEqualTo(Verdict.TRUE);
    }

    @ParameterizedTest
    @CsvSource({
        "over-arms, , 127, measures.topEdgeGirth",
        "over-arms, 750, 127, measures.topEdgeGirth",
        "closed, , 340, settings.topLevel"
    })
    void what_cannot_be_is_named_at_its_field(String kind, Double girth, double level, String field) {
        Map<Measure, Double> mm = her();
        if (girth != null) {
            mm.put(TOP_EDGE_GIRTH, girth);
        }
        assertThatThrownBy(() -> drafted("house", mm, Map.of("topKind", kind, "topLevel", level)))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo(field));
    }
}
