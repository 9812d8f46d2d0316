package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Verdict;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A notch that was moved along its edge is found, and by how much. */
class NotchesMeetTest {

    @ParameterizedTest
    @CsvSource({"0, TRUE", "0.8, TRUE", "1.3, OFF", "12, OFF"})
    void a_notch_that_lies_elsewhere_along_its_edge_is_off(double moved, Verdict verdict) {
        Draft draft = Drafting.draft(DraftRequest.of(
                        "straight-skirt", "house", Bodies.inches(28, 38, 8), Map.of("closure", "none"), null))
                .draft();
        Piece back = draft.panel(Panel.BACK);
        Piece other = back.withMarks(back.marks().stream()
                .map(m -> m.along() == null ? m : down(m, moved))
                .toList());
        Check check =
                NotchesMeet.of(Inspected.of(draft.with(draft.pattern().instead(other)), null, null, null, Hand.BOTH));
        assertThat(check.verdict()).isEqualTo(verdict);
        assertThat(check.measured()).isCloseTo(moved, within(0.02));
    }

    /** At the hip the side runs upright, so that down the paper is along the edge. */
    private static Mark down(Mark mark, double mm) {
        return new Mark(
                mark.kind(),
                mark.subject(),
                mark.at().plus(Point.of(0, mm)),
                mark.direction(),
                mark.count(),
                mark.text(),
                mark.along() + mm);
    }
}
