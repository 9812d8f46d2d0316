package brightplumb.core.block.leg;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.paper.Level;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A pair whose two sides may differ. Where left and right of a measure lie more than a quarter inch apart, each side is
 * drafted from its own reading, both in one draft; nearer than that one outline serves both, from the middle.
 */
final class LeftAndRight {

    /** How far left and right may differ and still be cut as a pair, mm. Our own choice. */
    private static final double ALIKE = Length.INCH / 4;

    private LeftAndRight() {}

    /**
     * The draft of a pair.
     *
     * @param side drafts one side, or both at once, on the table it is given
     */
    static Draft drafted(Table table, Function<Table, Draft> side) {
        Optional<Measure> differs = uneven(table);
        return differs.isEmpty()
                ? side.apply(table)
                : joined(table, side.apply(table.on(Hand.LEFT)), side.apply(table.on(Hand.RIGHT)), differs.get());
    }

    /** The first measure in which the two sides differ too much for a pair, if there is one. */
    private static Optional<Measure> uneven(Table table) {
        return table.measures().stream()
                .filter(Measure::sided)
                .filter(m -> table.sheet()
                        .reading(m)
                        .filter(r -> r.second() != null && Math.abs(r.apart()) > ALIKE + 1e-9)
                        .isPresent())
                .findFirst();
    }

    /** Both sides as one draft: the left's working, and of the right's what differs. */
    private static Draft joined(Table table, Draft left, Draft right, Measure differs) {
        List<Step> steps = new ArrayList<>(
                left.steps().stream().map(s -> onSheets(s, Hand.LEFT)).toList());
        Map<Fact, Amount> facts = new LinkedHashMap<>(left.facts());
        for (Step step : right.steps()) {
            Amount amount = step.amount();
            Amount other = amount.fact() == null ? null : facts.get(amount.fact());
            if (other != null && Math.abs(other.value() - amount.value()) > Tolerance.SHOWN) {
                Amount ofRight =
                        amount.as(amount.fact().of(Hand.RIGHT), step.title().toLowerCase(Locale.ROOT) + ", right");
                steps.add(new Step(
                        step.fact().of(Hand.RIGHT),
                        "Right leg: " + step.title(),
                        ofRight,
                        step.why(),
                        onSheets(step, Hand.RIGHT).drawn()));
                facts.put(ofRight.fact(), ofRight);
            }
        }
        List<Notice> notices = new ArrayList<>();
        notices.add(said(table, differs));
        notices.addAll(left.notices());
        Pattern pattern = new Pattern(
                both(left.pieces().stream(), right.pieces().stream()),
                both(left.joins().stream(), right.joins().stream()));
        List<Level> levels = both(
                left.levels().stream().map(l -> l.on(Hand.LEFT)),
                right.levels().stream().map(l -> l.on(Hand.RIGHT)));
        return new Draft(pattern, steps, facts, levels, notices);
    }

    private static <T> List<T> both(Stream<T> left, Stream<T> right) {
        return Stream.concat(left, right).toList();
    }

    /** A step whose lines lie on the sheets of one side's pieces. */
    private static Step onSheets(Step step, Hand hand) {
        return new Step(
                step.fact(),
                step.title(),
                step.amount(),
                step.why(),
                step.drawn().stream()
                        .map(d -> new Drawn(d.sheet() + "-" + hand.id(), d.role(), d.run(), d.label()))
                        .toList());
    }

    private static Notice said(Table table, Measure differs) {
        double apart = Math.abs(table.sheet().reading(differs).orElseThrow().apart());
        return Notice.of(
                "left-and-right",
                differs.title() + " differs by " + TapeWriter.eighths(Length.mm(apart)) + " in (" + Math.round(apart)
                        + " mm) from left to right, so each leg is drafted from its own side of the tape: four "
                        + "pieces, marked left and right; turn the right ones over before cutting. The centre "
                        + "seams are alike. The paper shows the left.");
    }
}
