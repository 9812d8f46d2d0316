/**
 * Plane geometry of the paper: points, lines and cubic curves in millimetres, y growing downward, with lengths, splits,
 * intersections and parallels. Bare doubles are at home only here. Start at {@link brightplumb.core.geometry.Segment}.
 *
 * <p>Points, lines, cubics; lengths, splits, crossings, parallels.
 */
package brightplumb.core.geometry;
