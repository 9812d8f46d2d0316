/** Folds laid in the cloth. */
package brightplumb.core.style.fold;
