/** Peplums: rings of cloth that fall from an edge. */
package brightplumb.core.style.peplum;
