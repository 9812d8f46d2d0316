/** Pockets. */
package brightplumb.core.style.pocket;
