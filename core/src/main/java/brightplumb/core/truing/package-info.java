/**
 * Truing: what a cutter inspects before she cuts. Each check measures the finished draft, not the arithmetic behind it,
 * and gives a verdict with a cause in plain words and, where there is one, a remedy. Start at
 * {@link brightplumb.core.truing.SkirtChecks}.
 *
 * <p>Inspections that measure the finished pieces, not the arithmetic behind them. Remedies are settings, and a test
 * applies every one; on legs they are found by drawing again on the {@code DraftingTable}, when somebody asks.
 * {@code Mending} (in garment) tries each one on the whole garment and keeps what makes its own line true and no other
 * worse.
 */
package brightplumb.core.truing;
