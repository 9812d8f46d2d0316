package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a fitting says of trousers and shorts, and what it changes in them. */
class LegFittingTest {

    private static Drafted draft(String cut, Map<String, Object> settings) {
        return Drafting.draft(
                DraftRequest.of(cut, null, Bodies.withDepths(Bodies.all().get(10)), settings, null));
    }

    private static Fitting.Proposal said(Drafted drafted, String remark) {
        return Fitting.of(drafted).stream()
                .filter(p -> p.remark().id().equals(remark))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"classic-trousers", "palazzo", "shorts-block", "lounge-shorts", "drawcord-shorts"})
    void every_correction_that_has_something_to_give_can_be_drafted_and_changes_the_pattern(String cut) {
        Drafted worn = draft(cut, Map.of());
        List<Fitting.Proposal> proposals = Fitting.of(worn);
        assertThat(proposals).hasSizeGreaterThan(8);
        for (Fitting.Proposal proposal : proposals) {
            if (!proposal.settings().isEmpty()) {
                Drafted corrected = draft(cut, SettingValue.told(proposal.settings()));
                assertThat(corrected.pieces()).as(proposal.remark().id()).isNotEqualTo(worn.pieces());
            }
        }
    }

    @Test
    void a_back_waist_dragged_down_rises_half_an_inch_from_what_it_came_to() {
        Drafted worn = draft("classic-trousers", Map.of());
        double before = worn.draft().fact(new Fact("back.rise")).value();
        Drafted corrected = draft(
                "classic-trousers",
                SettingValue.told(said(worn, "legs-back-waist-dragged-down").settings()));
        assertThat(corrected.draft().fact(new Fact("back.rise")).value()).isCloseTo(before + 12.7, within(1e-6));
    }

    @Test
    void a_twisting_leg_is_centred_where_it_was_not() {
        Drafted crooked = draft("classic-trousers", Map.of("backLegAdd", 40.0, "backSideAdd", 0.0));
        assertThat(said(crooked, "legs-twist").settings())
                .containsEntry(LegSettings.BACK_LEG_ADD, LegSettings.BACK_LEG_ADD.value(20))
                .containsEntry(LegSettings.BACK_SIDE_ADD, LegSettings.BACK_SIDE_ADD.value(20));
        assertThat(said(draft("classic-trousers", Map.of()), "legs-twist").settings())
                .isEmpty();
    }

    @Test
    void a_correction_moves_what_it_names_and_holds_the_rest_as_it_was_worn() {
        Drafted worn = draft("classic-trousers", Map.of());
        Drafted corrected = draft(
                "classic-trousers",
                SettingValue.told(said(worn, "legs-bags-under-seat").settings()));
        assertThat(value(corrected, "crotch.extension.back"))
                .isCloseTo(value(worn, "crotch.extension.back") - 12.7, within(1e-6));
        assertThat(value(corrected, "back.rise")).isCloseTo(value(worn, "back.rise"), within(1e-6));
        Drafted dropped = draft(
                "classic-trousers",
                SettingValue.told(said(worn, "legs-folds-below-front-waist").settings()));
        assertThat(value(dropped, "back.rise")).isCloseTo(value(worn, "back.rise"), within(1e-6));
        assertThat(value(dropped, "crotch.extension.back"))
                .isCloseTo(value(worn, "crotch.extension.back"), within(1e-6));
    }

    private static double value(Drafted drafted, String fact) {
        return drafted.draft().fact(new Fact(fact)).value();
    }
}
