/**
 * The leg block: levels, fork, waist, and the solving of what no tape tells. Start at
 * {@link brightplumb.core.block.leg.LegBlock}.
 */
package brightplumb.core.block.leg;
