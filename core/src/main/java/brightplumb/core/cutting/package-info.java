/**
 * From the sewn line to the cut line: allowances added last, edge by edge, with hems mirrored so that they fold flat.
 * Start at {@link brightplumb.core.cutting.CutPiece}.
 *
 * <p>One profile of {@code Allowances} (by layer, role and end of an edge, by preset and by hand), the cut line for a
 * piece at any angle, hems folded back on themselves, corners mitred or cut off; and the inspections of pieces as cut.
 * {@code Alteration} lays a piece as it should be on the cloth as it was cut, where that asks least of it, and tells
 * edge by edge what is taken in or let out.
 */
package brightplumb.core.cutting;
