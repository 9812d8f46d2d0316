package brightplumb.core.block.waist;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Mark;
import java.util.List;

/** The marks of darts and openings. */
public final class WaistMarks {

    private static final double INSIDE_POINT = Length.INCH / 2;

    private WaistMarks() {}

    /** The marks of a dart: a notch at each leg and a hole inside its point. */
    public static List<Mark> dart(Dart dart) {
        Point up = Point.of(0, -1);
        Point drill = dart.point().plus(dart.centre().minus(dart.point()).unit().times(INSIDE_POINT));
        return List.of(
                Mark.notch(Mark.Subject.DART, dart.inner(), up, 1, "dart"),
                Mark.notch(Mark.Subject.DART, dart.outer(), up, 1, "dart"),
                Mark.drill(Mark.Subject.DART, drill, "dart point, below this"));
    }

    /** A double notch so far down a side, where its zip ends. */
    public static Mark sideZip(List<Segment> side, double zip) {
        Curves.Along end = Curves.along(side, zip);
        return Mark.notch(
                Mark.Subject.OPENING, end.at(), end.direction().turned().times(-1), 2, "zip end, left side");
    }
}
