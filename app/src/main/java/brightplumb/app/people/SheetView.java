package brightplumb.app.people;

import brightplumb.app.words.WordView;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Sheet;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/**
 * A sheet of measures.
 *
 * @param number counted from 1 for each person
 * @param readings by measure key
 * @param doubts what a careful cutter would take again
 */
public record SheetView(
        UUID id,
        int number,
        LocalDate takenOn,
        String takenBy,
        String note,
        Map<String, ReadingView> readings,
        List<DoubtView> doubts) {

    /**
     * One reading.
     *
     * @param typed as it was typed
     * @param unit the unit meant where none was typed
     * @param mm the value
     * @param provenance measured, estimated or table
     * @param secondTyped a second reading of the same tape, or the right side, as it was typed; null where it was read
     *     once
     * @param secondMm its value
     */
    public record ReadingView(
            String typed,
            String unit,
            double mm,
            String provenance,
            @Schema(types = {"string", "null"}) String secondTyped,
            @Schema(types = {"number", "null"}) Double secondMm) {

        /** A tape read once. */
        public ReadingView(String typed, String unit, double mm, String provenance) {
            this(typed, unit, mm, provenance, null, null);
        }

        /** What a draft is asked with: one length in mm, or both, and where it came from unless it was off the tape. */
        public Object asked() {
            Object read = secondMm == null ? (Object) mm : List.of(mm, secondMm);
            return Provenance.of(provenance).filter(p -> !p.taped()).isPresent()
                    ? Map.of("mm", read, "from", provenance)
                    : read;
        }
    }

    /** A doubt at a reading. */
    public record DoubtView(String measure, String id, Sentence text) {
        /** The parts of its sentences. */
        @JsonProperty("words")
        public Map<String, List<WordView>> words() {
            return WordView.of("text", text);
        }
    }

    /** The sheet as the core takes it. */
    public Sheet sheet() {
        Map<Measure, Reading> taken = new EnumMap<>(Measure.class);
        readings.forEach((key, reading) -> Measure.of(key)
                .ifPresent(measure -> taken.put(
                        measure,
                        new Reading(
                                Length.mm(reading.mm()),
                                reading.secondMm() == null ? null : Length.mm(reading.secondMm()),
                                Provenance.valueOf(reading.provenance().toUpperCase(Locale.ROOT))))));
        return new Sheet(taken);
    }
}
