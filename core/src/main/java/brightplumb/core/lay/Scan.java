package brightplumb.core.lay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * An outline in rows of one height across the cloth. In each row it covers whole stretches along: wherever the outline
 * lies in any part of the row, so that two scans that do not meet are outlines that do not.
 *
 * @param rows for each row, from the outline's uppermost place, the beginnings and ends of what is covered, mm
 */
record Scan(double[][] rows) {

    /** How high a row is, mm. */
    static final double ROW = 4;

    static Scan of(Outline outline) {
        double top = outline.top();
        int n = Math.max(1, (int) Math.ceil((outline.bottom() - top) / ROW - 1e-9));
        double[][] rows = new double[n][];
        for (int row = 0; row < n; row++) {
            rows[row] = covered(outline, top + row * ROW, top + (row + 1) * ROW);
        }
        return new Scan(rows);
    }

    int height() {
        return rows.length;
    }

    /**
     * What an outline covers between two levels: its inside along each of them, and everything its lines touch between.
     * A place inside that is neither lies between two of these, straight up or down from one.
     */
    private static double[] covered(Outline outline, double from, double to) {
        List<double[]> stretches = new ArrayList<>();
        inside(outline, from, stretches);
        inside(outline, to, stretches);
        for (int i = 0; i < outline.corners(); i++) {
            int j = outline.next(i);
            double[] stretch = clipped(outline.x()[i], outline.y()[i], outline.x()[j], outline.y()[j], from, to);
            if (stretch != null) {
                stretches.add(stretch);
            }
        }
        return merged(stretches);
    }

    /** From where to where along a straight line runs between two levels; null where it does not. */
    static double[] clipped(double x1, double y1, double x2, double y2, double from, double to) {
        double upper = Math.max(from, Math.min(y1, y2));
        double lower = Math.min(to, Math.max(y1, y2));
        if (upper > lower) {
            return null;
        }
        double a = y1 == y2 ? x1 : x1 + (upper - y1) / (y2 - y1) * (x2 - x1);
        double b = y1 == y2 ? x2 : x1 + (lower - y1) / (y2 - y1) * (x2 - x1);
        return new double[] {Math.min(a, b), Math.max(a, b)};
    }

    /** What lies inside an outline along a level. */
    static void inside(Outline outline, double level, List<double[]> into) {
        double[] at = new double[outline.corners()];
        int n = 0;
        for (int i = 0; i < outline.corners(); i++) {
            int j = outline.next(i);
            double y1 = outline.y()[i];
            double y2 = outline.y()[j];
            if (y1 > level != y2 > level) {
                at[n++] = outline.x()[i] + (level - y1) / (y2 - y1) * (outline.x()[j] - outline.x()[i]);
            }
        }
        Arrays.sort(at, 0, n);
        for (int i = 0; i + 1 < n; i += 2) {
            into.add(new double[] {at[i], at[i + 1]});
        }
    }

    /** Stretches in order, those that touch as one. */
    static double[] merged(List<double[]> stretches) {
        stretches.sort(Comparator.comparingDouble(s -> s[0]));
        double[] merged = new double[2 * stretches.size()];
        int n = 0;
        for (double[] s : stretches) {
            if (n > 0 && s[0] <= merged[n - 1]) {
                merged[n - 1] = Math.max(merged[n - 1], s[1]);
            } else {
                merged[n++] = s[0];
                merged[n++] = s[1];
            }
        }
        return Arrays.copyOf(merged, n);
    }
}
