package brightplumb.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Which setting a step of the working says. */
class IsShownByStepTest {

    @Test
    void a_step_says_the_setting_of_its_name_or_the_one_that_tells_by_it() {
        assertThat(HipSettings.HIP_EASE.isShownByStep(new Fact("hip.ease"))).isTrue();
        assertThat(HipSettings.HIP_EASE.isShownByStep(new Fact("hip.easer"))).isFalse();
        assertThat(HipSettings.HIP_EASE.isShownByStep(new Fact("hipEase"))).isTrue();
        assertThat(CrotchSettings.FRONT_EXTENSION.isShownByStep(new Fact("crotch.extension.front")))
                .isTrue();
        assertThat(CrotchSettings.FRONT_EXTENSION.isShownByStep(new Fact("crotch.extension.back")))
                .isFalse();
    }

    @Test
    void no_step_of_a_draft_says_two_settings() {
        for (String cut : List.of("straight-skirt", "classic-trousers", "lounge-shorts")) {
            Drafted drafted = Drafting.draft(
                    DraftRequest.of(cut, null, Bodies.withDepths(Bodies.all().get(5)), Map.of(), null));
            drafted.draft().steps().forEach(step -> {
                Set<Setting> says = drafted.settings().stream()
                        .filter(s -> s.applies() && s.amount() != null)
                        .map(InForce::setting)
                        .filter(s -> s.isShownByStep(step.fact()))
                        .collect(Collectors.toSet());
                assertThat(says).as(step.fact().id()).hasSizeLessThan(2);
            });
        }
    }
}
