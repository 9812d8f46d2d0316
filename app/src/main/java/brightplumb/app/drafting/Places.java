package brightplumb.app.drafting;

import brightplumb.app.drafting.DraftView.Segment;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Point;
import java.util.List;

/**
 * Places on a sheet as they are told.
 *
 * @param perMm how finely, parts of a millimetre
 */
record Places(double perMm) {

    /** To a ten-millionth of a millimetre: what is finer is no place but the noise of sums. */
    static final Places MEASURED = new Places(1e7);

    /** To a thousandth: finer than anything that is looked at, and half as long to send. */
    static final Places SEEN = new Places(1e3);

    List<Segment> segments(List<brightplumb.core.geometry.Segment> run) {
        return run.stream()
                .map(s -> s instanceof Cubic k
                        ? new Segment("cubic", xy(k.from()), xy(k.c1()), xy(k.c2()), xy(k.to()))
                        : new Segment("line", xy(s.from()), null, null, xy(s.to())))
                .toList();
    }

    double[] xy(Point p) {
        return new double[] {told(p.x()), told(p.y())};
    }

    private double told(double mm) {
        return Math.round(mm * perMm) / perMm;
    }
}
