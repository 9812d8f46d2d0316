/**
 * Amounts that carry their working: a value and the expression that made it, so that the working shown is the computation that
 * ran. Knows lengths, not drafting. Start at {@link brightplumb.core.working.Amount}.
 */
package brightplumb.core.working;
