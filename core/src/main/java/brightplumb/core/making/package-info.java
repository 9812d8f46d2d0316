/**
 * The order of making: steps from joins, darts, folds and operations, sorted by what must come first and by a habit.
 *
 * <p>The order of making. {@code SeamSteps} makes a step of every join that no operation sews by steps of its own;
 * {@code FlatSteps} what is done before, between and after; {@code Prerequisites} reads off the joins which seam
 * another one crosses; {@code Order} sorts by what must come first and by a {@code Sequence}, a habit's order of kinds
 * of work. How wide a seam is sewn follows from the allowances of its edges. {@code InHand} draws a step.
 */
package brightplumb.core.making;
