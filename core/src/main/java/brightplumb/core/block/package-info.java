/**
 * Blocks: the basic shapes a garment starts from, drafted in the bench's own order, each an operation on what stands above it. Start at
 * {@link brightplumb.core.block.skirt.SkirtBlock}, which reads from the top of the body to the hem.
 */
package brightplumb.core.block;
