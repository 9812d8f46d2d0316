package brightplumb.core.geometry;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.numbers.rootfinder.BrentSolver;

/** Bracketed root finding: deterministic, bounded, and it never fails silently. */
public final class Roots {

    private static final BrentSolver BRENT = new BrentSolver(1e-14, 1e-11, 1e-13);

    private static final BrentSolver ROUGH = new BrentSolver(1e-6, 0.01, 1e-6);
    private static final int MOST_ASKED = 200;

    private Roots() {}

    /**
     * Where a function crosses zero between two places.
     *
     * @return the place, or nothing when the function has one sign at both ends or is not a number on the way
     */
    public static OptionalDouble between(double low, double high, DoubleUnaryOperator f) {
        return between(BRENT, low, high, f);
    }

    /** The same to a hundredth of a millimetre, for what is dear to work out. */
    public static OptionalDouble roughlyBetween(double low, double high, DoubleUnaryOperator f) {
        return between(ROUGH, low, high, f);
    }

    private static OptionalDouble between(BrentSolver solver, double low, double high, DoubleUnaryOperator f) {
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
        try {
            return OptionalDouble.of(solver.findRoot(new Bounded(f, low, atLow, high, atHigh), low, high));
        } catch (Lost lost) {
            return OptionalDouble.empty();
        }
    }

    /** A function that may be asked only so often, must answer with a number, and is not asked again at the ends. */
    private static final class Bounded implements DoubleUnaryOperator {
        private final DoubleUnaryOperator f;
        private final double low;
        private final double atLow;
        private final double high;
        private final double atHigh;
        private int asked;

        Bounded(DoubleUnaryOperator f, double low, double atLow, double high, double atHigh) {
            this.f = f;
            this.low = low;
            this.atLow = atLow;
            this.high = high;
            this.atHigh = atHigh;
        }

        @Override
        public double applyAsDouble(double at) {
            if (at == low) {
                return atLow;
            }
            if (at == high) {
                return atHigh;
            }
            double value = f.applyAsDouble(at);
            if (Double.isNaN(value) || ++asked > MOST_ASKED) {
                throw new Lost();
            }
            return value;
        }
    }

    private static final class Lost extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Lost() {
            super(null, null, false, false);
        }
    }
}
