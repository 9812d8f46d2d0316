package brightplumb.bench;

import java.util.Arrays;
import java.util.Locale;

/** A set of timings in milliseconds, and what is quoted of them. */
record Spread(double[] sorted) {

    static Spread of(double[] timings) {
        double[] sorted = timings.clone();
        Arrays.sort(sorted);
        return new Spread(sorted);
    }

    /** The timing that so many in a hundred do not exceed. */
    double percentile(int percent) {
        return sorted[Math.max(0, (int) Math.ceil(percent / 100.0 * sorted.length) - 1)];
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%d samples: median %.1f ms, p95 %.1f ms, most %.1f ms",
                sorted.length,
                percentile(50),
                percentile(95),
                sorted[sorted.length - 1]);
    }
}
