package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import brightplumb.core.table.Notion;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NotionsTest {

    private static final Sheet BODY = Bodies.withDepths(Bodies.all().get(0));

    private static Drafted drafted(String cut, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(cut, null, BODY, settings, null));
    }

    private static Optional<Notion> notion(Drafted drafted, String id) {
        return Notions.of(drafted).stream().filter(n -> n.id().equals(id)).findFirst();
    }

    @Test
    void a_zip_is_as_long_as_its_opening_was_drawn_and_what_is_pulled_on_has_none() {
        Drafted skirt = drafted("straight-skirt", Map.of());
        assertThat(notion(skirt, "zip").orElseThrow().length()).isEqualTo(Bodies.step(skirt, "zip.length"));
        assertThat(notion(drafted("knit-pencil", Map.of()), "zip")).isEmpty();
        assertThat(notion(drafted("classic-trousers", Map.of()), "zip")
                        .orElseThrow()
                        .kind())
                .hasToString("trouser zip");
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
