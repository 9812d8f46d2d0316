/**
 * Amounts that carry their working: a value and the expression that made it, so that the working shown is the
 * computation that ran. Knows lengths, not drafting. Start at {@link brightplumb.core.working.Amount}.
 *
 * <p>{@code Amount}, a value with the expression that made it. Arithmetic builds both, so the working shown is the
 * computation that ran. <em>Estimated</em> and <em>set by hand</em> are inherited by all that is made from them. A
 * {@code Fact} is an amount that others read, declared once.
 */
package brightplumb.core.working;
