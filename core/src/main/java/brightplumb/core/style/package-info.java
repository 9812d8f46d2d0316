/**
 * What is done to a block to make a garment of it: a package for each subject, a file for each operation. Each reads as
 * the bench's own steps, over the moves of {@link brightplumb.core.pattern.Surgery}. Start at
 * {@link brightplumb.core.style.band.StraightBand}.
 *
 * <p>The operations on a block: {@code band} (straight, flat, shaped and faced, facing), {@code drawn} (casing,
 * elastic, cord, belt), {@code fold} (kick, box), {@code hem} (turn-up, lace), {@code binding} (bias strips, the strip
 * that studs are set in), {@code neck} (funnel, thumb opening), {@code collar} (flat), {@code sweep}
 * ({@code SlashAndSpread}: a panel cut plumb to the bust point, its dart closed), {@code peplum} (a ring on a top
 * edge), {@code drape} (whether cloth falls as what hangs from it asks), {@code lining} (panels, bodices),
 * {@code opening} (zip, fly, false fly, slit), {@code pocket} (patch, scoop, in the seam), {@code shape} (taper,
 * length, darts moved or given to the side). Each adds its own pieces, joins, steps, making and notions, asks the block
 * for what it needs otherwise ({@code asks}), adds to what it was asked ({@code adds}), and says what holds when a hand
 * takes it off ({@code off}). A pocket cuts its corner out of the front and hands what was sewn there over to the piece
 * beneath ({@code SeamTransfer}); {@code OnBody.Sewn} keeps the shape it has when it is worn.
 */
package brightplumb.core.style;
