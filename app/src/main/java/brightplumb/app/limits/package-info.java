/**
 * How much costly work is done at once, for one account and in all, so that nobody who asks for much keeps others
 * waiting. Start at {@link brightplumb.app.limits.WorkLimits}.
 *
 * <p>Costly work has room by kind ({@code limits}). {@code Work} says for each kind how much is done at once in all and
 * how long a request waits for room; one account does one quick, one short and one long piece of work at a time. Past
 * that the answer is 429 with how long it is expected to take. The room is given back when the answer's last byte is
 * out. Parallel drafts have a pool for each kind ({@code WorkPools}). A lay has a fixed budget of work ({@code Lays}),
 * and its search is given up between two tries when whoever asked has gone ({@code ClientPresence}, {@code Wanted}):
 * that only ends it, and never changes a lay.
 */
package brightplumb.app.limits;
