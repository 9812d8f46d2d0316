package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.check;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Handbook §16.8: what must pass where, on the way into what hangs from the shoulder. */
class GettingInTest {

    private static final Cloth WOVEN = Cloth.WOVEN;

    private static Drafted drafted(String cut, String way, Map<String, Object> settings, Cloth cloth) {
        return Drafting.draft(DraftRequest.of(cut, way, Sheet.ofMillimetres(her()), settings, cloth));
    }

    private static void mendedByEachRemedy(String cut, String way, Map<String, Object> settings, Cloth cloth) {
        Check off = check(drafted(cut, way, settings, cloth), "enters");
        assertThat(off.verdict()).isEqualTo(Verdict.OFF);
        assertThat(off.remedies()).isNotEmpty();
        for (Remedy remedy : off.remedies()) {
            Map<String, Object> mended = new HashMap<>(settings);
            mended.putAll(SettingValue.told(remedy.settings()));
            assertThat(check(drafted(cut, way, mended, cloth), "enters").verdict())
                    .as(remedy.text().toString())
                    .isEqualTo(Verdict.TRUE);
        }
    }

    /** The head goes through a neck opened so far; the bust does not go through a waist that the zip ends above. */
    @ParameterizedTest
    @ValueSource(strings = {"round-neck-bodysuit", "funnel-bodysuit", "swim-bodysuit"})
    void a_bodysuit_of_cloth_that_does_not_give_opens_past_its_waist(String cut) {
        assertThat(check(drafted(cut, "house", Map.of(), WOVEN), "enters").verdict())
                .isEqualTo(Verdict.TRUE);
        Map<String, Object> toTheWaist = Map.of("zipLength", 300.0);
        Check off = check(drafted(cut, "house", toTheWaist, WOVEN), "enters");
        assertThat(off.text().toString()).contains("cannot pass the waist");
        mendedByEachRemedy(cut, "house", toTheWaist, WOVEN);
    }

    /** At body measure a waist of 25 stretched by two fifths is 35, less than a bust of 36 and than hips of 40. */
    @Test
    void a_waist_at_body_measure_stretches_over_what_passes_it_or_is_off() {
        Map<Measure, Double> mm = her();
        mm.put(Measure.WAIST_GIRTH, 25 * INCH);
        mm.put(Measure.BUST_GIRTH, 37 * INCH);
        Cloth forty = new Cloth(0.4, 1500, true, false);
        Check bare = check(
                Drafting.draft(
                        DraftRequest.of("round-neck-bodysuit", "sitting", Sheet.ofMillimetres(mm), Map.of(), forty)),
                "enters");
        assertThat(bare.verdict()).isEqualTo(Verdict.OFF);
        assertThat(bare.measured()).isCloseTo(35 * INCH, within(0.5));
        assertThat(bare.wanted()).isEqualTo(37 * INCH);
        Check house = check(
                Drafting.draft(
                        DraftRequest.of("round-neck-bodysuit", "house", Sheet.ofMillimetres(mm), Map.of(), forty)),
                "enters");
        assertThat(house.verdict()).isEqualTo(Verdict.TRUE);
    }

    /** A neck of 26 stretched by half is 39: hips of 40 do not go through, whatever the head. */
    @ParameterizedTest
    @CsvSource({"26, OFF", "28, TRUE"})
    void a_romper_is_judged_by_the_hips_that_step_into_it(double neck, Verdict verdict) {
        Map<Measure, Double> mm = her();
        mm.put(Measure.HIP_GIRTH, 40 * INCH);
        Sheet sheet = Sheet.ofMillimetres(mm);
        double deep = 100;
        double at = 0;
        for (int i = 0; i < 20; i++) {
            at = opening(sheet, deep);
            deep += (neck * INCH - at) / 3.5;
        }
        assertThat(at).isCloseTo(neck * INCH, within(1.0));
        Check enters =
                check(Drafting.draft(DraftRequest.of("pull-on-romper", "house", sheet, neckOf(deep), null)), "enters");
        assertThat(enters.verdict()).isEqualTo(verdict);
        assertThat(enters.wanted()).isEqualTo(40 * INCH);
    }

    private static double opening(Sheet sheet, double deep) {
        return check(Drafting.draft(DraftRequest.of("pull-on-romper", "house", sheet, neckOf(deep), null)), "neck.fits")
                .measured();
    }

    private static Map<String, Object> neckOf(double deep) {
        return Map.of("frontNeckDepth", deep, "backNeckDepth", deep, "frontNeckWidth", 76.0);
    }

    @Test
    void hips_that_step_through_the_neck_are_judged_whether_or_not_the_head_was_taken() {
        Map<Measure, Double> mm = her();
        mm.remove(Measure.HEAD_GIRTH);
        assertThat(check(
                                Drafting.draft(DraftRequest.of(
                                        "swim-bodysuit", "house", Sheet.ofMillimetres(mm), Map.of(), null)),
                                "enters")
                        .verdict())
                .isEqualTo(Verdict.TRUE);
    }
}
