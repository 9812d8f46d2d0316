package brightplumb.core.measure;

import java.util.Optional;

/** What stands between the whole and its tenths. Either is read; one is written, as the person is used to. */
public enum DecimalMark {
    COMMA(','),
    POINT('.');

    private final char sign;

    DecimalMark(char sign) {
        this.sign = sign;
    }

    /** Returns the sign itself. */
    public char sign() {
        return sign;
    }

    /** The mark of that name, in lower case. */
    public static Optional<DecimalMark> of(String name) {
        for (DecimalMark mark : values()) {
            if (mark.name().toLowerCase(java.util.Locale.ROOT).equals(name)) {
                return Optional.of(mark);
            }
        }
        return Optional.empty();
    }
}
