package brightplumb.core.measure;

/**
 * A length in millimetres. May be negative where a distance has a direction.
 *
 * @param mm millimetres; always finite
 */
public record Length(double mm) implements Comparable<Length> {

    /** Millimetres in one inch, exactly. */
    public static final double INCH = 25.4;

    public Length {
        if (!Double.isFinite(mm)) {
            throw new IllegalArgumentException("A length is a finite number of millimetres");
        }
    }

    /** A length of so many millimetres. */
    public static Length mm(double mm) {
        return new Length(mm);
    }

    /** A length of so many centimetres. */
    public static Length cm(double cm) {
        return new Length(cm * 10);
    }

    /** A length of so many inches. */
    public static Length inches(double inches) {
        return new Length(inches * INCH);
    }

    /** This length in inches. */
    public double inches() {
        return mm / INCH;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }
}
