package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.cutting.CutPiece;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A garment that is drawn and not looked at has the lines of one that is. */
class DrawnAloneTest {

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void it_has_the_same_lines_steps_and_amounts_in_force_and_no_checks(String cut) {
        for (Bodies.Row row : Bodies.few().subList(0, 4)) {
            DraftRequest request = DraftRequest.of(cut, null, Bodies.withDepths(row), Map.of(), null);
            Drafted whole = Drafting.draft(request);
            Drafted drawn = Drafting.drawn(request);
            assertThat(lines(drawn)).as(row.id()).isEqualTo(lines(whole));
            assertThat(drawn.draft().steps()).isEqualTo(whole.draft().steps());
            assertThat(drawn.settings()).isEqualTo(whole.settings());
            assertThat(whole.checks()).isNotEmpty();
            assertThat(drawn.checks()).isEmpty();
        }
    }

    private static List<Object> lines(Drafted drafted) {
        return drafted.pieces().stream()
                .map(CutPiece::piece)
                .<Object>map(p -> List.of(p.id(), p.sewLine(), p.darts(), p.marks()))
                .toList();
    }
}
