package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.block.skirt.Skirt;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Drawn;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.CentreBackShape;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.working.Fact;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DraftRequestTest {

    private static DraftRequest request(Map<String, Object> settings) {
        return DraftRequest.of("straight-skirt", null, Bodies.inches(28, 38, 8), settings, Cloth.WOVEN);
    }

    private static List<String> refused(Map<String, Object> settings) {
        Refusal[] seen = new Refusal[1];
        assertThatThrownBy(() -> request(settings)).isInstanceOfSatisfying(Refusal.class, r -> seen[0] = r);
        return seen[0].faults().stream().map(f -> f.field().path()).sorted().toList();
    }

    @Test
    void a_cut_is_drafted_in_its_own_way_unless_another_is_asked() {
        assertThat(request(Map.of()).way().id()).isEqualTo("house");
    }

    @Test
    void whole_numbers_and_choices_are_read() {
        DraftRequest read = request(Map.of("length", 700, "centreBackShape", "hollow"));
        assertThat(read.byHand())
                .containsEntry(HemSettings.LENGTH, HemSettings.LENGTH.value(700))
                .containsEntry(WaistSettings.CENTRE_BACK_SHAPE, CentreBackShape.HOLLOW);
    }

    @Test
    void every_fault_is_told_at_once() {
        Map<String, Object> wrong = new HashMap<>();
        wrong.put("length", Double.POSITIVE_INFINITY);
        wrong.put("hipEase", true);
        wrong.put("zip", 3);
        wrong.put("closure", "buttons");
        wrong.put("hemTaper", 9999);
        assertThat(refused(wrong))
                .containsExactly(
                        "settings.closure", "settings.hemTaper", "settings.hipEase", "settings.length", "settings.zip");
    }

    @Test
    void the_limits_themselves_are_taken() {
        for (Setting setting : new Skirt().reads()) {
            if (!setting.isChoice()) {
                assertThat(request(Map.of(setting.key(), setting.most())).byHand())
                        .containsKey(setting);
                assertThat(refused(Map.of(setting.key(), setting.most() + 1)))
                        .containsExactly("settings." + setting.key());
            }
        }
    }

    @Test
    void every_outline_is_drawn_by_exactly_one_step() {
        Drafted drafted = Drafting.draft(request(Map.of()));
        for (Half half : Half.values()) {
            var drawn = drafted.draft().steps().stream()
                    .flatMap(s -> s.drawn().stream())
                    .filter(d -> d.sheet().equals(half.id()) && d.role() == Drawn.Role.OUTLINE)
                    .mapToInt(d -> d.run().size())
                    .sum();
            int sewn = drafted.draft().panel(half.panel()).sewLine().size();
            // The zip parts the centre back in two after it was drawn as one.
            assertThat(drawn).isEqualTo(half == Half.BACK ? sewn - 1 : sewn);
        }
    }

    @Test
    void steps_have_names_of_their_own_reasons_and_workings() {
        List<Step> steps = Drafting.draft(request(Map.of())).draft().steps();
        assertThat(steps).extracting(Step::fact).doesNotHaveDuplicates();
        assertThat(steps).allSatisfy(s -> {
            assertThat(s.why().toString()).isNotBlank();
            assertThat(s.title()).isNotBlank();
            assertThat(s.amount().formula()).isNotBlank();
        });
    }

    @Test
    void rivals_keep_what_the_ways_do_not_differ_in() {
        Drafted drafted = Drafting.draft(request(Map.of("length", 812.0, "hipEase", 0.0)));
        var rivals = Rivals.of(drafted);
        assertThat(rivals).doesNotContainKey(Fact.LENGTH);
        assertThat(rivals.get(HipSettings.HIP_ALLOCATION.fact()))
                .extracting(Rival::way)
                .contains("quarter", "allocated");
    }
}
