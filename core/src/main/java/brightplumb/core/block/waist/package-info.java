/**
 * What everything with a waist shares: the quarter between hip and waist, its darts, the waist drawn with the darts
 * shut, and the marks of darts and openings. Start at {@link brightplumb.core.block.waist.WaistQuarter}.
 */
package brightplumb.core.block.waist;
