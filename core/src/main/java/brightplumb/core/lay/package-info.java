/**
 * Pieces laid on cloth: which way each may lie, where it finds room among the others, and the shortest length of cloth
 * that was found to hold them all. Cloth coordinates: x along the selvedge from where the cloth begins, y across it
 * from the fold, or from one selvedge; mm.
 *
 * <p>Pieces on cloth. {@code Items} says what is laid how often and which ways it may lie; {@code Scan} takes an
 * outline in rows, so that what lies clear of another scan lies clear of the outline; {@code NoFit} remembers where one
 * would meet another; {@code BottomLeft} lays things in an order, {@code Search} betters the order for a given number
 * of tries (nothing is left to chance: the same pieces give the same lay), and {@code Pushed} slides all together on
 * the exact outlines. {@code OnPaper} lays the same outlines upright on printed pages. {@code Ground} is cloth off the
 * bolt or a remnant with its {@code Barrier}; {@code Shelves} is the plain way, for comparison. JTS measures areas and
 * overlaps.
 */
package brightplumb.core.lay;
