package brightplumb.core.garment;

import static brightplumb.core.garment.OnHer.field;
import static brightplumb.core.garment.OnHer.plain;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.garment.Lays.Cutting;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.lay.Bundle;
import brightplumb.core.lay.ByHand;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.lay.Lay.Placement;
import brightplumb.core.lay.Wanted;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Pieces on cloth. Areas and overlaps are measured with JTS, a general-purpose reference library. */
class LaysTest {

    private static final GeometryFactory JTS = new GeometryFactory();
    private static final Asked QUICK = new Asked(Layer.SHELL, 1, List.of(), List.of(), false, Optional.of(60));
    private static final Cloth WIDE = new Cloth(0, 1500, true, false);

    private static Stream<Cut> cuts() {
        return Catalogue.CUTS.stream();
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void every_cut_is_laid_on_real_bodies_without_overlap_whole_on_the_cloth(Cut cut) {
        for (Bodies.Row row : Bodies.eightInTurn(cut.id().hashCode()).subList(0, 1)) {
            Drafted drafted = Bodies.drafted(cut.id(), null, row);
            for (Layer layer : Lays.layers(drafted)) {
                for (boolean folded : List.of(true, false)) {
                    Cloth cloth = new Cloth(0, 1600, folded, false);
                    Asked asked = new Asked(layer, 2, List.of(), List.of(), false, Optional.of(14));
                    String what = cut.id() + " " + row + " " + layer + (folded ? " folded" : " open");
                    if (folded && neverFolded(drafted, layer)) {
                        assertThatThrownBy(() -> Lays.of(List.of(new Cutting("", drafted)), cloth, asked))
                                .as(what)
                                .isInstanceOfSatisfying(
                                        Refusal.class,
                                        r -> assertThat(r.faults()
                                                        .get(0)
                                                        .field()
                                                        .path())
                                                .isEqualTo("cloth.folded"));
                        continue;
                    }
                    Lay lay = Lays.of(List.of(new Cutting("", drafted)), cloth, asked);
                    apart(lay, what);
                    assertThat(lay.placements()).as(what).allSatisfy(p -> {
                        assertThat(p.outline())
                                .allMatch(at -> at.x() > -1e-6
                                        && at.x() < lay.length() + 1e-6
                                        && at.y() > -1e-6
                                        && at.y() < lay.ground().across() + 1e-6);
                        assertThat(p.outline().stream()
                                        .mapToDouble(Point::y)
                                        .min()
                                        .orElseThrow())
                                .as("on the fold")
                                .matches(y -> !p.onFold() || y < 1e-6);
                    });
                    assertThat(lay.length()).as(what).isBetween(lay.bound() - 1e-6, lay.baseline() + 1e-6);
                    asOftenAsNeeded(lay, drafted, layer, 2, what);
                }
            }
        }
    }

    private static boolean neverFolded(Drafted drafted, Layer layer) {
        return drafted.pieces().stream()
                .anyMatch(p -> p.piece().layer() == layer && p.piece().copies().flat());
    }

    /**
     * On single cloth every cloth piece is laid; on double cloth a pair at once, and what is the same on both faces.
     */
    private static void asOftenAsNeeded(Lay lay, Drafted drafted, Layer layer, int copies, String what) {
        for (CutPiece piece : drafted.pieces()) {
            String id = piece.piece().id().toString();
            long laid = lay.placements().stream()
                    .filter(p -> p.piece().toString().equals(id))
                    .count();
            long n = piece.piece().layer() == layer ? (long) piece.cut() * copies : 0;
            boolean doubled = lay.ground().folded() && piece.piece().copies() instanceof Copies.Pairs;
            boolean onFold =
                    lay.placements().stream().anyMatch(p -> p.piece().toString().equals(id) && p.onFold());
            assertThat(laid)
                    .as(what + " " + id)
                    .isBetween(lay.ground().folded() && !onFold ? (n + 1) / 2 : n, doubled ? n / 2 : n);
        }
    }

    private static void apart(Lay lay, String what) {
        List<Polygon> laid =
                lay.placements().stream().map(p -> polygon(p.outline())).toList();
        for (int i = 0; i < laid.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (laid.get(i).getEnvelopeInternal().intersects(laid.get(j).getEnvelopeInternal())) {
                    assertThat(laid.get(i).intersection(laid.get(j)).getArea())
                            .as(what + ": " + lay.placements().get(i).piece() + " on "
                                    + lay.placements().get(j).piece())
                            .isLessThan(0.5);
                }
            }
        }
    }

