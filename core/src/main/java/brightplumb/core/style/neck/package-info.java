/** What stands at the neck, and what is opened at the end of a sleeve. */
package brightplumb.core.style.neck;
