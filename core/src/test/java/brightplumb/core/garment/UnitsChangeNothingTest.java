package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.BODY_RISE;
import static brightplumb.core.measure.Measure.BUST_GIRTH;
import static brightplumb.core.measure.Measure.CROTCH_LENGTH;
import static brightplumb.core.measure.Measure.HIP_DEPTH;
import static brightplumb.core.measure.Measure.HIP_GIRTH;
import static brightplumb.core.measure.Measure.KNEE_GIRTH;
import static brightplumb.core.measure.Measure.OUTSIDE_LEG;
import static brightplumb.core.measure.Measure.SHOULDER_TO_WAIST;
import static brightplumb.core.measure.Measure.SHOULDER_WIDTH;
import static brightplumb.core.measure.Measure.WAIST_GIRTH;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Sheet;
import brightplumb.core.measure.TapeReader;
import brightplumb.core.measure.Unit;
import brightplumb.core.measure.UnreadableTape;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One body read in inches, in centimetres and in millimetres is drafted to the same lines, in every cut. */
class UnitsChangeNothingTest {

    private static final Map<Measure, String> INCHES = Map.of(
            WAIST_GIRTH, "28 1/2",
            HIP_GIRTH, "39 3/4",
            HIP_DEPTH, "8 3/8",
            BODY_RISE, "10 5/8",
            CROTCH_LENGTH, "27 1/4",
            OUTSIDE_LEG, "40 1/2",
            KNEE_GIRTH, "15 1/8",
            BUST_GIRTH, "36 1/4",
            SHOULDER_WIDTH, "15 3/8",
            SHOULDER_TO_WAIST, "16 1/8");

    static Stream<Cut> cuts() {
        return Catalogue.CUTS.stream();
    }

    private static Sheet inches() {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        INCHES.forEach((measure, typed) -> readings.put(measure, Reading.taped(read(typed, Unit.INCH))));
        return new Sheet(readings);
    }

    /** The same tape, called out in another unit to a thousandth of it. */
    private static Sheet in(Unit unit) {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        INCHES.forEach((measure, typed) -> {
            double there = unit.in(read(typed, Unit.INCH));
            readings.put(measure, Reading.taped(read(String.format(java.util.Locale.ROOT, "%.3f", there), unit)));
        });
        return new Sheet(readings);
    }

    private static Length read(String typed, Unit unit) {
        try {
            return TapeReader.read(typed, unit);
        } catch (UnreadableTape e) {
            throw new AssertionError(e);
        }
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void the_unit_of_the_tape_changes_no_fact_and_no_verdict(Cut cut) {
        Drafted inches = Drafting.draft(DraftRequest.of(cut.id(), null, inches(), Map.of(), null));
        for (Unit unit : List.of(Unit.CENTIMETRE, Unit.MILLIMETRE)) {
            Drafted metric = Drafting.draft(DraftRequest.of(cut.id(), null, in(unit), Map.of(), null));
            assertThat(metric.draft().facts().keySet())
                    .containsExactlyElementsOf(inches.draft().facts().keySet());
            metric.draft()
                    .facts()
                    .forEach((fact, amount) -> assertThat(amount.value())
                            .as(fact.id())
                            .isCloseTo(inches.draft().fact(fact).value(), within(0.05)));
            for (int i = 0; i < metric.checks().size(); i++) {
                assertThat(metric.checks().get(i).verdict())
                        .as(metric.checks().get(i).id().id())
                        .isEqualTo(inches.checks().get(i).verdict());
            }
        }
    }
}
