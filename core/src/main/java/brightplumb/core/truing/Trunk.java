package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.block.suit.SuitFacts;
import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether what passes between the legs is long enough from the shoulder round to the shoulder to sit in: straight down in front and up behind,
 * less the lap, against the tape round the trunk. Common practice, no source.
 */
final class Trunk {

    private static final double TOLERANCE = Length.INCH / 2;

    /** Cloth that does not give needs so much more than the tape, mm, and bears so much. */
    private static final double WOVEN_LEAST = Length.INCH;

    private static final double WOVEN_MOST = 4 * Length.INCH;

    private Trunk() {}

    static Check of(Inspected on) {
        Loop loop = Loop.of(on);
        if (loop.body().isEmpty()) {
            return new Check(
                    "trunk.length",
                    "Trunk loop",
                    Verdict.NOT_TAKEN,
                    Quantity.MM,
                    loop.drawn(),
                    loop.drawn(),
                    TOLERANCE,
                    "Nobody can say: the trunk was not taken. Take it from the shoulder down the front, between the legs and up the back to the same shoulder.",
                    "",
                    List.of(),
                    loop);
        }
        double short_ = loop.least() - loop.drawn();
        double long_ = loop.drawn() - loop.most();
        Verdict verdict = short_ > TOLERANCE ? Verdict.OFF : long_ > TOLERANCE ? Verdict.WATCH : Verdict.TRUE;
        double wanted = short_ > 0 ? loop.least() : long_ > 0 ? loop.most() : loop.drawn();
        return new Check(
                "trunk.length",
                "Trunk loop",
                verdict,
                Quantity.MM,
                loop.drawn(),
                wanted,
                TOLERANCE,
                switch (verdict) {
                    case TRUE -> "From shoulder round to shoulder it is as long as sitting asks.";
                    case WATCH ->
                        "From shoulder round to shoulder it is longer than the body: it will hang between the legs.";
                    default -> "From shoulder round to shoulder it is too short to sit in.";
                },
                switch (verdict) {
                    case TRUE -> "";
                    case WATCH -> "The crotch lies deeper than the tape round the trunk asks.";
                    default ->
                        "The crotch lies higher than the tape round the trunk asks; it will cut in, or drag at the shoulders.";
                },
                verdict == Verdict.TRUE ? List.of() : deepened(on, wanted - loop.drawn()),
                loop);
    }

    private static List<Remedy> deepened(Inspected on, double by) {
        double now = on.draft().fact(SuitFacts.CROTCH_LINE).value();
        double then = Math.round((now + by / 2) * 10) / 10.0;
        return then < CrotchSettings.CROTCH_DEPTH.least() || then > CrotchSettings.CROTCH_DEPTH.most()
                ? List.of()
                : List.of(new Remedy(
                        by > 0 ? "Deepen the crotch" : "Raise the crotch",
                        Map.of(CrotchSettings.CROTCH_DEPTH.key(), then)));
    }

    /**
     * The loop.
     *
     * @param front straight down the front, mm
     * @param back straight up the back, mm
     * @param lap what lies double, mm
     * @param body the tape round the trunk, where it was taken, mm
     * @param least the shortest that can be sat in, mm
     * @param most the longest that does not hang, mm
     */
    record Loop(double front, double back, double lap, Optional<Double> body, double least, double most)
            implements Evidence {

        static Loop of(Inspected on) {
            double top = -on.draft().level("shoulder").orElseThrow();
            double front =
                    top + on.draft().fact(SuitFacts.CROTCH_END.of("front")).value();
            double back = top + on.draft().fact(SuitFacts.CROTCH_END.of("back")).value();
            Optional<Double> body = on.body().find(Measure.VERTICAL_TRUNK).map(a -> a.value());
            double loop = body.orElse(0.0);
            boolean gives = on.set().cloth().stretches();
            // Cut smaller, or sewn inside the line: what holds the girth may hold the trunk as much.
            double smaller = gives
                    ? Math.max(
                            on.set().amount(HipSettings.NEGATIVE_EASE).value(),
                            on.sewnIn() / on.body().hip().value())
                    : 0;
            double lap = on.set().knows(SuitSettings.CROTCH_LAP)
                    ? on.set().amount(SuitSettings.CROTCH_LAP).value()
                    : 0;
            return new Loop(
                    front,
                    back,
                    lap,
                    body,
                    gives ? loop * (1 - smaller) : loop + WOVEN_LEAST,
                    gives ? loop : loop + WOVEN_MOST);
        }

        double drawn() {
            return front + back - lap;
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures =
                    new ArrayList<>(List.of(Figure.mm("down the front", front), Figure.mm("up the back", back)));
            if (lap > 0) {
                figures.add(Figure.mm("less the lap", lap));
            }
            figures.add(Figure.together("round", drawn()));
            body.ifPresent(mm -> {
                figures.add(Figure.mm("her trunk", mm));
                figures.add(Figure.mm("from", least));
                figures.add(Figure.mm("to", most));
            });
            return figures;
        }

        /** Front and back in one line, the body's tape and what it may be beneath. */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table()
                    .draw(FRONT, Point.of(0, 0), Point.of(front, 0))
                    .say(FRONT, Point.of(front / 2, -24), "front", Quantity.MM, front)
                    .draw(BACK, Point.of(front, 0), Point.of(front + back - lap, 0))
                    .say(BACK, Point.of(front + (back - lap) / 2, -24), "back, less the lap", Quantity.MM, back - lap);
            for (double x : new double[] {0, front, drawn()}) {
                table.draw(PENCIL, Point.of(x, -14), Point.of(x, 44));
            }
            body.ifPresent(mm -> {
                table.fill(
                                BODY,
                                Exhibit.outline(Point.of(0, 60), Point.of(mm, 60), Point.of(mm, 130), Point.of(0, 130)))
                        .say(PLAIN, Point.of(mm / 2, 100), "her trunk", Quantity.MM, mm);
                table.draw(PENCIL, Point.of(least, 40), Point.of(least, 150))
                        .say(PENCIL, Point.of(least, 180), "from", Quantity.MM, least);
                table.draw(PENCIL, Point.of(most, 40), Point.of(most, 150))
                        .say(PENCIL, Point.of(most, 220), "to", Quantity.MM, most);
                if (drawn() < least - TOLERANCE) {
                    table.draw(FAULT, Point.of(drawn(), 24), Point.of(least, 24))
                            .say(FAULT, Point.of((drawn() + least) / 2, 16), "short", Quantity.MM, least - drawn());
                }
            });
            return table.done();
        }
    }
}
