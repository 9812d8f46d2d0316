/** Waistbands: what is sewn to the top. */
package brightplumb.core.style.band;
