package brightplumb.core.table;

import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Seam;
import java.util.List;
import java.util.Set;

/**
 * What lies in a seam, so that it is not sewn from end to end: a pocket's mouth, the opening of a zip, a gap for the
 * thumb. The step that sews the seam says it.
 *
 * @param seam the seam it lies in
 * @param how how far the seam is sewn
 * @param inOnePass seams that are sewn in one go with it
 * @param first what must be done before the seam is sewn
 */
public record InSeam(Seam seam, Sentence how, List<Seam> inOnePass, Set<StepId> first) {

    public InSeam {
        inOnePass = List.copyOf(inOnePass);
        first = Set.copyOf(first);
    }

    /** One that asks nothing else, in a sentence of how far the seam is sewn. */
    public static InSeam of(Seam seam, String how) {
        return new InSeam(seam, Sentence.of(how), List.of(), Set.of());
    }
}
