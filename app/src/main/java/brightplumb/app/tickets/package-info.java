/**
 * Tickets: one garment for one person, with an optimistic version and frozen revisions.
 *
 * <p>PostgreSQL, migrated by Flyway; the application's role owns its database and nothing else. Sheets and revisions
 * are only ever added. Tickets and people have an optimistic version, a sheet says which one it comes after; a stale
 * one is answered with 409 and what is there now. What is stored as JSON carries a format number, and {@code Stored}
 * steps older rows up when they are read; a corpus of rows of each format is in the tests. A revision keeps the whole
 * request, the pattern that was drawn ({@code DrawnPattern}) and a hash of its lines ({@code GeometryHash}), and prints
 * from that pattern. Listing revisions drafts nothing; whether one would come out otherwise today is found when
 * somebody looks at it, once for each engine. Nothing is drafted while a connection is held. Every row carries its
 * workroom and every query names it; a test tries every address with the other workroom's ids. Sessions live in the
 * database, so nodes keep nothing.
 */
package brightplumb.app.tickets;
