package brightplumb.core.lay;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Rigid;
import java.util.ArrayList;
import java.util.List;

/** What bars a remnant: all that lies outside it, and the seams that no piece may cross. */
final class Barrier {

    private Barrier() {}

    static Way of(Ground.Remnant remnant, int number) {
        Outline outline = Outline.through(remnant.outline());
        int n = Math.max(1, (int) Math.ceil(remnant.across() / Scan.ROW - 1e-9));
        double[][] rows = new double[n][];
        for (int row = 0; row < n; row++) {
            List<double[]> barred = new ArrayList<>();
            double from = row * Scan.ROW;
            double to = from + Scan.ROW;
            outside(outline, from, barred);
            outside(outline, to, barred);
            for (int i = 0; i < outline.corners(); i++) {
                int j = outline.next(i);
                touched(outline.x()[i], outline.y()[i], outline.x()[j], outline.y()[j], from, to, barred);
            }
            for (Line seam : remnant.avoided()) {
                touched(
                        seam.from().x(),
                        seam.from().y(),
                        seam.to().x(),
                        seam.to().y(),
                        from,
                        to,
                        barred);
            }
            rows[row] = Scan.merged(barred);
        }
        return new Way(number, 0, false, Rigid.STAY, outline, new Scan(rows), Double.NaN);
    }

    private static void outside(Outline outline, double level, List<double[]> into) {
        List<double[]> inside = new ArrayList<>();
        Scan.inside(outline, level, inside);
        double from = Double.NEGATIVE_INFINITY;
        for (double[] stretch : inside) {
            into.add(new double[] {from, stretch[0]});
            from = stretch[1];
        }
        into.add(new double[] {from, Double.POSITIVE_INFINITY});
    }

    private static void touched(
            double x1, double y1, double x2, double y2, double from, double to, List<double[]> into) {
        double[] stretch = Scan.clipped(x1, y1, x2, y2, from, to);
        if (stretch != null) {
            into.add(stretch);
        }
    }
}
