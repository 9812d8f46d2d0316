/**
 * A garment as pieces that are sewn to each other: each {@link brightplumb.core.pattern.Piece} with its edges, darts
 * and marks, and the {@link brightplumb.core.pattern.Join}s between them. It knows lines, and nothing of how they came
 * to be. Whatever speaks of two edges reads the join; nowhere is a partner worked out a second time.
 *
 * <p>What a garment is: a {@code Piece} with its {@code Edge}s (a role, a line, how it ends), darts, folds and placed
 * lines, on one layer of cloth; and the {@code Join}s, each of layers that lie on each other, each layer a {@code Run}
 * of stretches of edges. Whatever speaks of two edges reads the join: seams that are walked, what a seam pairs with,
 * notches ({@code Notches}, at equal lengths along every layer). {@code OnBody} says where a piece's cloth lies, so
 * that what was cut apart or opened is checked as it is worn. {@code Surgery}, {@code Strip} and {@code Folding} are
 * the moves that operations are made of, each tried against a geometry library.
 */
package brightplumb.core.pattern;
