/**
 * The sheet a draft is drawn on. A {@link brightplumb.core.paper.Paper} records each step with its working and what it drew;
 * what comes off it is a {@link brightplumb.core.paper.Draft}: steps, pieces with their seams and darts, facts and notices.
 * Knows amounts and geometry, no rule of any garment.
 */
package brightplumb.core.paper;
