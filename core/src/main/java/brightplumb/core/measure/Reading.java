package brightplumb.core.measure;

/**
 * One value on a measure sheet.
 *
 * @param length the value
 * @param provenance where it came from
 */
public record Reading(Length length, Provenance provenance) {

    /** A reading off the tape. */
    public static Reading taped(Length length) {
        return new Reading(length, Provenance.MEASURED);
    }
}
