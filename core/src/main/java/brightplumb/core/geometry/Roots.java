package brightplumb.core.geometry;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.numbers.rootfinder.BrentSolver;

/** Bracketed root finding: deterministic, bounded, and it never fails silently. */
public final class Roots {

    private static final BrentSolver BRENT = new BrentSolver(1e-14, 1e-11, 1e-13);

    private Roots() {}

    /**
     * Where a function crosses zero between two places.
     *
     * @return the place, or nothing when the function has one sign at both ends
     */
    public static OptionalDouble between(double low, double high, DoubleUnaryOperator f) {
        double atLow = f.applyAsDouble(low);
        double atHigh = f.applyAsDouble(high);
        if (atLow == 0) {
            return OptionalDouble.of(low);
        }
        if (atHigh == 0) {
            return OptionalDouble.of(high);
        }
        if (!(atLow * atHigh < 0)) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(BRENT.findRoot(f, low, high));
    }
}
