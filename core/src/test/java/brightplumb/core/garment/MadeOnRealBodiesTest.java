package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Everything that can be done to a garment, done to every cut it fits, on real bodies. */
class MadeOnRealBodiesTest {

    static Stream<Arguments> everythingOnEveryCut() {
        return Catalogue.CUTS.stream()
                .flatMap(cut -> Catalogue.OPERATIONS.stream()
                        .map(o -> Arguments.of(
                                cut.id(),
                                o.id(),
                                Bodies.eightInTurn(Catalogue.CUTS.indexOf(cut) + Catalogue.OPERATIONS.indexOf(o)))));
    }

    @ParameterizedTest
    @MethodSource("everythingOnEveryCut")
    void it_can_be_cut_and_every_join_is_as_long_on_both_sides_as_it_says(
            String cut, String operation, List<Bodies.Row> bodies) {
        List<String> refused = new ArrayList<>();
        List<String> noRoom = new ArrayList<>();
        for (Bodies.Row row : bodies) {
            Drafted drafted;
            try {
                drafted = Bodies.with(operation, cut, row);
            } catch (Refusal refusal) {
                if (operation.contains("dart") && dartless(cut, row)) {
                    continue;
                }
                boolean nothingToDoItTo =
                        refusal.faults().stream().allMatch(f -> f.field().path().equals("with"));
                (nothingToDoItTo ? refused : noRoom).add(row.id());
                continue;
            }
            for (CutPiece piece : drafted.pieces()) {
                assertThat(Outlines.area(piece.piece().sewLine()))
                        .as(row.id() + " " + piece.piece().id() + " runs clockwise")
                        .isPositive();
                assertThat(Outlines.area(piece.cutLine()))
                        .as(row.id() + " " + piece.piece().id() + " is cut outside")
                        .isGreaterThanOrEqualTo(Outlines.area(piece.piece().sewLine()) - 1e-6);
            }
            Pattern pattern = drafted.draft().pattern();
            for (Join join : pattern.joins()) {
                for (Run layer : join.layers()) {
                    assertThat(Curves.length(pattern.lines(layer)))
                            .as(row.id() + " " + join.seam())
                            .isCloseTo(layer.length(), within(1e-6));
                }
            }
        }
        assertThat(refused.size())
                .as("a garment has it on every body or on none, but for a body without a dart")
                .isIn(0, bodies.size() - (operation.contains("dart") ? dartless(cut, bodies) : 0));
        assertThat(noRoom).as("but for bodies that leave it no room").hasSizeLessThanOrEqualTo(1);
    }

    private static int dartless(String cut, List<Bodies.Row> bodies) {
        return (int) bodies.stream().filter(row -> dartless(cut, row)).count();
    }

    /** Whether nothing in front takes a dart on that body. */
    private static boolean dartless(String cut, Bodies.Row row) {
        return Drafting.drawn(DraftRequest.of(cut, null, Bodies.withDepths(row), Map.of(), null, MadeWith.NOTHING))
                .draft()
                .panel(Panel.FRONT)
                .darts()
                .isEmpty();
    }
}
