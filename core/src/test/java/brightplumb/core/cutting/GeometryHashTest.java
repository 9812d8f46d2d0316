package brightplumb.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Drape;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class GeometryHashTest {

    private static List<CutPiece> pieces(Map<String, Object> settings, Cloth cloth) {
        return Drafting.draft(DraftRequest.of("straight-skirt", "house", Bodies.inches(28, 38, 8), settings, cloth))
                .pieces();
    }

    @Test
    void the_same_lines_have_the_same_hash_in_whatever_order_and_by_whatever_name() {
        List<CutPiece> pieces = pieces(Map.of(), null);
        String hash = GeometryHash.of(pieces);
        List<CutPiece> turned = new ArrayList<>(pieces);
        Collections.reverse(turned);
        assertThat(GeometryHash.of(turned)).isEqualTo(hash);
        List<CutPiece> renamed = pieces.stream()
                .map(p -> new CutPiece(
                        p.piece().named(p.piece().id(), "Otherwise"), p.fused(), p.allowances(), p.cutLine()))
                .toList();
        assertThat(GeometryHash.of(renamed)).isEqualTo(hash);
        assertThat(GeometryHash.of(pieces(Map.of(), new Cloth(0, 1500, true, false, Drape.SOFT))))
                .as("how a cloth falls draws no line")
                .isEqualTo(hash);
    }

    @Test
    void a_line_that_moves_by_more_than_a_thousandth_changes_it() {
        String hash = GeometryHash.of(pieces(Map.of("length", 640.0), null));
        assertThat(GeometryHash.of(pieces(Map.of("length", 640.00001), null))).isEqualTo(hash);
        assertThat(GeometryHash.of(pieces(Map.of("length", 640.01), null))).isNotEqualTo(hash);
        assertThat(GeometryHash.comparable(hash)).isTrue();
        assertThat(GeometryHash.comparable("901b094636a2f9de9c61")).isFalse();
    }
}
