/** What changes a panel's shape: taper and flare, length, darts moved or given to the side. */
package brightplumb.core.style.shape;
