package brightplumb.core.truing;

import brightplumb.core.paper.Notice.Remedy;

/**
 * One inspection of a draft.
 *
 * @param id its stable name
 * @param title what hangs on this plumb line, in a word
 * @param verdict what was found
 * @param measured what was measured: mm, or degrees for joins
 * @param wanted what it should be, in the same unit
 * @param tolerance how far off is still true
 * @param degrees whether the figures are degrees
 * @param text the finding in plain words
 * @param cause why it is off, in plain words; empty when it is true
 * @param remedy what would settle it, or null
 */
public record Check(
        String id,
        String title,
        Verdict verdict,
        double measured,
        double wanted,
        double tolerance,
        boolean degrees,
        String text,
        String cause,
        Remedy remedy) {

    /** How far the measure lies from what is wanted; positive is too much. */
    public double difference() {
        return measured - wanted;
    }
}
