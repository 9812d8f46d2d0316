package brightplumb.core.garment;

import static brightplumb.core.garment.OnHer.area;
import static brightplumb.core.garment.OnHer.field;
import static brightplumb.core.garment.OnHer.piece;
import static brightplumb.core.garment.OnHer.plain;
import static brightplumb.core.garment.OnHer.verdict;
import static brightplumb.core.garment.OnHer.with;
import static brightplumb.core.garment.OnHer.without;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a pocket takes of a front, and what it gives back. Amounts are common practice, no source. */
class PocketsKeepTest {

    @Test
    void what_a_scoop_pocket_cuts_away_is_filled_from_beneath() {
        Drafted whole = without("tailored-shorts", Map.of(), "scoop-pocket");
        Drafted pocketed = plain("tailored-shorts");
        Piece front = piece(whole, "front").piece();
        Piece cut = piece(pocketed, "front").piece();
        Piece under = piece(pocketed, "pocket-under").piece();
        assertThat(cut.worn().edges()).as("on the body nothing is missing").isEqualTo(front.edges());
        assertThat(area(cut.sewLine())).isLessThan(area(front.sewLine()) - 2000);
        assertThat(area(under.sewLine())).isGreaterThan(area(front.sewLine()) - area(cut.sewLine()));
        for (String check : List.of("waist.closes", "side.meets", "joins.smooth", "hip.closes", "notches.meet")) {
            assertThat(verdict(pocketed, check)).as(check).isEqualTo(verdict(whole, check));
        }
        for (Seam seam : List.of(Seam.SIDE, Seam.WAIST)) {
            assertThat(pocketed.draft().join(seam).layers().get(0).length())
                    .isCloseTo(whole.draft().join(seam).layers().get(0).length(), within(1e-6));
        }
        assertThat(pocketed.draft().join(new Seam("pocket.mouth")).eased()).isCloseTo(0, within(1e-9));
        assertThat(pocketed.draft().join(new Seam("pocket.bag")).eased()).isCloseTo(0, within(1e-9));
    }

    @Test
    void what_a_hand_adds_outside_a_side_goes_on_over_the_piece_beneath_and_nowhere_else() {
        Drafted wider = with("tailored-shorts", Map.of("allowance.front.side", 31.75));
        CutPiece under = piece(wider, "pocket-under");
        assertThat(under.allowance(under.piece().require(EdgeRole.SIDE)).outside())
                .isEqualTo(31.75);
        CutPiece back = piece(wider, "back");
        assertThat(back.allowance(back.piece().require(EdgeRole.SIDE)).outside())
                .isNotEqualTo(31.75);
        Drafted its = with("tailored-shorts", Map.of("allowance.pocket-under.side", 9.525));
        assertThat(piece(its, "front")
                        .allowance(piece(its, "front").piece().require(EdgeRole.SIDE))
                        .outside())
                .isNotEqualTo(9.525);
    }

    @Test
    void a_pocket_that_does_not_fit_is_named_at_its_field() {
        for (var wrong :
                Map.of("scoopAcross", 150.0, "bagDeep", 90.0, "bagWide", 300.0).entrySet()) {
            assertThatThrownBy(() -> with("tailored-shorts", Map.of(wrong.getKey(), wrong.getValue())))
                    .isInstanceOfSatisfying(
                            Refusal.class, r -> assertThat(field(r)).isEqualTo("settings." + wrong.getKey()));
        }
        assertThatThrownBy(() -> with("straight-skirt", Map.of("mouth", 240.0), "in-seam-pocket"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("settings.bagDeep"));
    }

    @Test
    void a_lining_is_traced_from_the_front_before_a_pocket_is_cut_out_of_it() {
        Drafted lined = with("tailored-shorts", Map.of(), "lining");
        Piece front = piece(without("tailored-shorts", Map.of(), "scoop-pocket"), "front")
                .piece();
        Piece lining = piece(lined, "lining-front").piece();
        assertThat(lining.top().run()).isEqualTo(front.top().run());
        assertThat(lining.require(EdgeRole.SIDE).run().get(0))
                .isEqualTo(front.require(EdgeRole.SIDE).run().get(0));
        lined.draft().joins().stream()
                .filter(j -> j.seam().id().equals("lining.waist"))
                .forEach(j -> assertThat(j.layers().get(0).length())
                        .isCloseTo(j.layers().get(1).length(), within(1e-6)));
    }

    @Test
    void a_mouth_that_hardly_passes_a_hand_is_watched_and_one_that_does_is_true() {
        assertThat(verdict(with("tailored-shorts", Map.of("scoopDown", 90.0)), "hand.passes"))
                .isEqualTo(Verdict.WATCH);
        assertThat(verdict(plain("tailored-shorts"), "hand.passes")).isEqualTo(Verdict.TRUE);
        assertThat(verdict(with("straight-skirt", Map.of(), "in-seam-pocket"), "hand.passes"))
                .isEqualTo(Verdict.TRUE);
    }
}
