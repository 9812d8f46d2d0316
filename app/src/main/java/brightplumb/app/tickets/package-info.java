/** Tickets: one garment for one person, with an optimistic version and frozen revisions. */
package brightplumb.app.tickets;
