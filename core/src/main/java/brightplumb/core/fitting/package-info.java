/**
 * Fitting: what is seen on the body, why, and what it changes in the draft. Amounts are starting points. Start at
 * {@link brightplumb.core.fitting.Remark}.
 *
 * <p>Remarks of a fitting, each with its cause and the settings it changes.
 */
package brightplumb.core.fitting;
