/**
 * From the sewn line to the cut line: allowances added last, edge by edge, with hems mirrored so that they fold flat. Start at {@link
 * brightplumb.core.cutting.CutPiece}.
 */
package brightplumb.core.cutting;
