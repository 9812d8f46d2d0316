package brightplumb.core.cut;

import static brightplumb.core.measure.Measure.*;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Real bodies to test on: every second row of the 507 adults of Heinz, Peterson, Johnson and Kerr, Journal of Statistics Education
 * 11(2), 2003 (open teaching data). Girths only; depths are estimated as for anyone who was not taped.
 */
public final class Bodies {

    /** One row of the data. */
    public record Row(String id, Sheet sheet) {
        @Override
        public String toString() {
            return id;
        }
    }

    private static final List<Row> ALL = read();

    private Bodies() {}

    /** All 254 bodies. */
    public static List<Row> all() {
        return ALL;
    }

    /** Every fourth body, where each is drafted many times over. */
    public static List<Row> some() {
        return IntStream.range(0, ALL.size() / 4).mapToObj(i -> ALL.get(i * 4)).toList();
    }

    /** A body of an invented person in inches. */
    public static Sheet inches(double waist, double hip, double hipDepth) {
        return Sheet.ofMillimetres(
                Map.of(WAIST_GIRTH, waist * 25.4, HIP_GIRTH, hip * 25.4, HIP_DEPTH, hipDepth * 25.4));
    }

    private static List<Row> read() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (var in = new InputStreamReader(
                        Objects.requireNonNull(Bodies.class.getResourceAsStream("/body-girths.csv")),
                        StandardCharsets.UTF_8);
                var rows = format.parse(in)) {
            return rows.stream().map(Bodies::row).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Row row(CSVRecord record) {
        Map<Measure, Double> mm = Map.of(
                WAIST_GIRTH, cm(record, "waist_girth_cm"),
                HIP_GIRTH, cm(record, "hip_girth_cm"),
                BUST_GIRTH, cm(record, "chest_girth_cm"),
                THIGH_GIRTH, cm(record, "thigh_girth_cm"),
                KNEE_GIRTH, cm(record, "knee_girth_cm"),
                ANKLE_GIRTH, cm(record, "ankle_girth_cm"),
                STATURE, cm(record, "stature_cm"));
        return new Row(record.get("id"), Sheet.ofMillimetres(mm));
    }

    private static double cm(CSVRecord record, String column) {
        return Double.parseDouble(record.get(column)) * 10;
    }
}
