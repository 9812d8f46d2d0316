/**
 * Blocks: the basic shapes a garment starts from, drafted in the bench's own order, each an operation on what stands
 * above it. Start at {@link brightplumb.core.block.skirt.SkirtBlock}, which reads from the top of the body to the hem.
 *
 * <p>The operations that begin a garment, from waist to hem. {@code block.waist} is what everything with a waist
 * shares: quarters, darts, the {@code ClosedWaist}, which folds the darts, draws one smooth line, unfolds, and moves
 * the side point until the line measures what it should. {@code block.skirt} and {@code block.leg} stand on it;
 * {@code ForkSolver} finds fork drop, back rise and back extension on {@code LegInner}, the edges that hang together at
 * the fork; {@code LeftAndRight} draws legs that differ once for each hand, in one draft. {@code block.bodice} is the
 * upper half of what hangs from the shoulder (levels, neck, shoulder, armhole), the waist still y = 0, so that anything
 * may hang below it; {@code Bodice} is an operation on legs that takes their waist away and runs on from them
 * ({@code OnePieceBodice}: one side from the underarm to the hem, the back's underarm lower or higher until both are
 * one length), and {@code BodiceAbove} one that sews pieces of its own to that waist ({@code WaistSeamedBodice}: dart
 * on dart, both waist seams one length); what each asks of them are its {@code asks}. {@code block.suit} goes on from
 * it to a bodysuit ({@code LegCurve}, the strip between the legs) or a romper on its fold; {@code block.sleeve} solves
 * the {@code Cap} for the armhole it finds. Every search is bracketed, and tells what it could not reach.
 */
package brightplumb.core.block;
