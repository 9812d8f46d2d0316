/**
 * The catalogue. A cut is a short recipe: its parts, what is done to them, what it needs measured, and its own amounts.
 * {@link brightplumb.core.garment.Drafting} is the front door of the core: a request goes in, a whole drafted garment
 * comes out.
 *
 * <p>The catalogue and the front door. A {@code Cut} is parts (a block with its ways, checks and remarks), operations,
 * and amounts of its own; {@code Garment} is a cut with what a hand added to it or took off. {@code Guesses} tells what
 * rests on which guess: it moves each a little, drafts again, and sees what changed, so that what was solved or
 * measured off the drawing is marked too. {@code Rivals} drafts each step's other ways and habits; {@code CutCloth}
 * what a correction finds in cloth that is cut; {@code Lays} lays garments on one cloth and what would save some,
 * {@code Longest} asks the other way round. Nothing asks which part it has before it. No outline leaves the door open
 * or crossed: what cannot be drawn soundly is refused at its field.
 */
package brightplumb.core.garment;
