package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How far a bodice and its legs lie apart where they are walked along each other. */
class WaistMeetsWaistTest {

    private static final PieceId LEG = PieceId.of(Half.FRONT);
    private static final PieceId UNDER_THE_POCKET = PieceId.of("pocket-under");
    private static final PieceId BODICE = PieceId.of("bodice", Half.FRONT);

    private static Stretch stretch(PieceId piece, double from, double to) {
        return new Stretch(piece, Hand.BOTH, EdgeRole.WAIST, 1, from, to, false);
    }

    private static Run run(Stretch... stretches) {
        return new Run(Arrays.asList(stretches));
    }

    @ParameterizedTest
    @CsvSource({
        "80, 100, 0", // dart on dart, one length
        "83, 97, 3", // the bodice's dart stands three millimetres further out
        "80, 104, 4", // the bodice is four millimetres longer
    })
    void seams_lie_apart_by_their_ends_or_their_darts_whichever_is_more(double toDart, double beyond, double apart) {
        Run legs = run(stretch(LEG, 0, 80), stretch(LEG, 110, 210));
        Run bodice = run(stretch(BODICE, 0, toDart), stretch(BODICE, 120, 120 + beyond));
        Join join = Join.sewn(Seam.WAIST, legs, bodice);
        assertThat(new WaistMeetsWaist.Walked(List.of(join)).apart()).isCloseTo(apart, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"true, 30", "false, 0"})
    void where_one_piece_ends_and_the_next_begins_there_is_no_dart(boolean one, double apart) {
        Run legs = run(stretch(LEG, 0, 150), stretch(one ? LEG : UNDER_THE_POCKET, 170, 200));
        Run bodice = run(stretch(BODICE, 0, 120), stretch(BODICE, 140, 200));
        Join join = Join.sewn(Seam.WAIST, legs, bodice);
        assertThat(new WaistMeetsWaist.Walked(List.of(join)).apart()).isCloseTo(apart, within(1e-9));
    }
}
