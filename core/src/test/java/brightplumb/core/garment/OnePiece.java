package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.working.Fact;
import java.util.EnumMap;
import java.util.Map;

/** A woman measured for what hangs from the shoulder, invented, and what tests ask of a draft for her. */
public final class OnePiece {

    static final double INCH = 25.4;

    private OnePiece() {}

    public static Map<Measure, Double> her() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        mm.put(WAIST_GIRTH, 28 * INCH);
        mm.put(HIP_GIRTH, 38.5 * INCH);
        mm.put(HIP_DEPTH, 8.25 * INCH);
        mm.put(BODY_RISE, 10.75 * INCH);
        mm.put(BUST_GIRTH, 38 * INCH);
        mm.put(SHOULDER_WIDTH, 15 * INCH);
        mm.put(SHOULDER_TO_WAIST, 16.5 * INCH);
        mm.put(SHOULDER_TO_BUST, 10.5 * INCH);
        mm.put(VERTICAL_TRUNK, 60 * INCH);
        mm.put(HEAD_GIRTH, 22 * INCH);
        mm.put(NECK_GIRTH, 14.5 * INCH);
        mm.put(OUTSIDE_LEG, 40 * INCH);
        return mm;
    }

    public static Drafted drafted(String cut, String way, Map<Measure, Double> mm, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(cut, way, Sheet.ofMillimetres(mm), settings, null));
    }

    static double fact(Drafted drafted, String id) {
        return drafted.draft().fact(new Fact(id)).value();
    }

    static Check check(Drafted drafted, String id) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
