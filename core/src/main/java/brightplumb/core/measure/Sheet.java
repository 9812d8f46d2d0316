package brightplumb.core.measure;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * A sheet of readings of one body: which measures were taken, and their values.
 *
 * @param readings the values by measure; what is missing was not taken
 */
public record Sheet(Map<Measure, Reading> readings) {

    public Sheet {
        Map<Measure, Reading> copy = new EnumMap<>(Measure.class);
        copy.putAll(readings);
        readings = Collections.unmodifiableMap(copy);
    }

    /** A sheet of taped values in millimetres. */
    public static Sheet ofMillimetres(Map<Measure, Double> values) {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        values.forEach((measure, mm) -> readings.put(measure, Reading.taped(Length.mm(mm))));
        return new Sheet(readings);
    }

    /** The reading of a measure, if it was taken. */
    public Optional<Reading> reading(Measure measure) {
        return Optional.ofNullable(readings.get(measure));
    }

    /** Whether a measure is on the sheet. */
    public boolean has(Measure measure) {
        return readings.containsKey(measure);
    }

    /** A measure's value in millimetres, or NaN when it was not taken: any comparison with it is false. */
    double mm(Measure measure) {
        Reading reading = readings.get(measure);
        return reading == null ? Double.NaN : reading.length().mm();
    }
}
