/** Linings. */
package brightplumb.core.style.lining;
