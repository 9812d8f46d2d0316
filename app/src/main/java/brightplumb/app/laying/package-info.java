/** Pieces on cloth: lays without a ticket, and a ticket's own, with what a hand kept of it. */
package brightplumb.app.laying;
