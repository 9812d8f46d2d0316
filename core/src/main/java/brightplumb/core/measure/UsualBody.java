package brightplumb.core.measure;

import java.util.EnumMap;
import java.util.Map;

/**
 * A body of middling size, measured enough for every cut, on which a garment is shown before anybody was measured.
 * Invented; no size table.
 */
public final class UsualBody {

    public static final Sheet SHEET = Sheet.ofMillimetres(Map.ofEntries(
            Map.entry(Measure.WAIST_GIRTH, 711.2),
            Map.entry(Measure.HIP_GIRTH, 965.2),
            Map.entry(Measure.HIP_DEPTH, 203.2),
            Map.entry(Measure.BODY_RISE, 266.7),
            Map.entry(Measure.CROTCH_LENGTH, 692.7),
            Map.entry(Measure.OUTSIDE_LEG, 1028.7),
            Map.entry(Measure.BUST_GIRTH, 901.7),
            Map.entry(Measure.SHOULDER_WIDTH, 381.0),
            Map.entry(Measure.ACROSS_BACK, 349.3),
            Map.entry(Measure.SHOULDER_TO_BUST, 250.8),
            Map.entry(Measure.SHOULDER_TO_WAIST, 412.8),
            Map.entry(Measure.ARMHOLE_GIRTH, 406.4),
            Map.entry(Measure.NECK_GIRTH, 355.6),
            Map.entry(Measure.HEAD_GIRTH, 565.2),
            Map.entry(Measure.VERTICAL_TRUNK, 1498.6)));

    private UsualBody() {}

    /** A sheet with what it lacks taken from the usual body. */
    public static Sheet filling(Sheet sheet) {
        Map<Measure, Reading> all = new EnumMap<>(Measure.class);
        all.putAll(SHEET.readings());
        all.putAll(sheet.readings());
        return new Sheet(all);
    }
}
