package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.making.Planned;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A bodysuit lined from its own pieces, and one that opens behind. Common practice, no source. */
class SuitLiningTest {

    private static Drafted lined(String cut, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(
                cut, null, Sheet.ofMillimetres(her()), settings, null, new MadeWith(Set.of("suit-lining"), Set.of())));
    }

    private static List<Planned.Step> order(Drafted suit) {
        return Making.of(suit, suit.request().cut().order()).steps();
    }

    private static CutPiece piece(Drafted suit, String id) {
        return suit.pieces().stream()
                .filter(p -> p.piece().id().toString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"swim-bodysuit", "round-neck-bodysuit", "funnel-bodysuit"})
    void it_is_cut_like_its_panel_and_leaves_the_suit_as_it_was(String cut) {
        Drafted bare = drafted(cut, null, her(), Map.of());
        Drafted suit = lined(cut, Map.of());
        for (String panel : List.of("front", "back")) {
            CutPiece lining = piece(suit, "lining-" + panel);
            assertThat(lining.cutLine()).isEqualTo(piece(suit, panel).cutLine());
            assertThat(lining.instruction()).isEqualTo("cut 1 on fold of lining");
        }
        assertThat(suit.checks().stream().map(Check::verdict))
                .containsExactlyElementsOf(
                        bare.checks().stream().map(Check::verdict).toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"swim-bodysuit", "round-neck-bodysuit", "funnel-bodysuit"})
    void panel_and_lining_are_one_before_any_seam_of_them_is_sewn(String cut) {
        List<Planned.Step> order = order(lined(cut, Map.of()));
        int mounted = at(order, "suit-lining");
        for (String seam : List.of("shoulder", "side", "binding.leg")) {
            assertThat(at(order, seam)).as(seam).isGreaterThan(mounted);
        }
    }

    private static int at(List<Planned.Step> order, String id) {
        return order.stream().map(s -> s.step().id().id()).toList().indexOf(id);
    }

    @Test
    void what_has_no_leg_line_is_not_lined_so() {
        assertThatThrownBy(() -> lined("classic-trousers", Map.of())).isInstanceOf(Refusal.class);
    }

    @Test
    void in_cloth_that_does_not_give_it_opens_behind_and_the_zip_is_put_in_where_it_opens() {
        Drafted suit = lined("swim-bodysuit", Map.of("closure", "centre-back-zip"));
        assertThat(piece(suit, "back").instruction()).isEqualTo("cut 1 pair");
        List<Planned.Step> order = order(suit);
        assertThat(order.get(at(order, "zip")).step().seams()).containsExactly(Seam.of(EdgeRole.CENTRE_BACK_ZIP));
        assertThat(at(order, "centre.back.zip")).as("sewn shut by no seam").isNegative();
        assertThat(Notions.of(suit)).anyMatch(n -> n.id().equals("zip"));
        Drafted pulled = lined("swim-bodysuit", Map.of());
        assertThat(Notions.of(pulled)).noneMatch(n -> n.id().equals("zip"));
        assertThat(pulled.checks())
                .filteredOn(c -> c.id().id().equals("enters"))
                .allMatch(c -> c.verdict() != Verdict.OFF);
    }

    @Test
    void a_zip_added_by_hand_opens_a_suit_that_is_pulled_on() {
        Drafted suit = Drafting.draft(DraftRequest.of(
                "round-neck-bodysuit",
                null,
                Sheet.ofMillimetres(her()),
                Map.of(),
                null,
                new MadeWith(Set.of("zip"), Set.of())));
        assertThat(piece(suit, "back").instruction()).isEqualTo("cut 1 pair");
    }
}
