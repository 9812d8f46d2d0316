/** The making of a ticket: its order, what is done, and the time it took. */
package brightplumb.app.making;
