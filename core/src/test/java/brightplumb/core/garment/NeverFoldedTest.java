package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.lay.Bundle;
import brightplumb.core.lay.Ground;
import brightplumb.core.lay.Lay;
import brightplumb.core.measure.Refusal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Pieces that were spread are cut on cloth that lies open, whole. Common practice, no source. */
class NeverFoldedTest {

    private static final List<CutPiece> SPREAD =
            Drafting.draft(DraftRequest.of("straight-skirt", null, Bodies.inches(28, 38, 8), Map.of(), null))
                    .pieces()
                    .stream()
                    .map(p -> new CutPiece(
                            p.piece().withCopies(p.piece().copies().neverFolded()),
                            p.fused(),
                            p.allowances(),
                            p.cutLine()))
                    .toList();

    private static Lay laid(boolean folded) {
        return Lay.of(List.of(new Bundle("", SPREAD, 1)), new Ground.Bolt(1500, folded, 0), false, 30);
    }

    @Test
    void folded_cloth_is_refused_with_the_piece_and_what_to_do() {
        assertThatThrownBy(() -> laid(true)).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.faults().get(0).field().path()).isEqualTo("cloth.folded");
            assertThat(r.faults().get(0).message()).contains("Skirt front").contains("open");
        });
    }

    @Test
    void on_open_cloth_what_would_lie_on_a_fold_lies_whole() {
        Lay open = laid(false);
        assertThat(open.placements()).noneMatch(Lay.Placement::onFold);
        double wide = open.placements().stream()
                .filter(p -> p.piece().toString().equals("front"))
                .mapToDouble(p -> p.outline().stream()
                                .mapToDouble(q -> q.y())
                                .max()
                                .orElseThrow()
                        - p.outline().stream().mapToDouble(q -> q.y()).min().orElseThrow())
                .findFirst()
                .orElseThrow();
        assertThat(wide).isGreaterThan(2 * 200);
    }

    @Test
    void its_label_says_so() {
        assertThat(SPREAD.get(0).instruction()).isEqualTo("cut 1 whole, half of it drawn, never on folded cloth");
    }
}
