package brightplumb.core.garment;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Provenance;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Estimate;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.working.Fact;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What rests on which guess. Whether an amount was worked out, solved or measured off the drawing, it rests on a guess
 * if it comes out otherwise when that guess does: so each guess is moved up and down by as much as one is commonly out,
 * the garment drafted again, and what has changed is told. A small step alone would miss what is bounded: a rise that
 * stands at its limit moves with a tape that was four in the hundred out, and not before.
 *
 * @param steps the guesses that steps rest on, by what the steps work out; one that rests on none is missing
 * @param checks the guesses that verdicts rest on, likewise
 */
public record Guesses(Map<Fact, Set<Measure>> steps, Map<CheckId, Set<Measure>> checks) {

    /** Nothing was looked for, or nothing is guessed. */
    public static final Guesses NONE = new Guesses(Map.of(), Map.of());

    /** How far a guess is moved, as shares of it. */
    private static final double[] MOVED = {0.04, -0.04};

    /** How far where the garment cannot be drafted so: a share of it. */
    private static final double MOVED_LEAST = 0.004;

    /** What changes by less than this has not changed, mm or a share. */
    private static final double SAME = 1e-6;

    public Guesses {
        steps = Map.copyOf(steps);
        checks = Map.copyOf(checks);
    }

    /** What rests on the guesses of a draft. */
    public static Guesses of(Drafted drafted) {
        List<Estimate> guesses = Body.of(drafted.request().sheet()).estimates();
        if (guesses.isEmpty()) {
            return NONE;
        }
        Map<Fact, Set<Measure>> steps = new HashMap<>();
        Map<CheckId, Set<Measure>> checks = new HashMap<>();
        Map<Fact, List<Double>> values = values(drafted.draft());
        Map<CheckId, List<Double>> verdicts = verdicts(drafted.checks());
        // Each is drafted by itself; together they run in parallel, one a core.
        List<List<Drafting.InspectedDraft>> moved =
                guesses.parallelStream().map(guess -> moved(drafted, guess)).toList();
        for (int i = 0; i < guesses.size(); i++) {
            Measure guess = guesses.get(i).measure();
            if (moved.get(i).isEmpty()) {
                // A body so near to what can be drawn that the guess decides it: everything rests on it.
                values.keySet().forEach(id -> add(steps, id, guess));
                verdicts.keySet().forEach(id -> add(checks, id, guess));
            }
            for (Drafting.InspectedDraft looked : moved.get(i)) {
                changed(values, values(looked.draft())).forEach(id -> add(steps, id, guess));
                changed(verdicts, verdicts(looked.checks())).forEach(id -> add(checks, id, guess));
            }
        }
        return new Guesses(steps, checks);
    }

    /** The guesses a step rests on, in tape order. */
    public List<Measure> ofStep(Fact step) {
        return List.copyOf(new TreeSet<>(steps.getOrDefault(step, Set.of())));
    }

    /** The guesses a verdict rests on, in tape order. */
    public List<Measure> ofCheck(CheckId id) {
        return List.copyOf(new TreeSet<>(checks.getOrDefault(id, Set.of())));
    }

    /** The garment with a guess moved up and down; none where it cannot be drafted even a little off. */
    private static List<Drafting.InspectedDraft> moved(Drafted drafted, Estimate guess) {
        List<Drafting.InspectedDraft> far = Arrays.stream(MOVED)
                .mapToObj(share -> moved(drafted, guess, share))
                .flatMap(Optional::stream)
                .toList();
        return far.isEmpty() ? moved(drafted, guess, MOVED_LEAST).stream().toList() : far;
    }

    private static Optional<Drafting.InspectedDraft> moved(Drafted drafted, Estimate guess, double share) {
        try {
            return Optional.of(Drafting.inspected(
                    drafted.request().on(moved(drafted.request().sheet(), guess, share))));
        } catch (Refusal atTheEdge) {
            return Optional.empty();
        }
    }

    /** The sheet with a guess moved; it stays a guess. */
    private static Sheet moved(Sheet sheet, Estimate guess, double share) {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        readings.putAll(sheet.readings());
        Reading was = readings.get(guess.measure());
        readings.put(
                guess.measure(),
                new Reading(
                        Length.mm(guess.amount().value() * (1 + share)),
                        was == null ? Provenance.ESTIMATED : was.provenance()));
        return new Sheet(readings);
    }

    private static <K> void add(Map<K, Set<Measure>> rests, K id, Measure guess) {
        rests.computeIfAbsent(id, i -> new TreeSet<>()).add(guess);
    }

    private static Map<Fact, List<Double>> values(Draft draft) {
        return draft.steps().stream()
                .collect(Collectors.toMap(
                        Step::fact, s -> List.of(s.amount().value()), (a, b) -> b, LinkedHashMap::new));
    }

    private static Map<CheckId, List<Double>> verdicts(List<Check> checks) {
        return checks.stream()
                .collect(Collectors.toMap(
                        Check::id,
                        c -> List.of(
                                c.measured(), c.wanted(), (double) c.verdict().ordinal()),
                        (a, b) -> b,
                        LinkedHashMap::new));
    }

    private static <K> List<K> changed(Map<K, List<Double>> before, Map<K, List<Double>> after) {
        return before.entrySet().stream()
                .filter(e -> differ(e.getValue(), after.get(e.getKey())))
                .map(Map.Entry::getKey)
                .toList();
    }

    private static boolean differ(List<Double> one, List<Double> other) {
        if (other == null) {
            return true;
        }
        for (int i = 0; i < one.size(); i++) {
            if (Math.abs(one.get(i) - other.get(i)) > SAME) {
                return true;
            }
        }
        return false;
    }
}
