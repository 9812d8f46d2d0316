package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A seam needs cloth beside it: more where it frays. Common practice, no source. */
class SeamsHoldTest {

    private static Check seams(Map<String, Object> settings, Cloth cloth) {
        return Drafting.draft(DraftRequest.of(
                        "straight-skirt", null, Bodies.withDepths(Bodies.all().get(10)), settings, cloth))
                .checks()
                .stream()
                .filter(c -> c.id().id().equals("seams.hold"))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "0, true, OFF",
        "4, true, OFF",
        "7, true, TRUE",
        "0, false, OFF",
        "4, false, TRUE",
    })
    void what_is_added_beside_a_seam_is_enough_for_the_cloth_or_leans(double mm, boolean frays, Verdict verdict) {
        Check check = seams(Map.of("allowance.front.side", mm), Cloth.WOVEN.fraying(frays));
        assertThat(check.verdict()).isEqualTo(verdict);
        if (verdict == Verdict.OFF) {
            assertThat(check.measured()).isEqualTo(mm);
            assertThat(check.evidence().exhibit().strokes()).isNotEmpty();
            Remedy more = check.remedies().get(0);
            assertThat(seams(SettingValue.told(more.settings()), Cloth.WOVEN.fraying(frays))
                            .verdict())
                    .isEqualTo(Verdict.TRUE);
        }
    }
}
