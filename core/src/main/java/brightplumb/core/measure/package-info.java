/**
 * What the tape says. Lengths, the units they are typed in, the measures of a body, a sheet of readings with where each
 * came from, and what makes a reading doubtful or impossible. Knows nothing of drafting. Start at
 * {@link brightplumb.core.measure.Measure} and {@link brightplumb.core.measure.TapeReader}.
 *
 * <p>Lengths, the reader and writer of the tape, a sheet of readings, what is doubtful or impossible.
 */
package brightplumb.core.measure;
