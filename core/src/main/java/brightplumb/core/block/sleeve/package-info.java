/** The sleeve: its cap solved for the armhole that it is set into. */
package brightplumb.core.block.sleeve;
