package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Legs whose two sides were taped apart. The body is invented. */
class LeftAndRightTest {

    private static Sheet sheet(double left, double right) {
        Map<Measure, Reading> readings =
                new EnumMap<>(Bodies.withDepths(Bodies.all().get(0)).readings());
        readings.put(Measure.HIP_DEPTH, Reading.tapedTwice(Length.inches(left), Length.inches(right)));
        return new Sheet(readings);
    }

    private static Drafted draft(String cut, Sheet sheet) {
        return Drafting.draft(DraftRequest.of(cut, "house", sheet, Map.of(), null, MadeWith.NOTHING));
    }

    @Test
    void a_quarter_inch_apart_is_still_a_pair_drafted_from_the_middle() {
        Drafted drafted = draft("classic-trousers", sheet(8, 8.25));
        assertThat(drafted.pieces()).extracting(p -> p.piece().id().toString()).containsExactly("front", "back");
        assertThat(drafted.draft().fact(new Fact("hip.depth")).value()).isCloseTo(8.125 * 25.4, within(1e-9));
    }

    @Test
    void further_apart_each_leg_is_drafted_from_its_own_side_and_marked() {
        Drafted drafted = draft("classic-trousers", sheet(8, 8.75));
        assertThat(drafted.pieces())
                .extracting(p -> p.piece().id().toString())
                .containsExactly("front-left", "back-left", "front-right", "back-right");
        assertThat(drafted.pieces()).extracting(CutPiece::cut).containsOnly(1);
        assertThat(drafted.pieces().get(0).name()).isEqualTo("Leg front, left");
        assertThat(drafted.pieces().get(3).name()).startsWith("Leg back, right");
        assertThat(drafted.draft().fact(new Fact("hip.depth")).value()).isCloseTo(8 * 25.4, within(1e-9));
        assertThat(drafted.draft().fact(new Fact("hip.depth.right")).value()).isCloseTo(8.75 * 25.4, within(1e-9));
        assertThat(drafted.draft().notices()).anySatisfy(n -> assertThat(n.id()).isEqualTo("left-and-right"));
    }

    @Test
    void both_legs_sew_up_and_to_each_other() {
        Drafted drafted = draft("classic-trousers", sheet(8, 8.75));
        List<Piece> pieces = drafted.draft().pieces();
        for (int leg = 0; leg < 4; leg += 2) {
            for (EdgeRole edge : List.of(EdgeRole.SIDE, EdgeRole.INSEAM)) {
                assertThat(pieces.get(leg + 1).require(edge).length())
                        .as("leg " + leg + " " + edge)
                        .isCloseTo(pieces.get(leg).require(edge).length(), within(0.01));
            }
        }
        for (int panel = 0; panel < 2; panel++) {
            assertThat(centre(pieces.get(panel + 2)))
                    .as("centre seams, left to right")
                    .isCloseTo(centre(pieces.get(panel)), within(1.0));
        }
        assertThat(drafted.checks())
                .filteredOn(c -> !c.id().id().equals("thigh.room"))
                .allSatisfy(c -> assertThat(c.verdict()).as(c.id().id()).isEqualTo(Verdict.TRUE));
    }

    private static double centre(Piece piece) {
        return piece.require(EdgeRole.CROTCH).length()
                + piece.edge(EdgeRole.FLY).map(s -> s.length()).orElse(0.0);
    }

    @Test
    void a_skirt_is_drafted_from_the_middle_however_far_apart_they_are() {
        Drafted drafted = draft("straight-skirt", sheet(8, 9));
        assertThat(drafted.pieces()).hasSize(2);
        assertThat(drafted.draft().fact(new Fact("hip.depth")).value()).isCloseTo(8.5 * 25.4, within(1e-9));
    }
}
