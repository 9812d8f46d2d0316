/** The order of making: steps from joins, darts, folds and operations, sorted by what must come first and by a habit. */
package brightplumb.core.making;
