package brightplumb.app.people;

import brightplumb.app.people.SheetView.ReadingView;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.TapeReader;
import brightplumb.core.measure.Unit;
import brightplumb.core.measure.UnreadableTape;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A sheet to be added.
 *
 * @param takenOn the day it was taken; today where it is missing
 * @param takenBy who took it; the account's name where it is missing
 * @param readings by measure key, as they were typed
 * @param after the number of the newest sheet its writer had seen, 0 where there was none; missing where any will do
 */
record SheetRequest(
        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED, format = "date")
        LocalDate takenOn,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String takenBy,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String note,

        Map<String, ReadingRequest> readings,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Integer after) {

    private static final FieldPath READINGS = new FieldPath("readings");

    /**
     * One reading.
     *
     * @param typed as read off the tape: {@code 38 1/2}, {@code 97,8 cm}
     * @param unit {@code in}, {@code cm} or {@code mm}, meant where none is typed; {@code in} where it is missing
     * @param provenance measured (where it is missing), estimated or table
     * @param second a second reading of the same tape, or the right side; missing where it was read once
     */
    record ReadingRequest(
            String typed,
            String unit,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            String provenance,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            String second) {}

    /**
     * The readings, each understood.
     *
     * @throws Refusal naming every field that is not a reading of a body
     */
    Map<String, ReadingView> read() {
        List<Refusal.Fault> faults = new ArrayList<>();
        Map<String, ReadingView> read = new LinkedHashMap<>();
        if (readings == null || readings.isEmpty()) {
            throw new Refusal(READINGS, "A sheet needs at least one reading");
        }
        readings.forEach((key, reading) -> {
            if (reading != null && reading.typed() != null && !reading.typed().isBlank()) {
                try {
                    read.put(key, one(key, reading));
                } catch (UnreadableTape unreadable) {
                    faults.add(new Refusal.Fault(READINGS.of(key), unreadable.getMessage()));
                }
            }
        });
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        if (read.isEmpty()) {
            throw new Refusal(READINGS, "A sheet needs at least one reading");
        }
        return read;
    }

    private static ReadingView one(String key, ReadingRequest reading) throws UnreadableTape {
        Measure measure = Measure.of(key).orElseThrow(() -> new UnreadableTape("There is no such measure"));
        String sign = reading.unit() == null ? Unit.INCH.symbol() : reading.unit();
        Unit unit = Unit.of(sign).orElseThrow(() -> new UnreadableTape("The unit is in, cm or mm"));
        String provenance =
                reading.provenance() == null ? "measured" : reading.provenance().toLowerCase(Locale.ROOT);
        try {
            Provenance.valueOf(provenance.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw new UnreadableTape("Where it came from is measured, estimated or table");
        }
        double first = length(measure, reading.typed(), unit);
        if (reading.second() == null || reading.second().isBlank()) {
            return new ReadingView(reading.typed().strip(), sign, first, provenance, null, null);
        }
        double second = length(measure, reading.second(), unit);
        return new ReadingView(
                reading.typed().strip(),
                sign,
                first,
                provenance,
                reading.second().strip(),
                second);
    }

    private static double length(Measure measure, String typed, Unit unit) throws UnreadableTape {
        Length length = TapeReader.read(typed, unit);
        var impossible = measure.impossible(length.mm());
        if (impossible.isPresent()) {
            throw new UnreadableTape(impossible.get());
        }
        return length.mm();
    }
}
