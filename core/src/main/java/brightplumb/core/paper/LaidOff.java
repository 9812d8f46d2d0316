package brightplumb.core.paper;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Amounts laid off where they belong, each under the step that says it. A block works its amounts before it can draw
 * its lines; where an amount then lies is known once they are drawn.
 */
public final class LaidOff {

    /** What is shorter is not to be seen, mm. */
    private static final double LEAST = 0.5;

    private final Draft draft;
    private final Map<Fact, List<Drawn>> under = new HashMap<>();

    /** Begins with a draft whose lines are drawn. */
    public LaidOff(Draft draft) {
        this.draft = draft;
    }

    /** What a step comes to, mm; empty where it is not said. */
    public OptionalDouble said(Fact step) {
        return draft.steps().stream()
                .filter(s -> s.fact().equals(step))
                .map(Step::amount)
                .mapToDouble(Amount::value)
                .findFirst();
    }

    /** An amount from one place to another; nothing where the step is not said, or it has no length. */
    public LaidOff off(Fact step, String sheet, Point from, Point to) {
        return from.distance(to) < LEAST ? this : on(step, sheet, Drawn.Role.MEASURE, List.of(new Line(from, to)));
    }

    /** An amount across a level. */
    public LaidOff across(Fact step, String sheet, double y, double from, double to) {
        return off(step, sheet, Point.of(from, y), Point.of(to, y));
    }

    /** An amount down the paper. */
    public LaidOff down(Fact step, String sheet, double x, double from, double to) {
        return off(step, sheet, Point.of(x, from), Point.of(x, to));
    }

    /** An amount along an edge. */
    public LaidOff along(Fact step, String sheet, List<Segment> run) {
        return on(step, sheet, Drawn.Role.MEASURE, run);
    }

    /** An amount along a part of an edge, from so far along it to so far, mm. */
    public LaidOff along(Fact step, String sheet, List<Segment> run, double from, double to) {
        return to - from < LEAST ? this : along(step, sheet, Curves.part(run, from, to));
    }

    /** A help line. */
    public LaidOff helping(Fact step, String sheet, Point from, Point to) {
        return on(step, sheet, Drawn.Role.CONSTRUCTION, List.of(new Line(from, to)));
    }

    private LaidOff on(Fact step, String sheet, Drawn.Role role, List<? extends Segment> run) {
        under.computeIfAbsent(step, s -> new ArrayList<>()).add(new Drawn(sheet, role, List.copyOf(run), ""));
        return this;
    }

    /** The draft with each amount under its step; what a step laid off itself stays. */
    public Draft done() {
        return new Draft(
                draft.pattern(),
                draft.steps().stream().map(this::with).toList(),
                draft.facts(),
                draft.levels(),
                draft.notices());
    }

    private Step with(Step step) {
        List<Drawn> more = under.getOrDefault(step.fact(), List.of());
        boolean own = step.drawn().stream().anyMatch(d -> d.role() == Drawn.Role.MEASURE);
        return more.isEmpty() || own
                ? step
                : new Step(
                        step.fact(),
                        step.title(),
                        step.amount(),
                        step.why(),
                        Stream.concat(step.drawn().stream(), more.stream()).toList());
    }
}
