package brightplumb.core.table;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Parts of drawn lines, cut out to be shown. */
public final class Lines {

    private Lines() {}

    /** What of a run lies above a level. */
    public static List<Segment> above(List<Segment> run, double y) {
        return part(run, y, true);
    }

    /** What of a run lies below a level. */
    public static List<Segment> below(List<Segment> run, double y) {
        return part(run, y, false);
    }

    private static List<Segment> part(List<Segment> run, double y, boolean above) {
        List<Segment> kept = new ArrayList<>();
        for (Segment segment : run) {
            OptionalDouble t = Curves.crossing(segment, Point.of(0, y), Point.of(1, 0));
            if (t.isPresent() && t.getAsDouble() > 1e-6 && t.getAsDouble() < 1 - 1e-6) {
                keep(kept, segment.part(0, t.getAsDouble()), y, above);
                keep(kept, segment.part(t.getAsDouble(), 1), y, above);
            } else {
                keep(kept, segment, y, above);
            }
        }
        return kept;
    }

    private static void keep(List<Segment> kept, Segment segment, double y, boolean above) {
        if (segment.at(0.5).y() < y == above) {
            kept.add(segment);
        }
    }
}
