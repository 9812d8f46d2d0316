/**
 * The catalogue. A cut is a short recipe: its parts, what is done to them, what it needs measured, and its own amounts. {@link
 * brightplumb.core.garment.Drafting} is the front door of the core: a request goes in, a whole drafted garment comes out.
 */
package brightplumb.core.garment;
