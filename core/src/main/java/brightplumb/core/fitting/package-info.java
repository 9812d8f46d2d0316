/**
 * Fitting: what is seen on the body, why, and what it changes in the draft. Amounts are starting points. Start at {@link
 * brightplumb.core.fitting.Remark}.
 */
package brightplumb.core.fitting;
