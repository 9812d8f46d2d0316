package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import brightplumb.core.table.Notion;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NotionsTest {

    private static final Sheet BODY = Bodies.withDepths(Bodies.all().get(0));

    private static Drafted drafted(String cut, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(cut, null, BODY, settings, null));
    }

    private static Optional<Notion> notion(Drafted drafted, String id) {
        return Notions.of(drafted).stream().filter(n -> n.id().equals(id)).findFirst();
    }

    /** Handbook §16.5: what zips are sold in, inches; beyond, by the metre. */
    private static final List<Double> SOLD =
            List.of(4., 5., 6., 7., 8., 9., 10., 12., 14., 16., 18., 20., 22., 24., 26., 28., 30., 36.);

    static Stream<String> zipped() {
        return Catalogue.CUTS.stream()
                .map(Cut::id)
                .filter(id -> notion(drafted(id, Map.of()), "zip").isPresent());
    }

    /** The edges are those of the garment itself; a facing's and a lining's lie under them. */
    @ParameterizedTest
    @MethodSource("zipped")
    void a_zip_is_the_next_longer_one_that_is_sold_for_the_edges_it_closes(String cut) {
        Drafted drafted = drafted(cut, Map.of());
        double opening = drafted.pieces().stream()
                .filter(p -> p.piece().layer() == Layer.SHELL)
                .filter(p -> p.piece().id().name().matches("front|back|bodice-back|band-back"))
                .flatMap(p -> p.piece().edges().stream())
                .filter(e -> e.name().matches("fly|centre.back.zip"))
                .mapToDouble(e -> e.length())
                .sum();
        double drawn = opening == 0 ? Bodies.step(drafted, "zip.length") : opening;
        double sold = notion(drafted, "zip").orElseThrow().length() / Length.INCH;
        assertThat(SOLD).anySatisfy(inches -> assertThat(sold).isCloseTo(inches, within(1e-9)));
        assertThat(sold * Length.INCH).isGreaterThanOrEqualTo(drawn - Length.INCH / 16);
        assertThat(SOLD)
                .filteredOn(inches -> inches < sold - 1e-9)
                .allSatisfy(less -> assertThat(less * Length.INCH).isLessThan(drawn - Length.INCH / 16));
    }

    @Test
    void beyond_the_longest_that_is_sold_a_zip_is_bought_by_the_metre() {
        Notion zip = notion(tall("sleeved-playsuit", Map.of()), "zip").orElseThrow();
        assertThat(zip.length()).isGreaterThan(36 * Length.INCH);
        assertThat(zip.kind().toString()).contains("by the metre");
    }

    /** A giant, open from the neck to the hip. */
    private static Drafted tall(String cut, Map<String, Object> settings) {
        Map<Measure, Double> mm = OnePiece.her();
        mm.replaceAll((measure, girth) -> girth * 1.6);
        return OnePiece.drafted(cut, null, mm, settings);
    }

    @Test
    void what_is_pulled_on_has_no_zip() {
        assertThat(notion(drafted("knit-pencil", Map.of()), "zip")).isEmpty();
        assertThat(notion(drafted("classic-trousers", Map.of()), "zip")
                        .orElseThrow()
                        .kind()
                        .toString())
                .startsWith("trouser zip");
    }

    @Test
    void an_elastic_is_cut_an_inch_longer_than_it_goes_round() {
        assertThat(notion(drafted("lounge-shorts", Map.of("elastic", 600.0)), "elastic")
                        .orElseThrow()
                        .length())
                .isCloseTo(600 + Length.INCH, within(1e-9));
        assertThat(notion(drafted("shorts-block", Map.of()), "elastic")).isEmpty();
    }

    @Test
    void pockets_ask_a_button_a_flap_and_what_is_fused_its_strip() {
        Drafted shorts = drafted("flap-pocket-shorts", Map.of());
        assertThat(notion(shorts, "pocket.button").orElseThrow().count()).isEqualTo(2);
        Notion fusing = notion(shorts, "fusing").orElseThrow();
        // Two bands on the fold, half of each of them drawn, are longer end to end than the hip is round.
        double hip = BODY.reading(Measure.HIP_GIRTH).orElseThrow().length().mm();
        double waist = BODY.reading(Measure.WAIST_GIRTH).orElseThrow().length().mm();
        assertThat(fusing.length()).isBetween(waist, 2 * hip);
        assertThat(fusing.width()).isBetween(50.0, 250.0);
        assertThat(notion(drafted("straight-skirt", Map.of()), "fusing")).isEmpty();
    }

    @Test
    void a_band_is_fastened_by_how_it_closes() {
        MadeWith band = new MadeWith(Set.of("straight-band"), Set.of());
        Drafted open = Drafting.draft(DraftRequest.of("straight-skirt", null, BODY, Map.of(), null, band));
        Drafted lapped = Drafting.draft(DraftRequest.of("classic-trousers", null, BODY, Map.of(), null, band));
        assertThat(notion(open, "hook")).isPresent();
        assertThat(notion(open, "button")).isEmpty();
        assertThat(notion(lapped, "button")).isPresent();
        assertThat(notion(drafted("knit-pencil", Map.of()), "button")).isEmpty();
    }

    @Test
    void the_needle_goes_by_the_cloth_and_thread_by_the_seams() {
        Cloth firm = new Cloth(0, 1500, true, false, Drape.FIRM);
        Cloth soft = new Cloth(0, 1500, true, false, Drape.SOFT);
        assertThat(needle(firm)).isEqualTo("size 90");
        assertThat(needle(soft)).isEqualTo("size 70");
        assertThat(needle(new Cloth(0.4, 1500, true, false))).startsWith("ball point");
        int skirt = notion(drafted("straight-skirt", Map.of()), "thread")
                .orElseThrow()
                .count();
        int lined = notion(drafted("lined-pencil", Map.of()), "thread")
                .orElseThrow()
                .count();
        assertThat(skirt).isPositive();
        assertThat(lined).isGreaterThanOrEqualTo(skirt);
    }

    private static String needle(Cloth cloth) {
        return notion(Drafting.draft(DraftRequest.of("straight-skirt", null, BODY, Map.of(), cloth)), "needle")
                .orElseThrow()
                .kind()
                .toString();
    }

    @Test
    void a_piece_says_what_paper_it_takes_and_how_far_in_its_centre_line_stands() {
        for (CutPiece piece : drafted("classic-trousers", Map.of()).pieces().subList(0, 2)) {
            CutPiece.Needs needs = piece.needs();
            double left = Curves.flattened(piece.cutLine(), 48).stream()
                    .mapToDouble(Point::x)
                    .min()
                    .orElseThrow();
            // The widest fork, its allowance, and half an inch.
            assertThat(needs.centreIn()).isCloseTo(Length.INCH / 2 - left, within(0.3));
            assertThat(needs.across()).isGreaterThan(needs.centreIn());
            assertThat(needs.along()).isGreaterThan(needs.across());
        }
        CutPiece band = drafted("half-block-skirt", Map.of()).pieces().stream()
                .filter(p -> p.piece().panel().equals(Panel.BAND))
                .findFirst()
                .orElseThrow();
        assertThat(band.needs().centreIn()).isZero();
        assertThat(band.needs().along())
                .as("a band lies along its grain")
                .isGreaterThan(2 * band.needs().across());
    }
}
