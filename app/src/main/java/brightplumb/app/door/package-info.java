/**
 * What stands before everything else, the session included: which names are answered, how much is taken in and how long
 * it may take, and what is said when the database is away. Start at {@link brightplumb.app.door.RequestBodyFilter}.
 *
 * <p>Before a page is reached a request passes the {@code door}. Only names this copy was started for are answered
 * ({@code AllowedHostsFilter}). One address has so many connections, and the head of a request so long to come in
 * ({@code GuardedConnections}). A body is taken in whole, a megabyte at most, within ten seconds and without a thread
 * waiting for it, whatever type it says it is ({@code RequestBodyFilter}). An answer is sent as its reader takes it,
 * without a thread waiting either, and is cut after half a minute ({@code ResponseBodyFilter}); one over two megabytes
 * is written straight through. Where the database is away, sessions and all, the answer is a problem that says so
 * ({@code DatabaseAway}), and so is what the server itself refuses ({@code ProblemReportValve}). A proxy's word for
 * where a request comes from is taken only from the addresses in {@code PLUMB_PROXIES} ({@code TomcatRules}). Static
 * pages need neither session nor database.
 */
package brightplumb.app.door;
