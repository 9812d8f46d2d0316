package brightplumb.core.table;

import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.Evidence.Figure;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One step of the making. How wide its seams are sewn is no part of it: that follows from the allowances of the edges
 * it sews.
 *
 * @param id its name: what is ticked as done
 * @param title its name at the bench
 * @param work what kind of work it is
 * @param pieces the pieces in hand, beyond those its seams are on
 * @param seams the joins it sews, by their seams
 * @param turned how far in its seams are sewn before they are turned, mm, so that what is sewn on the same edge later
 *     finds it that much narrower; 0 where they are sewn at their allowance
 * @param stitch which stitch; empty where none is asked
 * @param how what is done, a sentence or two each, amounts in inches as the bench says them
 * @param looks what to measure before or after, and what it should be
 * @param shows lines in hand beyond the seams, each on its piece
 * @param notions what it takes, by what they are
 * @param after the steps that must be done before it; one that this garment has not asks nothing
 * @param afterSeams the seams that must be sewn before it, whichever step sews them
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record MakingStep(
        StepId id,
        String title,
        Work work,
        Set<PieceId> pieces,
        List<Seam> seams,
        double turned,
        String stitch,
        List<Sentence> how,
        List<Figure> looks,
        List<Shown> shows,
        Set<Supply> notions,
        Set<StepId> after,
        Set<Seam> afterSeams) {

    /** A line in hand on a piece. */
    public record Shown(PieceId piece, List<Segment> run) {
        public Shown {
            run = List.copyOf(run);
        }
    }

    public MakingStep {
        pieces = Collections.unmodifiableSet(new LinkedHashSet<>(pieces));
        seams = List.copyOf(seams);
        how = List.copyOf(how);
        looks = List.copyOf(looks);
        shows = List.copyOf(shows);
        notions = Set.copyOf(notions);
        after = Set.copyOf(after);
        afterSeams = Set.copyOf(afterSeams);
    }

    /** A step with what is done at it. */
    public static MakingStep of(StepId id, String title, Work work, String... how) {
        return new MakingStep(
                id,
                title,
                work,
                Set.of(),
                List.of(),
                0,
                "",
                Stream.of(how).map(Sentence::of).toList(),
                List.of(),
                List.of(),
                Set.of(),
                Set.of(),
                Set.of());
    }

    /** A step that sews one seam, under its name. */
    public static MakingStep of(Seam seam, String title, Work work, String... how) {
        return of(StepId.of(seam), title, work, how).sewing(seam);
    }

    /**
     * The work it does, by names that stay when another habit does some of it in one pass: its seams, or itself where
     * it sews none.
     */
    public List<String> does() {
        return seams.isEmpty() ? List.of(id.id()) : seams.stream().map(Seam::id).toList();
    }

    /** The same step with pieces in hand. */
    public MakingStep on(Stream<PieceId> more) {
        Set<PieceId> all = new LinkedHashSet<>(pieces);
        more.forEach(all::add);
        return MakingStepBuilder.builder(this).pieces(all).build();
    }

    /** The same step sewing seams. */
    public MakingStep sewing(List<Seam> more) {
        return MakingStepBuilder.builder(this).seams(joined(seams, more)).build();
    }

    /** The same step sewing seams. */
    public MakingStep sewing(Seam... more) {
        return sewing(List.of(more));
    }

    /** The same step, its seams sewn so far in and turned, mm. */
    public MakingStep turned(double in) {
        return MakingStepBuilder.builder(this).turned(in).build();
    }

    /** The same step with a stitch of its own. */
    public MakingStep with(String otherStitch) {
        return MakingStepBuilder.builder(this).stitch(otherStitch).build();
    }

    /** The same step with more to say. */
    public MakingStep saying(List<String> more) {
        return MakingStepBuilder.builder(this)
                .how(joined(how, more.stream().map(Sentence::of).toList()))
                .build();
    }

    /** The same step, its seam sewn around what lies in it. */
    public MakingStep around(InSeam what) {
        return MakingStepBuilder.builder(this)
                .how(joined(how, List.of(what.how())))
                .seams(joined(seams, what.inOnePass()))
                .after(together(after, what.first()))
                .build();
    }

    /** The same step with something to measure. */
    public MakingStep looking(List<Figure> more) {
        return MakingStepBuilder.builder(this).looks(joined(looks, more)).build();
    }

    /** The same step with lines in hand. */
    public MakingStep showing(List<Shown> more) {
        return MakingStepBuilder.builder(this).shows(joined(shows, more)).build();
    }

    /** The same step with notions it takes. */
    public MakingStep taking(Supply... more) {
        return MakingStepBuilder.builder(this)
                .notions(together(notions, List.of(more)))
                .build();
    }

    /** The same step after others. */
    public MakingStep after(StepId... more) {
        return MakingStepBuilder.builder(this)
                .after(together(after, List.of(more)))
                .build();
    }

    /** The same step after seams, whichever steps sew them. */
    public MakingStep after(Seam... more) {
        return after(List.of(more));
    }

    /** The same step after seams, whichever steps sew them. */
    public MakingStep after(Collection<Seam> more) {
        return MakingStepBuilder.builder(this)
                .afterSeams(together(afterSeams, more))
                .build();
    }

    /** Whether it waits for another step, or for a seam that the other sews. */
    public boolean waitsFor(MakingStep other) {
        return after.contains(other.id)
                || other.seams.stream().anyMatch(seam -> afterSeams.contains(seam) && !seams.contains(seam));
    }

    private static <T> List<T> joined(List<T> one, List<T> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private static <T> Set<T> together(Set<T> one, Collection<T> more) {
        Set<T> all = new LinkedHashSet<>(one);
        all.addAll(more);
        return all;
    }
}
