/** Edges that are bound, and the strip on which a garment is fastened between the legs. */
package brightplumb.core.style.binding;
