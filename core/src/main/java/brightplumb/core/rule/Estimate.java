package brightplumb.core.rule;

import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Amount;

/**
 * A value that stands in for a tape that was not taken.
 *
 * @param measure the measure that is missing
 * @param amount the value, marked as estimated
 * @param rule the rule that made it, in the bench's words
 */
public record Estimate(Measure measure, Amount amount, Sentence rule) {

    /** A value by a rule whose words hold their lengths in braces. */
    Estimate(Measure measure, Amount amount, String rule) {
        this(measure, amount, Sentence.of(rule));
    }
}
