/**
 * Blocks: the basic shapes a garment starts from, drafted in the bench's own order. A block takes a body and the settings in force and
 * returns a draft. Start at {@link brightplumb.core.block.SkirtBlock}, which reads from the top of the body to the hem.
 */
package brightplumb.core.block;
