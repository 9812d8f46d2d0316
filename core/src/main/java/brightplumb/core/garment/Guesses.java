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
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

    /** How far a guess is moved, as a share of it. */
    private static final double MOVED = 0.04;

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
        List<Estimate> all = Body.of(drafted.request().sheet()).estimates();
        if (all.isEmpty()) {
            return NONE;
        }
        Map<Fact, Set<Measure>> steps = new HashMap<>();
        Map<CheckId, Set<Measure>> checks = new HashMap<>();
        Values was = Values.of(drafted.draft(), drafted.checks());
        Map<Boolean, List<Estimate>> byAsked = all.stream()
                .collect(Collectors.partitioningBy(
                        g -> drafted.request().cut().measures().contains(g.measure())));
        List<Estimate> guesses = new ArrayList<>(byAsked.get(true));
        guesses.addAll(read(drafted, byAsked.get(false), was));
        // Each is drafted by itself; together they run in parallel, one a core.
        List<Rests> rests = guesses.parallelStream()
                .map(guess -> Rests.on(drafted, List.of(guess), was))
                .toList();
        for (int i = 0; i < guesses.size(); i++) {
            Measure guess = guesses.get(i).measure();
            rests.get(i).steps().forEach(id -> add(steps, id, guess));
            rests.get(i).checks().forEach(id -> add(checks, id, guess));
        }
        return new Guesses(steps, checks);
    }

    /**
     * Of the guesses that a cut does not ask for most are never read: moved together they change nothing, and what
     * hangs on each need not be looked for.
     */
    private static List<Estimate> read(Drafted drafted, List<Estimate> group, Values was) {
        if (group.size() < 2) {
            return group;
        }
        Optional<Rests> together = Rests.moved(drafted, group, MOVED, was);
        if (together.filter(Rests::nothing).isPresent()) {
            return List.of();
        }
        int half = group.size() / 2;
        return Stream.of(group.subList(0, half), group.subList(half, group.size()))
                .parallel()
                .flatMap(part -> read(drafted, part, was).stream())
                .toList();
    }

    /** What a draft comes to, step by step and check by check. */
    private record Values(Map<Fact, List<Double>> steps, Map<CheckId, List<Double>> checks) {
        static Values of(Draft draft, List<Check> checks) {
            return new Values(values(draft), verdicts(checks));
        }
    }

    /** What rests on one guess. */
    private record Rests(Set<Fact> steps, Set<CheckId> checks) {

        Rests {
            steps = Set.copyOf(steps);
            checks = Set.copyOf(checks);
        }

        /**
         * Moved up and down. Most guesses of a draft change nothing upward; on such a one nothing hangs downward. Where
         * it cannot be drafted so far off, it is moved a little; where not even that, everything rests on it.
         */
        static Rests on(Drafted drafted, List<Estimate> guess, Values was) {
            Optional<Rests> up = moved(drafted, guess, MOVED, was);
            if (up.filter(Rests::nothing).isPresent()) {
                return up.get();
            }
            Optional<Rests> down = moved(drafted, guess, -MOVED, was);
            if (up.isPresent() && down.isPresent()) {
                return up.get().and(down.get());
            }
            return up.or(() -> down)
                    .or(() -> moved(drafted, guess, MOVED_LEAST, was))
                    .orElseGet(
                            () -> new Rests(was.steps().keySet(), was.checks().keySet()));
        }

        boolean nothing() {
            return steps.isEmpty() && checks.isEmpty();
        }

        private Rests and(Rests other) {
            Set<Fact> bothSteps = new HashSet<>(steps);
            bothSteps.addAll(other.steps);
            Set<CheckId> bothChecks = new HashSet<>(checks);
            bothChecks.addAll(other.checks);
            return new Rests(bothSteps, bothChecks);
        }

        static Optional<Rests> moved(Drafted drafted, List<Estimate> guesses, double share, Values was) {
            try {
                Drafting.InspectedDraft looked = Drafting.inspected(
                        drafted.request().on(Guesses.moved(drafted.request().sheet(), guesses, share)));
                Values now = Values.of(looked.draft(), looked.checks());
                return Optional.of(new Rests(changed(was.steps(), now.steps()), changed(was.checks(), now.checks())));
            } catch (Refusal atTheEdge) {
                return Optional.empty();
            }
        }
    }

    /** The guesses a step rests on, in tape order. */
    public List<Measure> ofStep(Fact step) {
        return List.copyOf(new TreeSet<>(steps.getOrDefault(step, Set.of())));
    }

    /** The guesses a verdict rests on, in tape order. */
    public List<Measure> ofCheck(CheckId id) {
        return List.copyOf(new TreeSet<>(checks.getOrDefault(id, Set.of())));
    }

    /** The sheet with guesses moved; they stay guesses. */
    private static Sheet moved(Sheet sheet, List<Estimate> guesses, double share) {
        Map<Measure, Reading> readings = new EnumMap<>(Measure.class);
        readings.putAll(sheet.readings());
        for (Estimate guess : guesses) {
            Reading was = readings.get(guess.measure());
            readings.put(
                    guess.measure(),
                    new Reading(
                            Length.mm(guess.amount().value() * (1 + share)),
                            was == null ? Provenance.ESTIMATED : was.provenance()));
        }
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

    private static <K> Set<K> changed(Map<K, List<Double>> before, Map<K, List<Double>> after) {
        return before.entrySet().stream()
                .filter(e -> differ(e.getValue(), after.get(e.getKey())))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
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
