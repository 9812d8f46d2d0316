package brightplumb.core.table;

import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Remedy;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One inspection of a draft.
 *
 * @param id its stable name
 * @param title what hangs on this plumb line, in a word
 * @param verdict what was found
 * @param quantity what kind of figure was measured
 * @param measured what was measured
 * @param wanted what it should be, in the same quantity
 * @param tolerance how far off is still true; 0 where any shortage counts
 * @param atLeast whether what is wanted is a floor: more of it is as true
 * @param text the finding in plain words
 * @param cause why it is off, in plain words; empty when it is true
 * @param remedies what would settle it, the best first; empty where nothing that can be set would. Looked for when
 *     first asked
 * @param evidence what was measured, laid out to be seen
 * @param posture how the body holds itself where it is shown on it
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record Check(
        CheckId id,
        String title,
        Verdict verdict,
        Quantity quantity,
        double measured,
        double wanted,
        double tolerance,
        boolean atLeast,
        Sentence text,
        Sentence cause,
        List<Remedy> remedies,
        Evidence evidence,
        Posture posture) {

    public Check {
        remedies = remedies instanceof Remedies ? remedies : List.copyOf(remedies);
    }

    /** An inspection whose measure should be what is wanted, neither more nor less. */
    public Check(
            CheckId id,
            String title,
            Verdict verdict,
            Quantity quantity,
            double measured,
            double wanted,
            double tolerance,
            String text,
            String cause,
            List<Remedy> remedies,
            Evidence evidence) {
        this(
                id,
                title,
                verdict,
                quantity,
                measured,
                wanted,
                tolerance,
                false,
                Sentence.of(text),
                Sentence.of(cause),
                remedies,
                evidence,
                Posture.STANDING);
    }

    /** The same inspection, what is wanted being a floor. */
    public Check asFloor() {
        return CheckBuilder.builder(this).atLeast(true).build();
    }

    /** The same inspection in other words. */
    public Check saying(String words) {
        return CheckBuilder.builder(this).text(Sentence.of(words)).build();
    }

    /** The same inspection with other remedies. */
    public Check settledBy(List<Remedy> others) {
        return CheckBuilder.builder(this).remedies(others).build();
    }

    /** The same inspection, shown on a body that holds itself so. */
    public Check in(Posture other) {
        return CheckBuilder.builder(this).posture(other).build();
    }

    /** What is said of one that is off where no change of settings mends it alone. */
    public static final String UNDECIDED =
            "No one change mends this without spoiling something else: decide between another cut, another way, or "
                    + "several amounts by hand.";

    /** How far the measure lies from what is wanted; positive is too much. */
    public double difference() {
        return measured - wanted;
    }
}
