package brightplumb.core.rule;

import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Amount;

/**
 * A setting as it stood in a draft.
 *
 * @param amount its amount, or null for a choice
 * @param choice its choice, or null for an amount
 * @param byHand whether it was set by hand
 * @param applies whether it changed anything, the others being as they were
 * @param why why it is what it is
 */
public record InForce(Setting setting, Amount amount, Choice choice, boolean byHand, boolean applies, Sentence why) {}
