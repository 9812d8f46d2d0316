/**
 * Pieces laid on cloth: which way each may lie, where it finds room among the others, and the shortest length of cloth that was found to hold
 * them all. Cloth coordinates: x along the selvedge from where the cloth begins, y across it from the fold, or from one selvedge; mm.
 */
package brightplumb.core.lay;
