package brightplumb.core.making;

import brightplumb.core.cutting.Allowance;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Caution;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The steps of a garment in the order they are done.
 *
 * @param sequence the habit they are sorted by
 * @param steps in order
 */
public record Planned(Sequence sequence, List<Step> steps) {

    /**
     * A step in its place.
     *
     * @param step what is done
     * @param widths how far from the raw edge its seams are sewn, mm, the least first; empty where none is sewn
     * @param letOut how much of the widest of them is kept to be let out later, mm
     * @param after the steps of this garment that must be done before it
     * @param cautions what to mind at it
     * @param draft what it is done to
     */
    public record Step(
            MakingStep step,
            List<Double> widths,
            double letOut,
            List<StepId> after,
            List<String> cautions,
            Draft draft) {

        /** The pieces in hand as they lie on the table. */
        public Exhibit exhibit() {
            return InHand.of(draft, step);
        }
    }

    /**
     * The order of making a draft.
     *
     * @param done its parts and what was done to them: each brings its steps and its cautions
     */
    public static Planned of(Draft draft, List<CutPiece> cut, Settings set, List<Operation> done, Sequence sequence) {
        List<MakingStep> brought = new ArrayList<>();
        List<Caution> minded = new ArrayList<>();
        for (Operation operation : done) {
            brought.addAll(operation.making(draft, set));
            minded.addAll(operation.cautions(draft, set));
        }
        List<InSeam> lying = done.stream()
                .flatMap(operation -> operation.inSeams(draft, set).stream())
                .toList();
        Set<Seam> sewn = Stream.concat(
                        brought.stream().flatMap(s -> s.seams().stream()),
                        lying.stream().flatMap(l -> l.inOnePass().stream()))
                .collect(Collectors.toSet());
        List<MakingStep> steps = new ArrayList<>(new FlatSteps(draft, cut, set.cloth(), sequence).all());
        steps.addAll(new SeamSteps(draft, set.cloth(), sequence, lying).all(sewn));
        brought.forEach(s -> steps.add(crossing(draft, s)));
        steps.replaceAll(s -> around(s, lying));
        Map<String, CutPiece> pieces =
                cut.stream().collect(Collectors.toMap(p -> p.piece().id().toString(), Function.identity()));
        List<Step> planned = new ArrayList<>();
        Map<String, Double> turned = new HashMap<>();
        for (MakingStep step : Order.of(steps, sequence)) {
            List<StepId> after =
                    steps.stream().filter(step::waitsFor).map(MakingStep::id).toList();
            planned.add(new Step(
                    step,
                    widths(step, draft, pieces, turned),
                    letOut(step, draft, pieces),
                    after,
                    cautions(step, minded),
                    draft));
            if (step.turned() > 0) {
                stretches(step, draft).forEach(s -> turned.merge(s.name(), step.turned(), Double::sum));
            }
        }
        return new Planned(sequence, List.copyOf(planned));
    }

    /**
     * A step after the seams that its own cross; those it sews itself, or that are sewn in one pass with others, wait
     * for no one.
     */
    private static MakingStep crossing(Draft draft, MakingStep step) {
        MakingStep after = step;
        for (Join join : draft.joins()) {
            if (step.seams().contains(join.seam())) {
                for (Seam seam : Prerequisites.of(draft.pattern(), join)) {
                    after = step.seams().contains(seam) ? after : after.after(seam);
                }
            }
        }
        return after;
    }

    /** A step sewn around what lies in its seams. */
    private static MakingStep around(MakingStep step, List<InSeam> lying) {
        MakingStep around = step;
        for (InSeam what : lying) {
            around = step.seams().contains(what.seam()) ? around.around(what) : around;
        }
        return around;
    }

    private static List<Double> widths(
            MakingStep step, Draft draft, Map<String, CutPiece> pieces, Map<String, Double> turned) {
        if (step.turned() > 0) {
            return List.of(step.turned());
        }
        Set<Double> widths = new TreeSet<>();
        stretches(step, draft)
                .forEach(s ->
                        widths.add(rounded(allowance(s, pieces).fromRawEdge() - turned.getOrDefault(s.name(), 0.0))));
        return List.copyOf(widths);
    }

    private static Stream<Stretch> stretches(MakingStep step, Draft draft) {
        return draft.joins().stream()
                .filter(j -> step.seams().contains(j.seam()) && j.kind() != Join.Kind.LAID)
                .flatMap(j -> j.layers().stream())
                .flatMap(r -> r.stretches().stream());
    }

    private static double letOut(MakingStep step, Draft draft, Map<String, CutPiece> pieces) {
        return step.turned() > 0
                ? 0
                : stretches(step, draft)
                        .mapToDouble(s -> allowance(s, pieces).letOut())
                        .max()
                        .orElse(0);
    }

    private static Allowance allowance(Stretch stretch, Map<String, CutPiece> pieces) {
        CutPiece piece = pieces.get(stretch.piece().toString());
        return piece.allowance(piece.piece().require(stretch.role(), stretch.nth()));
    }

    /** What the work asks one to mind, then the garment, then the notions at hand; each thing once. */
    private static List<String> cautions(MakingStep step, List<Caution> minded) {
        return Stream.of(
                        Stream.of(step.work().caution()),
                        minded.stream()
                                .filter(c -> c.at().contains(step.work()))
                                .map(Caution::text),
                        step.notions().stream().sorted().map(Supply::caution))
                .flatMap(cautions -> cautions)
                .filter(caution -> !caution.isEmpty())
                .distinct()
                .toList();
    }

    private static double rounded(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }
}
