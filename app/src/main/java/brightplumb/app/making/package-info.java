/**
 * The making of a ticket: its order, what is done, and the time it took.
 *
 * <p>What is ticked of a ticket's making is kept by the work it does (its seams), not by the step's place in the order,
 * so that it stays ticked when another habit does two seams in one pass.
 */
package brightplumb.app.making;
