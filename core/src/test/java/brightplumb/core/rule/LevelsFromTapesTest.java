package brightplumb.core.rule;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Plausibility;
import brightplumb.core.measure.Sheet;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A level follows from tapes before it is guessed, and is then no guess. */
class LevelsFromTapesTest {

    private static final double INCH = 25.4;

    /** Girths, and every vertical from the shoulder: nothing was taped from the waist. */
    private static Map<Measure, Double> fromTheShoulder() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 29 * INCH);
        mm.put(HIP_GIRTH, 39 * INCH);
        mm.put(BUST_GIRTH, 37 * INCH);
        mm.put(SHOULDER_WIDTH, 15 * INCH);
        mm.put(SHOULDER_TO_BUST, 10.25 * INCH);
        mm.put(SHOULDER_TO_WAIST, 16.25 * INCH);
        mm.put(SHOULDER_TO_HIP, 25.5 * INCH);
        mm.put(SHOULDER_TO_KNEE, 39.5 * INCH);
        mm.put(SHOULDER_TO_FLOOR, 58 * INCH);
        return mm;
    }

    @ParameterizedTest
    @CsvSource({"HIP_DEPTH, 9.25", "KNEE_DEPTH, 23.25", "WAIST_TO_FLOOR, 41.75", "OUTSIDE_LEG, 38.75"})
    void verticals_from_the_shoulder_give_the_levels_below_the_waist(Measure level, double inches) {
        Body body = Body.of(Sheet.ofMillimetres(fromTheShoulder()));
        assertThat(body.find(level).orElseThrow().value()).isCloseTo(inches * INCH, within(1e-9));
        assertThat(body.find(level).orElseThrow().estimated()).isFalse();
        assertThat(body.estimateOf(level)).isEmpty();
    }

    @Test
    void a_jumpsuit_is_drafted_from_the_shoulder_down_and_hangs_an_inch_above_the_floor() {
        Drafted drafted = Drafting.draft(
                DraftRequest.of("sweep-jumpsuit", null, Sheet.ofMillimetres(fromTheShoulder()), Map.of(), null));
        assertThat(drafted.draft().fact(Fact.HIP_DEPTH).value()).isCloseTo(9.25 * INCH, within(1e-9));
        assertThat(drafted.draft().fact(Fact.LENGTH).value()).isCloseTo(40.75 * INCH, within(1e-9));
        assertThat(drafted.draft().fact(Fact.LENGTH).estimated()).isFalse();
    }

    @Test
    void rise_and_inside_leg_give_the_outside_leg_and_two_of_them_the_third() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 29 * INCH);
        mm.put(HIP_GIRTH, 39 * INCH);
        mm.put(INSIDE_LEG, 30 * INCH);
        mm.put(BODY_RISE, 10.5 * INCH);
        assertThat(Body.of(Sheet.ofMillimetres(mm))
                        .find(OUTSIDE_LEG)
                        .orElseThrow()
                        .value())
                .isCloseTo(40.5 * INCH, within(1e-9));
        mm.remove(BODY_RISE);
        mm.put(OUTSIDE_LEG, 40 * INCH);
        Body body = Body.of(Sheet.ofMillimetres(mm));
        assertThat(body.find(BODY_RISE).orElseThrow().value()).isCloseTo(10 * INCH, within(1e-9));
        assertThat(body.estimateOf(BODY_RISE)).isEmpty();
    }

    @Test
    void a_tape_of_the_level_itself_wins_and_a_nonsense_of_two_tapes_is_left_alone() {
        Map<Measure, Double> mm = fromTheShoulder();
        mm.put(HIP_DEPTH, 8.5 * INCH);
        assertThat(Body.of(Sheet.ofMillimetres(mm)).hipDepth().value()).isCloseTo(8.5 * INCH, within(1e-9));
        mm.remove(HIP_DEPTH);
        mm.put(SHOULDER_TO_HIP, 16 * INCH);
        Body body = Body.of(Sheet.ofMillimetres(mm));
        assertThat(body.hipDepth().value()).isCloseTo(8 * INCH, within(1e-9));
        assertThat(body.estimateOf(HIP_DEPTH)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"HIP_DEPTH, 9.5, false", "HIP_DEPTH, 10, true", "KNEE_DEPTH, 24, true", "WAIST_TO_FLOOR, 41.5, false"})
    void two_ways_to_one_level_that_disagree_are_doubted_at_both(Measure level, double inches, boolean doubted) {
        Map<Measure, Double> mm = fromTheShoulder();
        mm.put(level, inches * INCH);
        assertThat(Plausibility.of(Sheet.ofMillimetres(mm)))
                .filteredOn(d -> d.id().equals("two-ways"))
                .hasSize(doubted ? 2 : 0);
    }
}
