/**
 * Truing: what a cutter inspects before she cuts. Each check measures the finished draft, not the arithmetic behind it, and gives a verdict
 * with a cause in plain words and, where there is one, a remedy. Start at {@link brightplumb.core.truing.SkirtChecks}.
 */
package brightplumb.core.truing;
