package brightplumb.core.lay;

import java.util.ArrayList;
import java.util.List;

/**
 * Where one scan does not fit beside another: for each number of rows that the second lies below the first, the
 * distances along at which they would meet. Each is worked out when it is first asked, and known from then on.
 */
final class NoFit {

    private final double[][][][] known;

    /** @param ways how many ways there are */
    NoFit(int ways) {
        this.known = new double[ways][ways][][];
    }

    /**
     * Where {@code other} would meet {@code one}.
     *
     * @param below how many rows the other lies further down
     * @return beginnings and ends of what is barred, in order, mm from where the first lies; empty where they share no
     *     row
     */
    double[] between(Way one, Way other, int below) {
        Scan a = one.scan();
        Scan b = other.scan();
        int index = below + b.height() - 1;
        if (index < 0 || below >= a.height()) {
            return NOTHING;
        }
        double[][] all = known[one.number()][other.number()];
        if (all == null) {
            all = new double[a.height() + b.height() - 1][];
            known[one.number()][other.number()] = all;
        }
        if (all[index] == null) {
            all[index] = barred(a, b, below);
        }
        return all[index];
    }

    private static final double[] NOTHING = {};

    private static double[] barred(Scan a, Scan b, int below) {
        List<double[]> stretches = new ArrayList<>();
        for (int row = Math.max(0, below); row < Math.min(a.height(), below + b.height()); row++) {
            double[] mine = a.rows()[row];
            double[] theirs = b.rows()[row - below];
            for (int i = 0; i < mine.length; i += 2) {
                for (int j = 0; j < theirs.length; j += 2) {
                    stretches.add(new double[] {mine[i] - theirs[j + 1], mine[i + 1] - theirs[j]});
                }
            }
        }
        return Scan.merged(stretches);
    }
}
