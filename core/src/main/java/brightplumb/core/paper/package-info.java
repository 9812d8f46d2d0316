/**
 * The sheet a draft is drawn on. A {@link brightplumb.core.paper.Paper} records each step with its working and what it
 * drew; what comes off it is a {@link brightplumb.core.paper.Draft}: steps, pieces with their seams and darts, facts
 * and notices. Knows amounts and geometry, no rule of any garment.
 *
 * <p>What a draft is drawn on. Lines are recorded under the step that drew them, so hovering a line can find its step.
 * {@code LaidOff} puts each amount where it belongs once the lines are there ({@code PanelsLaidOff},
 * {@code BodicesLaidOff} and each operation, when it finishes at its {@code Table}, say where), and {@code FrontFirst}
 * brings the steps into the sequence in which they are drawn: the screen and the practice sheet show no more of it than
 * the steps taken so far.
 */
package brightplumb.core.paper;
