/** The skirt block, from the top of the body to the hem. Start at {@link brightplumb.core.block.skirt.SkirtBlock}. */
package brightplumb.core.block.skirt;
