package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.Alteration;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.SettingValue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** What cloth that is cut still gives for a correction. Whether a piece lies on its cloth is asked of JTS. */
class CutClothTest {

    private static final Sheet BODY = Bodies.withDepths(Bodies.all().get(40));

    private static DraftRequest request(String cut, Sheet sheet, Map<String, Object> settings) {
        return DraftRequest.of(cut, null, sheet, settings, null);
    }

    private static Alteration piece(CutCloth cloth, String name) {
        return cloth.pieces().stream()
                .filter(p -> p.piece().toString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Alteration.AtEdge at(Alteration piece, String role) {
        return piece.edges().stream()
                .filter(e -> e.role().id().equals(role))
                .findFirst()
                .orElseThrow();
    }

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void what_is_not_changed_asks_nothing_of_the_cloth(String cut) {
        for (Bodies.Row row : Bodies.eightInTurn(cut.hashCode()).subList(0, 4)) {
            DraftRequest same = request(cut, Bodies.withDepths(row), Map.of());
            assertThat(CutCloth.of(same, same, Set.of()).pieces())
                    .as(row.toString())
                    .noneMatch(Alteration::moves);
        }
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void whatever_is_said_at_a_fitting_a_piece_that_is_not_cut_anew_lies_on_its_cloth(String cut) {
        Tried tried = new Tried();
        for (Bodies.Row row : Bodies.eightInTurn(cut.hashCode()).subList(0, 2)) {
            Sheet sheet = Bodies.withDepths(row);
            DraftRequest worn = request(cut, sheet, Map.of());
            Drafted before = Drafting.draft(worn);
            for (Fitting.Proposal proposal : Fitting.of(before)) {
                DraftRequest corrected = request(cut, sheet, named(proposal));
                Optional<Drafted> drawn = tried.draft(() -> Drafting.drawn(corrected));
                if (drawn.isEmpty()) {
                    continue;
                }
                Drafted after = drawn.get();
                for (Alteration piece : CutCloth.of(worn, corrected, Set.of()).pieces()) {
                    if (!piece.cutAnew()) {
                        Polygon cloth = polygon(find(before, piece).cutLine(), Rigid.STAY);
                        Polygon sewn = polygon(find(after, piece).piece().sewLine(), Rigid.slide(piece.laid()));
                        // A sixteenth of an inch is not sewn otherwise, so it is not asked of a raw edge either.
                        assertThat(cloth.buffer(Length.INCH / 16 + 0.1).covers(sewn))
                                .as(row + " " + proposal.remark().id() + " " + piece.title())
                                .isTrue();
                    }
                }
            }
        }
        tried.refusedAtMost(0);
    }

    private static Map<String, Object> named(Fitting.Proposal proposal) {
        Map<String, Object> named = new HashMap<>();
        named.putAll(SettingValue.told(proposal.settings()));
        return named;
    }

    private static CutPiece find(Drafted drafted, Alteration piece) {
        return drafted.pieces().stream()
                .filter(p -> p.piece().id().equals(piece.piece()))
                .findFirst()
                .orElseThrow();
    }

    private static Polygon polygon(List<Segment> outline, Rigid move) {
        Coordinate[] ring = Curves.flattened(Curves.moved(outline, move), 24).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
        ring[ring.length - 1] = ring[0];
        return new GeometryFactory().createPolygon(ring);
    }

    @Test
    void a_side_is_let_out_as_far_as_its_allowance_less_a_quarter_inch_and_no_further() {
        // An inch at the side: three quarters can be let out.
        Map<String, Object> inch = Map.of("sideAllowance", Length.INCH);
        DraftRequest worn = request("straight-skirt", BODY, inch);
        double most = 0.75 * Length.INCH;
        for (double out : new double[] {most - 0.3, most + 0.3}) {
            Map<String, Object> wider = new HashMap<>(inch);
            wider.put("hipAllocation", 0.25 * Length.INCH + out);
            CutCloth cloth = CutCloth.of(worn, request("straight-skirt", BODY, wider), Set.of());
            Alteration.AtEdge back = at(piece(cloth, "back"), "side");
            assertThat(back.by()).isCloseTo(out, within(0.05));
            assertThat(back.room()).isCloseTo(most, within(1e-9));
            assertThat(back.does()).isEqualTo(out < most ? Alteration.Does.LET_OUT : Alteration.Does.CUT_ANEW);
            assertThat(at(piece(cloth, "front"), "side").does()).isEqualTo(Alteration.Does.TAKEN_IN);
        }
    }

    @Test
    void a_waist_is_cut_down_and_a_hem_let_down_within_what_is_turned() {
        DraftRequest worn = request("straight-skirt", BODY, Map.of("length", 600.0, "centreFrontDrop", 6.0));
        CutCloth lower = CutCloth.of(
                worn, request("straight-skirt", BODY, Map.of("length", 600.0, "centreFrontDrop", 18.0)), Set.of());
        assertThat(at(piece(lower, "front"), "waist").does()).isEqualTo(Alteration.Does.TRIMMED);
        for (double more : new double[] {40, 60}) {
            CutCloth longer = CutCloth.of(
                    worn,
                    request("straight-skirt", BODY, Map.of("length", 600.0 + more, "centreFrontDrop", 6.0)),
                    Set.of());
            // Two inches are turned.
            assertThat(piece(longer, "front").cutAnew()).isEqualTo(more > 2 * Length.INCH - Alteration.LEFT);
        }
    }

    @Test
    void a_neighbour_that_is_not_cut_yet_is_given_what_the_cut_panel_lacks() {
        Map<String, Object> narrow = Map.of("sideAllowance", 0.5 * Length.INCH);
        DraftRequest worn = request("straight-skirt", BODY, narrow);
        Map<String, Object> eased = new HashMap<>(narrow);
        eased.put("hipEase", 3 * Length.INCH);
        DraftRequest corrected = request("straight-skirt", BODY, eased);
        assertThat(piece(CutCloth.of(worn, corrected, Set.of()), "front").cutAnew())
                .isTrue();
        assertThat(CutCloth.of(worn, corrected, Set.of("front", "back")).offers())
                .as("both are cut: there is no neighbour to give to")
                .isEmpty();
        CutCloth.Offer offer =
                CutCloth.of(worn, corrected, Set.of("front")).offers().get(0);
        assertThat(SettingValue.told(offer.settings())).containsOnlyKeys("hipAllocation");
        eased.putAll(SettingValue.told(offer.settings()));
        CutCloth spared = CutCloth.of(worn, request("straight-skirt", BODY, eased), Set.of("front"));
        assertThat(piece(spared, "front").cutAnew()).isFalse();
        assertThat(piece(spared, "back").moves()).isTrue();
    }

    @Test
    void what_the_draft_would_find_anew_can_be_left_as_it_was_cut() {
        DraftRequest worn = request("classic-trousers", BODY, Map.of());
        Map<String, Object> dropped = new HashMap<>(Map.of("centreFrontDrop", 19.0));
        CutCloth cloth = CutCloth.of(worn, request("classic-trousers", BODY, dropped), Set.of("front", "back"));
        assertThat(piece(cloth, "back").cutAnew()).isTrue();
        CutCloth.Offer leave = cloth.offers().get(0);
        assertThat(SettingValue.told(leave.settings())).containsKey("backRise");
        dropped.putAll(SettingValue.told(leave.settings()));
        CutCloth left = CutCloth.of(worn, request("classic-trousers", BODY, dropped), Set.of("front", "back"));
        assertThat(piece(left, "back").cutAnew()).isFalse();
        assertThat(left.offers()).isEmpty();
    }

    @Test
    void a_piece_that_was_never_there_is_cut_and_one_that_is_not_the_garments_is_refused() {
        DraftRequest plain = DraftRequest.of("straight-skirt", null, BODY, Map.of(), null, MadeWith.NOTHING);
        DraftRequest banded = request("straight-skirt", BODY, Map.of());
        assertThat(CutCloth.of(plain, banded, Set.of()).pieces())
                .filteredOn(Alteration::cutAnew)
                .extracting(a -> a.piece().name())
                .containsExactly("band");
        assertThatThrownBy(() -> CutCloth.of(plain, plain, Set.of("sleeve")))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).field().path()).isEqualTo("cut"));
    }

    @Test
    void laid_where_it_asks_least_a_panel_keeps_its_grain() {
        Point laid = piece(
                        CutCloth.of(
                                request("classic-trousers", BODY, Map.of()),
                                request("classic-trousers", BODY, Map.of("backRise", 60.0)),
                                Set.of()),
                        "back")
                .laid();
        assertThat(Math.hypot(laid.x(), laid.y())).isLessThan(60);
    }
}
