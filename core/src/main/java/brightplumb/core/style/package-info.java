/**
 * What is done to a block to make a garment of it, one package a subject and one file an operation. Each reads as the bench's own steps, over
 * the moves of {@link brightplumb.core.pattern.Surgery}. Start at {@link brightplumb.core.style.band.StraightBand}.
 */
package brightplumb.core.style;