    private static Polygon polygon(List<Point> places) {
        List<Coordinate> ring = new ArrayList<>();
        places.forEach(p -> ring.add(new Coordinate(p.x(), p.y())));
        ring.add(ring.get(0));
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static Lay laid(String cut, Cloth cloth, Asked asked) {
        return Lays.of(List.of(new Cutting("", plain(cut))), cloth, asked);
    }

    @Test
    void grain_runs_along_the_cloth_and_all_tops_one_way_where_the_cloth_has_one() {
        Drafted drafted = plain("classic-trousers");
        for (boolean oneWay : List.of(true, false)) {
            Lay lay = Lays.of(List.of(new Cutting("", drafted)), new Cloth(0, 1500, false, oneWay), QUICK);
            for (Placement p : lay.placements()) {
                Line grain = drafted.draft().piece(p.piece()).grain();
                Point along = p.move().direction(grain.direction(0));
                assertThat(Math.abs(along.y())).as(p.piece().toString()).isLessThan(1e-9);
                assertThat(along.x() > 0).isEqualTo(p.angle() == 0);
            }
            assertThat(lay.placements().stream().allMatch(p -> p.angle() == 0)).isEqualTo(oneWay);
        }
    }

    @Test
    void a_pair_on_single_cloth_is_a_left_and_a_right() {
        Lay lay = laid("classic-trousers", new Cloth(0, 1500, false, false), QUICK);
        assertThat(lay.placements().stream()
                        .filter(p -> p.piece().equals(PieceId.of(Half.FRONT)))
                        .map(Placement::flipped))
                .containsExactlyInAnyOrder(true, false);
    }

    @Test
    void the_same_garment_gives_the_same_lay_and_more_tries_give_none_that_is_longer() {
        assertThat(laid("tailored-shorts", WIDE, QUICK)).isEqualTo(laid("tailored-shorts", WIDE, QUICK));
        double length = Double.POSITIVE_INFINITY;
        for (int tries : List.of(1, 12, 60, 240)) {
            Lay lay = laid(
                    "tailored-shorts",
                    WIDE,
                    new Asked(Layer.SHELL, 1, List.of(), List.of(), false, Optional.of(tries)));
            assertThat(lay.tried()).isLessThanOrEqualTo(tries);
            // What the rows leave open is pushed together afterwards, which may differ by a hair.
            assertThat(lay.length()).isLessThan(length + 4);
            length = lay.length();
        }
    }

    @Test
    void what_has_to_match_lies_whole_repeats_apart() {
        Cloth checked = new Cloth(0, 1500, true, false, Drape.MEDIUM, 150, 0);
        Drafted drafted = plain("straight-skirt");
        Lay lay = Lays.of(List.of(new Cutting("", drafted)), checked, QUICK);
        List<Double> waists = lay.placements().stream()
                .filter(p -> !drafted.draft().piece(p.piece()).onBody().zones().isEmpty())
                .map(p -> p.move().apply(Point.of(0, 0)).x())
                .toList();
        assertThat(waists)
                .hasSizeGreaterThan(1)
                .allSatisfy(
                        x -> assertThat(Math.abs(x / 150 - Math.rint(x / 150))).isLessThan(1e-6));
        assertThat(Lays.buy(lay.length(), checked)).isCloseTo(lay.length() + 150, within(1e-9));
        Cloth unwashed = new Cloth(0, 1500, true, false, Drape.MEDIUM, 0, 0.1);
        assertThat(Lays.buy(900, unwashed)).isCloseTo(1000, within(1e-9));
    }

    @Test
    void a_piece_that_does_not_go_across_is_named_with_what_to_do() {
        assertThatThrownBy(() -> laid("palazzo", new Cloth(0, 700, true, false), QUICK))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(field(r)).isEqualTo("cloth.width");
                    assertThat(r.faults().get(0).message())
                            .contains(
                                    "wide with its allowances",
                                    "more than the folded cloth is across",
                                    "lay the cloth open");
                });
        assertThatThrownBy(() -> laid("palazzo", new Cloth(0, 300, false, false), QUICK))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(r.faults().get(0).message())
                                .doesNotContain("lay the cloth open")
                                .contains("seam the piece"));
    }

    @Test
    void a_remnant_holds_all_within_its_outline_and_no_piece_crosses_a_seam_that_is_avoided() {
        List<Point> leg = List.of(
                Point.of(0, 0), Point.of(2600, 0), Point.of(2600, 700), Point.of(1400, 1100), Point.of(0, 1000));
        Line seam = new Line(Point.of(0, 500), Point.of(2600, 500));
        for (List<Line> avoided : List.of(List.<Line>of(), List.of(seam))) {
            Lay lay = laid("shorts-block", WIDE, new Asked(Layer.SHELL, 1, leg, avoided, false, Optional.of(80)));
            Polygon cloth = polygon(leg);
            apart(lay, "remnant");
            LineString sewn =
                    JTS.createLineString(new Coordinate[] {new Coordinate(0, 500), new Coordinate(2600, 500)});
            for (Placement p : lay.placements()) {
                Polygon piece = (Polygon) polygon(p.outline()).buffer(-0.05);
                assertThat(cloth.covers(piece)).as(p.piece().toString()).isTrue();
                if (!avoided.isEmpty()) {
                    assertThat(sewn.intersects(piece)).as(p.piece().toString()).isFalse();
                }
            }
        }
        assertThat(laid("shorts-block", WIDE, new Asked(Layer.SHELL, 1, leg, List.of(), false, Optional.of(80)))
                        .placements()
                        .stream()
                        .anyMatch(p -> p.outline().stream().anyMatch(at -> at.y() < 499)
                                && p.outline().stream().anyMatch(at -> at.y() > 501)))
                .as("without the seam something lies across where it would be")
                .isTrue();
    }

    @Test
    void a_remnant_that_is_none_or_too_small_is_refused_in_words() {
        List<Point> crossed = List.of(Point.of(0, 0), Point.of(1000, 1000), Point.of(1000, 0), Point.of(0, 1000));
        List<Point> small = List.of(Point.of(0, 0), Point.of(700, 0), Point.of(700, 600), Point.of(0, 600));
        for (List<Point> wrong : List.of(crossed, small, crossed.subList(0, 2))) {
            Asked asked = new Asked(Layer.SHELL, 1, wrong, List.of(), false, Optional.of(20));
            assertThatThrownBy(() -> laid("shorts-block", WIDE, asked))
                    .isInstanceOfSatisfying(
                            Refusal.class, r -> assertThat(field(r)).isEqualTo("lay.sheet"));
        }
        Cloth large = new Cloth(0, 1500, true, false, Drape.MEDIUM, 900, 0);
        assertThatThrownBy(() -> laid(
                        "shorts-block", large, new Asked(Layer.SHELL, 1, small, List.of(), false, Optional.of(20))))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("cloth.repeat"));
    }

    @Test
    void a_hand_may_lay_as_it_likes_but_not_on_another_or_off_the_cloth() {
        Drafted drafted = plain("shorts-block");
        List<CutPiece> shell = drafted.pieces().stream()
                .filter(p -> p.piece().layer() == Layer.SHELL)
                .toList();
        List<Bundle> bundles = List.of(new Bundle("", shell, 1));
        Ground ground = new Ground.Bolt(1500, true, 0);
        Lay found = Lay.of(bundles, ground, false, 60);
        List<ByHand> hands = found.placements().stream().map(LaysTest::hand).toList();
        assertThat(Lay.byHand(bundles, ground, false, hands).length()).isCloseTo(found.length(), within(1e-6));
        List<ByHand> apart = hands.stream()
                .map(h -> h.piece().equals("back") ? moved(h, 1500, 0) : h)
                .toList();
        assertThat(Lay.byHand(bundles, ground, false, apart).length()).isGreaterThan(found.length());
        List<ByHand> turned = hands.stream()
                .map(h -> h.piece().equals("band")
                        ? new ByHand("", "band", h.copy(), !h.flipped(), 180 - h.angle(), h.x(), h.y())
                        : h)
                .toList();
        assertThat(Lay.byHand(bundles, ground, false, turned).length())
                .as("a band is the same however it is turned")
                .isCloseTo(found.length(), within(1e-6));
        ByHand front = hands.stream()
                .filter(h -> h.piece().equals("front"))
                .findFirst()
                .orElseThrow();
        for (List<ByHand> wrong : List.of(
                hands.stream()
                        .map(h -> h.piece().equals("back")
                                ? new ByHand("", "back", h.copy(), h.flipped(), h.angle(), front.x(), front.y())
                                : h)
                        .toList(),
                hands.stream().map(h -> moved(h, -200, 0)).toList(),
                hands.stream().map(h -> moved(h, 0, 700)).toList(),
                hands.subList(1, hands.size()))) {
            assertThatThrownBy(() -> Lay.byHand(bundles, ground, false, wrong))
                    .isInstanceOfSatisfying(
                            Refusal.class, r -> assertThat(field(r)).isEqualTo("placements"));
        }
    }

    private static ByHand hand(Placement p) {
        double x = p.outline().stream().mapToDouble(Point::x).min().orElseThrow();
        double y = p.outline().stream().mapToDouble(Point::y).min().orElseThrow();
        return new ByHand(p.garment(), p.piece().toString(), p.copy(), p.flipped(), p.angle(), x, y);
    }

    private static ByHand moved(ByHand h, double dx, double dy) {
        return new ByHand(h.garment(), h.piece(), h.copy(), h.flipped(), h.angle(), h.x() + dx, h.y() + dy);
    }

    @Test
    void what_would_save_cloth_does() {
        Drafted trousers = plain("classic-trousers");
        List<Cutting> one = List.of(new Cutting("", trousers));
        Cloth narrow = new Cloth(0, 1150, true, false);
        Lay now = Lays.of(one, narrow, QUICK);
        List<Lays.Saving> savings = Lays.savings(one, narrow, QUICK, now, Wanted.ALWAYS);
        assertThat(savings).isNotEmpty().allSatisfy(s -> {
            assertThat(s.saved()).isCloseTo(now.length() - s.length(), within(1e-6));
            assertThat(s.saved()).isGreaterThan(12);
        });
        assertThat(savings).isSortedAccordingTo((a, b) -> Double.compare(b.saved(), a.saved()));
        assertThat(savings.stream().map(Lays.Saving::id)).contains("width");
    }

    @Test
    void a_band_in_two_halves_has_a_seam_more_and_all_its_cloth() {
        Drafted skirt = plain("straight-skirt");
        CutPiece band = OnHer.piece(skirt, "band");
        CutPiece half = Pieced.of(band);
        assertThat(half.cut()).isEqualTo(2);
        assertThat(OnHer.area(half.cutLine()))
                .as("half of the band, and half an inch")
                .isCloseTo(OnHer.area(band.cutLine()) + 12.7 * band.needs().across(), within(1.0));
        assertThat(Pieced.of(OnHer.piece(skirt, "front"))).isEqualTo(OnHer.piece(skirt, "front"));
    }

    @Test
    void the_longest_that_a_cloth_gives_can_be_cut_from_it_and_more_cloth_gives_more() {
        DraftRequest skirt = plain("straight-skirt").request();
        Longest fromLittle = Longest.of(skirt, WIDE, QUICK, 850, Wanted.ALWAYS);
        Longest fromMore = Longest.of(skirt, WIDE, QUICK, 1000, Wanted.ALWAYS);
        assertThat(Lays.buy(fromLittle.lay().length(), WIDE)).isLessThanOrEqualTo(850);
        assertThat(fromLittle.length()).isBetween(700.0, 850.0);
        assertThat(fromMore.length()).isGreaterThan(fromLittle.length() + 130);
        assertThat(fromLittle.stops()).contains("reaches the end of the cloth");
        for (double further : new double[] {6, 25, 50}) {
            Map<String, Object> longer = Map.of("length", fromLittle.length() + further);
            Drafted drafted = Drafting.draft(
                    DraftRequest.of("straight-skirt", skirt.way().id(), skirt.sheet(), longer, skirt.cloth()));
            Lay lay = Lays.compared(List.of(new Lays.Cutting("", drafted)), WIDE, QUICK.tries(200), Wanted.ALWAYS);
            assertThat(Lays.buy(lay.length(), WIDE)).as("longer by " + further).isGreaterThan(850);
        }
        assertThatThrownBy(() -> Longest.of(skirt, WIDE, QUICK, 90, Wanted.ALWAYS))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("lay.along"));
    }
}
