/**
 * Fittings: what was seen on the body, and the correction applied to the ticket as a new revision. Start at {@link
 * brightplumb.app.fittings.FittingRoom}.
 */
package brightplumb.app.fittings;
