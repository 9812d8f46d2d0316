package brightplumb.core.measure;

import java.util.Arrays;
import java.util.Optional;

/** The units a tape is read in. */
public enum Unit {
    INCH("in", Length.INCH),
    CENTIMETRE("cm", 10),
    MILLIMETRE("mm", 1);

    private final String symbol;
    private final double mm;

    Unit(String symbol, double mm) {
        this.symbol = symbol;
        this.mm = mm;
    }

    /** The unit's short sign: {@code in}, {@code cm} or {@code mm}. */
    public String symbol() {
        return symbol;
    }

    /** So many of this unit as a length. */
    public Length of(double count) {
        return Length.mm(count * mm);
    }

    /** How many of this unit a length has. */
    public double in(Length length) {
        return length.mm() / mm;
    }

    /** The unit with that sign, if there is one. */
    public static Optional<Unit> of(String symbol) {
        return Arrays.stream(values()).filter(u -> u.symbol.equals(symbol)).findFirst();
    }
}
