package brightplumb.app.drafting;

import brightplumb.app.drafting.ClothView.ClothRequest;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Cloth;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A draft that is asked for.
 *
 * @param cut the cut's id
 * @param way the way's id; the cut's own where it is missing
 * @param measures measure keys to mm; two numbers where a tape was read twice, or on the left and on the right; or
 *     either with where it came from
 * @param settings setting keys to mm, a ratio or a choice's id
 * @param cloth the cloth; the cut's own where it is missing
 * @param with what a hand adds to the cut, by the operations' ids
 * @param without what a hand takes off it; {@code all} leaves the block
 * @param remedies whether remedies are looked for; they are, where it is missing
 * @param guesses whether what rests on which guess is found; it is, where it is missing
 * @param rivals whether what other ways and habits would give is found; it is, where it is missing
 * @param pieces {@code panels} where only what the block draws is answered; {@code sewn} where pieces are told as they
 *     are sewn, without cut lines, marks, notions and the order of making; all of it where it is missing
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record PreviewRequest(
        String cut,
        String way,
        Map<String, Object> measures,
        Map<String, Object> settings,
        ClothRequest cloth,
        List<String> with,
        List<String> without,
        Boolean remedies,
        String pieces,
        Boolean guesses,
        Boolean rivals) {

    public PreviewRequest {
        with = with == null ? List.of() : with.stream().sorted().distinct().toList();
        without = without == null
                ? List.of()
                : without.stream().sorted().distinct().toList();
    }

    /** The same request with other settings. */
    public PreviewRequest setting(Map<String, Object> others) {
        return new PreviewRequest(cut, way, measures, others, cloth, with, without, remedies, pieces, guesses, rivals);
    }

    /**
     * The request as the core takes it.
     *
     * @throws Refusal naming each field at fault
     */
    public DraftRequest read() {
        List<Refusal.Fault> faults = new ArrayList<>();
        if (cut == null || cut.isBlank()) {
            faults.add(new Refusal.Fault(new FieldPath("cut"), "Say which cut is to be drafted"));
        }
        Sheet sheet = sheet(measures, faults);
        Cloth usual =
                cut == null ? Cloth.WOVEN : Catalogue.of(cut).map(Cut::cloth).orElse(Cloth.WOVEN);
        Cloth asked = cloth == null ? usual : cloth.read(usual, faults);
        Map<String, Object> set = new LinkedHashMap<>();
        if (settings != null) {
            settings.forEach((key, value) -> {
                if (value != null) {
                    set.put(key, value);
                }
            });
        }
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return DraftRequest.of(
                cut, way, sheet, set, asked, new MadeWith(new LinkedHashSet<>(with), new LinkedHashSet<>(without)));
    }

    /** Measures as a sheet; what is no number goes among the faults. */
    static Sheet sheet(Map<String, Object> measures, List<Refusal.Fault> faults) {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        if (measures == null) {
            faults.add(new Refusal.Fault(
                    FieldPath.MEASURES, "A draft needs a body's measures: waistGirth and hipGirth at least"));
            return new Sheet(readings);
        }
        measures.forEach((key, value) -> {
            Measure measure = Measure.of(key).orElse(null);
            FieldPath field = FieldPath.MEASURES.of(key);
            if (measure == null) {
                faults.add(new Refusal.Fault(field, "There is no such measure"));
            } else if (value != null) {
                reading(value)
                        .ifPresentOrElse(
                                reading -> readings.put(measure, reading),
                                () -> faults.add(new Refusal.Fault(
                                        field, measure.title() + " is a number of millimetres, or two")));
            }
        });
        return new Sheet(readings);
    }

    /** A reading: a length, two, or either with where it came from; empty where it is none of these. */
    private static Optional<Reading> reading(Object value) {
        if (isLength(value)) {
            return Optional.of(Reading.taped(length(value)));
        }
        if (value instanceof List<?> both && both.size() == 2 && both.stream().allMatch(PreviewRequest::isLength)) {
            return Optional.of(Reading.tapedTwice(length(both.get(0)), length(both.get(1))));
        }
        if (value instanceof Map<?, ?> told && told.keySet().equals(Set.of("mm", "from"))) {
            return Provenance.of(String.valueOf(told.get("from")))
                    .flatMap(from -> reading(told.get("mm")).map(r -> new Reading(r.first(), r.second(), from)));
        }
        return Optional.empty();
    }

    private static boolean isLength(Object value) {
        return value instanceof Number number && Double.isFinite(number.doubleValue());
    }

    private static Length length(Object value) {
        return Length.mm(((Number) value).doubleValue());
    }
}
