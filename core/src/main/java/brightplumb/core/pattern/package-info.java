/**
 * A garment as pieces that are sewn to each other: each {@link brightplumb.core.pattern.Piece} with its edges, darts and marks, and the
 * {@link brightplumb.core.pattern.Join}s between them. It knows lines, and nothing of how they came to be. Whatever speaks of two edges
 * reads the join; nowhere is a partner worked out a second time.
 */
package brightplumb.core.pattern;
