package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whether notches that are to meet lie at one length along both edges, from the same end. */
final class NotchesMeet {

    static final CheckId ID = new CheckId("notches.meet", "meet");

    private static final double TOLERANCE = 1;
    private static final double ON_THE_EDGE = 0.05;

    private NotchesMeet() {}

    static Check of(Inspected on) {
        Optional<Pair> worst = pairs(on.draft()).max(Comparator.comparingDouble(Pair::apart));
        double apart = worst.map(Pair::apart).orElse(0.0);
        boolean meet = apart <= TOLERANCE;
        return new Check(
                ID,
                "Notches",
                meet ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                apart,
                0,
                TOLERANCE,
                meet ? "Laid on each other, every notch falls on its fellow." : "A notch does not fall on its fellow.",
                meet
                        ? ""
                        : "Along the " + worst.orElseThrow().join().seam().id().replace('.', ' ')
                                + " the two edges were notched at different lengths.",
                List.of(),
                new Laid(worst.orElse(null)));
    }

    /** Two notches that are to meet. */
    private record Pair(Join join, List<Segment> one, List<Segment> other, double at, double atOther, String text) {
        double apart() {
            return Math.abs(at - atOther);
        }
    }

    /** A layer of a join with the notches on it, of whichever piece it runs along there. */
    private record Notched(List<Segment> line, List<Mark> marks) {

        static Notched of(Draft draft, Join join, int layer) {
            List<Segment> line = draft.layer(join, layer);
            return new Notched(
                    line,
                    join.layers().get(layer).stretches().stream()
                            .map(Stretch::piece)
                            .distinct()
                            .flatMap(p -> draft.piece(p).marks().stream())
                            .filter(m -> m.along() != null && Curves.near(line, m.at(), ON_THE_EDGE))
                            .toList());
        }
    }

    /** Every notch of the first layer of a join with its fellow on each other. */
    private static Stream<Pair> pairs(Draft draft) {
        return draft.joins().stream()
                .filter(j -> j.kind() == Join.Kind.SEWN && notched(draft, j))
                .flatMap(j -> {
                    Notched one = Notched.of(draft, j, 0);
                    return one.marks().isEmpty()
                            ? Stream.empty()
                            : IntStream.range(1, j.layers().size())
                                    .mapToObj(layer -> Notched.of(draft, j, layer))
                                    .flatMap(other -> one.marks().stream().flatMap(mark -> met(j, one, other, mark)));
                });
    }

    /** Whether the pieces of the first layer and of another are notched: where one has none, none can meet. */
    private static boolean notched(Draft draft, Join join) {
        return notched(draft, join.layers().get(0))
                && join.layers().subList(1, join.layers().size()).stream().anyMatch(layer -> notched(draft, layer));
    }

    private static boolean notched(Draft draft, Run layer) {
        for (Stretch s : layer.stretches()) {
            for (Mark mark : draft.piece(s.piece()).marks()) {
                if (mark.along() != null) {
                    return true;
                }
            }
        }
        return false;
    }

    private static Stream<Pair> met(Join join, Notched one, Notched other, Mark mark) {
        double at = Curves.nearest(one.line(), mark.at()).along();
        return other.marks().stream()
                .filter(m -> m.text().equals(mark.text()))
                .map(m -> new Pair(
                        join,
                        one.line(),
                        other.line(),
                        at,
                        Curves.nearest(other.line(), m.at()).along(),
                        mark.text()))
                .min(Comparator.comparingDouble(Pair::apart))
                .stream();
    }

    /** The two edges of the worst pair straightened out, one over the other; nothing where nothing is notched. */
    private record Laid(Pair worst) implements Evidence {

        @Override
        public List<Figure> figures() {
            return worst == null
                    ? List.of(Figure.mm("notches that should meet lie apart by", 0))
                    : List.of(
                            Figure.mm(worst.text() + ", along one edge", worst.at()),
                            Figure.mm(worst.text() + ", along the other", worst.atOther()),
                            Figure.together("apart", worst.apart()));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            if (worst == null) {
                return table.say(PENCIL, Point.of(0, 0), "no notches to lay on each other")
                        .done();
            }
            double one = Curves.length(worst.one());
            double other = Curves.length(worst.other());
            Exhibit.Ink ink = worst.apart() > TOLERANCE ? FAULT : PENCIL;
            return table.draw(FRONT, Point.of(0, 0), Point.of(one, 0))
                    .draw(BACK, Point.of(0, 60), Point.of(other, 60))
                    .draw(ink, Point.of(worst.at(), -24), Point.of(worst.at(), 24))
                    .draw(ink, Point.of(worst.atOther(), 36), Point.of(worst.atOther(), 84))
                    .say(PENCIL, Point.of(worst.at(), -40), worst.text())
                    .done();
        }
    }
}
