package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.ref.SoftReference;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Real bodies to test on: every second row of the 507 adults of Heinz, Peterson, Johnson and Kerr, Journal of
 * Statistics Education 11(2), 2003 (open teaching data). Girths only; depths are estimated as for anyone who was not
 * taped.
 */
public final class Bodies {

    /**
     * One row of the data.
     *
     * @param shoulders across the shoulders, mm
     */
    public record Row(String id, Sheet sheet, double shoulders) {
        @Override
        public String toString() {
            return id;
        }
    }

    private static final List<Row> ALL = read();
    private static final List<Row> SOME = every(4, 0);
    private static final Map<DraftRequest, SoftReference<Drafted>> DRAFTED = new ConcurrentHashMap<>();

    private Bodies() {}

    /** All 254 bodies. */
    public static List<Row> all() {
        return ALL;
    }

    /** Every fourth body, where each is drafted many times over. */
    public static List<Row> some() {
        return SOME;
    }

    /** Every eighth body, where each is drafted some hundred times over. */
    public static List<Row> few() {
        return every(8, 0);
    }

    /**
     * Every sixteenth body, others for every turn: where one rule is tried on some hundred garments, all bodies come to
     * stand before it.
     *
     * @param turn which of them, any number
     */
    public static List<Row> inTurn(int turn) {
        return every(16, Math.floorMod(turn, 16));
    }

    /**
     * Every thirty-second body, others for every turn: where each is drafted a hundred times over, on each of many
     * garments.
     *
     * @param turn which of them, any number
     */
    public static List<Row> eightInTurn(int turn) {
        return every(32, Math.floorMod(turn, 32));
    }

    /**
     * Every sixty-fourth body, others for every turn: where besides each is drafted anew for every remedy.
     *
     * @param turn which of them, any number
     */
    public static List<Row> fourInTurn(int turn) {
        return every(64, Math.floorMod(turn, 62));
    }

    /**
     * Every fourth body, others for every turn: where a rule is tried on many garments, all bodies come to stand before
     * it.
     *
     * @param turn which of them, any number
     */
    public static List<Row> quarterInTurn(int turn) {
        return every(4, Math.floorMod(turn, 4));
    }

    /**
     * Sixteen bodies that stand before one garment in one way, others before the next; they are drafted once for all.
     */
    public static List<Row> before(String cut, String way) {
        return inTurn((cut + way).hashCode());
    }

    private static List<Row> every(int so, int from) {
        return IntStream.range(0, ALL.size())
                .filter(i -> i % so == from)
                .mapToObj(ALL::get)
                .toList();
    }

    /**
     * A body with the depths that the data do not hold: rise hip ÷ 4 + 1 in, crotch length 2 × rise + 0.165 × hip,
     * outside leg 0.62 × height; and for what hangs from the shoulder, shoulder to waist 0.25, to bust 0.155, to hip
     * 0.37, trunk loop 0.94 and sleeve 0.34 of the height, armhole 0.44 of the bust, across back 0.95 of the shoulders,
     * which are in the data, head 56 cm. Common practice, no source.
     */
    public static Sheet withDepths(Row row) {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        row.sheet()
                .readings()
                .forEach((measure, reading) -> mm.put(measure, reading.length().mm()));
        double rise = mm.get(HIP_GIRTH) / 4 + 25.4;
        mm.put(BODY_RISE, rise);
        mm.put(CROTCH_LENGTH, 2 * rise + 0.165 * mm.get(HIP_GIRTH));
        mm.put(OUTSIDE_LEG, 0.62 * mm.get(STATURE));
        mm.put(SHOULDER_TO_WAIST, 0.25 * mm.get(STATURE));
        mm.put(SHOULDER_TO_BUST, 0.155 * mm.get(STATURE));
        mm.put(SHOULDER_TO_HIP, 0.37 * mm.get(STATURE));
        mm.put(VERTICAL_TRUNK, 0.94 * mm.get(STATURE));
        mm.put(SLEEVE_LENGTH, 0.34 * mm.get(STATURE));
        mm.put(ARMHOLE_GIRTH, 0.44 * mm.get(BUST_GIRTH));
        mm.put(SHOULDER_WIDTH, row.shoulders());
        mm.put(ACROSS_BACK, 0.95 * row.shoulders());
        mm.put(HEAD_GIRTH, 560.0);
        return Sheet.ofMillimetres(mm);
    }

    /** A body of an invented person in inches; her bust is such that its span comes out as by the hip. */
    public static Sheet inches(double waist, double hip, double hipDepth) {
        return Sheet.ofMillimetres(Map.of(
                WAIST_GIRTH, waist * 25.4,
                HIP_GIRTH, hip * 25.4,
                HIP_DEPTH, hipDepth * 25.4,
                BUST_GIRTH, (hip - 2) * 25.4,
                SHOULDER_WIDTH, 390.0));
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
        return new Row(record.get("id"), Sheet.ofMillimetres(mm), cm(record, "shoulder_breadth_cm"));
    }

    private static double cm(CSVRecord record, String column) {
        return Double.parseDouble(record.get(column)) * 10;
    }

    /**
     * A garment by its recipe, of woven cloth or what its cut is made of. Many rules are tried on {@link #some()}
     * bodies and on those {@link #before} it: on those each is drafted once, as long as there is room to keep it.
     *
     * @param way of the cut, or null for the cut's own
     * @throws brightplumb.core.measure.Refusal where it cannot be drafted
     */
    public static Drafted drafted(String cut, String way, Row row) {
        DraftRequest request = DraftRequest.of(cut, way, withDepths(row), Map.of(), null);
        if (!some().contains(row) && !before(cut, String.valueOf(way)).contains(row)) {
            return Drafting.draft(request);
        }
        SoftReference<Drafted> known = DRAFTED.get(request);
        Drafted drafted = known == null ? null : known.get();
        if (drafted == null) {
            drafted = Drafting.draft(request);
            DRAFTED.put(request, new SoftReference<>(drafted));
        }
        return drafted;
    }

    /**
     * A cut's block with one thing done to it, by the cut's own way.
     *
     * @throws brightplumb.core.measure.Refusal where it cannot be done to it
     */
    static Drafted with(String operation, String cut, Row row) {
        MadeWith alone = new MadeWith(Set.of(operation), Set.of(MadeWith.ALL));
        return Drafting.drawn(DraftRequest.of(cut, null, withDepths(row), Map.of(), null, alone));
    }

    /** What a step of a draft came to, mm. */
    static double step(Drafted drafted, String id) {
        return drafted.draft().steps().stream()
                .filter(s -> s.fact().id().equals(id))
                .findFirst()
                .orElseThrow()
                .amount()
                .value();
    }

    /** The verdicts that find nothing wrong: true, and where a usual length ends under this knee, a watch. */
    public static List<Verdict> straight(Check check) {
        return check.id().id().equals("length.suits") ? List.of(Verdict.TRUE, Verdict.WATCH) : List.of(Verdict.TRUE);
    }
}
