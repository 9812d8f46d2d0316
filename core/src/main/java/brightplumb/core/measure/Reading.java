package brightplumb.core.measure;

/**
 * One value on a measure sheet, off one reading of the tape or two.
 *
 * @param first the first reading; on a measure with two sides the left
 * @param second the second reading, or the right side; null where it was read once
 * @param provenance where it came from
 */
public record Reading(Length first, Length second, Provenance provenance) {

    /** A single reading. */
    public Reading(Length first, Provenance provenance) {
        this(first, null, provenance);
    }

    /** A reading off the tape. */
    public static Reading taped(Length length) {
        return new Reading(length, Provenance.MEASURED);
    }

    /** Two readings of one tape, or its two sides. */
    public static Reading tapedTwice(Length first, Length second) {
        return new Reading(first, second, Provenance.MEASURED);
    }

    /** What is drafted with: the reading, or the middle of two. */
    public Length length() {
        return second == null ? first : Length.mm((first.mm() + second.mm()) / 2);
    }

    /** How far two readings lie apart in mm; 0 where it was read once. */
    public double apart() {
        return second == null ? 0 : Math.abs(second.mm() - first.mm());
    }
}
