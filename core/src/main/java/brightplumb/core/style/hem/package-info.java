/** What ends a leg: the turn-up. */
package brightplumb.core.style.hem;
