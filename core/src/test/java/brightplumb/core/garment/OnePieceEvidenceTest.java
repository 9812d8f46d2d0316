package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Exhibit.Ink;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is shown of a one-piece garment is what was measured: lines as long as their figures. */
class OnePieceEvidenceTest {

    private static Check check(String id, double neck, Map<String, Object> settings) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 715.0);
        mm.put(HIP_GIRTH, 975.0);
        mm.put(BODY_RISE, 272.0);
        mm.put(BUST_GIRTH, 905.0);
        mm.put(SHOULDER_WIDTH, 384.0);
        mm.put(SHOULDER_TO_WAIST, 415.0);
        mm.put(NECK_GIRTH, neck);
        mm.put(VERTICAL_TRUNK, 1510.0);
        mm.put(OUTSIDE_LEG, 1010.0);
        return Drafting.draft(DraftRequest.of("sleeved-playsuit", "house", Sheet.ofMillimetres(mm), settings, null))
                .checks()
                .stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double drawn(Check check, Ink ink) {
        return check.evidence().exhibit().strokes().stream()
                .filter(s -> !s.filled() && s.ink() == ink)
                .mapToDouble(s -> Curves.length(s.run()))
                .sum();
    }

    private static double figure(Check check, String label) {
        return check.evidence().figures().stream()
                .filter(f -> f.label().equals(label))
                .findFirst()
                .orElseThrow()
                .value();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 15, 25})
    void the_armhole_is_laid_along_the_cap_and_what_is_left_is_held_in(double ease) {
        Check sleeve = check("sleeve.fits", 360, Map.of("capEase", ease));
        assertThat(drawn(sleeve, Ink.FRONT)).isCloseTo(figure(sleeve, "front armhole"), within(0.5));
        assertThat(drawn(sleeve, Ink.BACK)).isCloseTo(figure(sleeve, "back armhole"), within(0.5));
        assertThat(drawn(sleeve, Ink.FAULT)).isCloseTo(ease, within(1.0));
    }

    @ParameterizedTest
    @CsvSource({"360, FRONT", "620, FAULT"})
    void both_halves_of_the_neckline_lie_on_her_and_a_tight_front_shows_as_the_fault(double neck, Ink front) {
        Check found = check("neck.fits", neck, Map.of());
        assertThat(drawn(found, front)).isCloseTo(figure(found, "front"), within(1e-6));
        assertThat(drawn(found, Ink.BACK)).isCloseTo(figure(found, "back"), within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {240, 330})
    void the_trunk_is_one_line_as_long_as_the_loop(double depth) {
        Check trunk = check("trunk.length", 360, Map.of("crotchDepth", depth));
        assertThat(drawn(trunk, Ink.FRONT) + drawn(trunk, Ink.BACK)).isCloseTo(trunk.measured(), within(0.5));
        Exhibit exhibit = trunk.evidence().exhibit();
        assertThat(exhibit.strokes())
                .filteredOn(Exhibit.Stroke::filled)
                .as("her, seated")
                .hasSizeGreaterThan(3);
    }
}
