/**
 * Fittings: what was seen on the body, and the correction applied to the ticket as a new revision. Start at
 * {@link brightplumb.app.fittings.FittingRoom}.
 *
 * <p>A fitting freezes what was worn, if it was not, and then what was corrected, in one transaction.
 */
package brightplumb.app.fittings;
