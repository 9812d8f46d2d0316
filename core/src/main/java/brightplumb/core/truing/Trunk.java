package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Posture;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether what passes between the legs is long enough from the shoulder round to the shoulder to sit in: straight down
 * in front and up behind, less the lap, against the tape round the trunk. Common practice, no source.
 */
final class Trunk {

    static final CheckId ID = new CheckId("trunk.length", "long enough");

    private static final double TOLERANCE = Length.INCH / 2;

    /** Cloth that does not give needs so much more than the tape, mm, and bears so much. */
    private static final double WOVEN_LEAST = Length.INCH;

    private static final double WOVEN_MOST = 4 * Length.INCH;

    private Trunk() {}

    static Check of(Inspected on) {
        return found(on).in(Posture.SITTING);
    }

    private static Check found(Inspected on) {
        Loop loop = Loop.of(on);
        if (loop.body().isEmpty()) {
            return new Check(
                    ID,
                    "Trunk loop",
                    Verdict.NOT_TAKEN,
                    Quantity.MM,
                    loop.drawn(),
                    loop.drawn(),
                    TOLERANCE,
                    "Nobody can say: the trunk was not taken. Take it from the shoulder down the front, between the "
                            + "legs and up the back to the same shoulder.",
                    "",
                    List.of(),
                    loop);
        }
        double short_ = loop.least() - loop.drawn();
        double long_ = loop.drawn() - loop.most();
        Verdict verdict = short_ > TOLERANCE ? Verdict.OFF : long_ > TOLERANCE ? Verdict.WATCH : Verdict.TRUE;
        double wanted = short_ > 0 ? loop.least() : long_ > 0 ? loop.most() : loop.drawn();
        return new Check(
                ID,
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
                        "The crotch lies higher than the tape round the trunk asks; it will cut in, or drag at the "
                                + "shoulders.";
                },
                verdict == Verdict.TRUE ? List.of() : deepened(on, wanted - loop.drawn()),
                loop);
    }

    private static List<Remedy> deepened(Inspected on, double by) {
        double now = on.draft().fact(BodiceFacts.CROTCH_LINE).value();
        double then = Math.round((now + by / 2) * 10) / 10.0;
        return then < CrotchSettings.CROTCH_DEPTH.least() || then > CrotchSettings.CROTCH_DEPTH.most()
                ? List.of()
                : List.of(new Remedy(
                        by > 0 ? "Deepen the crotch" : "Raise the crotch",
                        Map.of(CrotchSettings.CROTCH_DEPTH, CrotchSettings.CROTCH_DEPTH.value(then))));
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
            double top = -on.draft().level("shoulder").orElseThrow() - on.sewnIn(EdgeRole.SHOULDER);
            double front =
                    top + on.draft().fact(BodiceFacts.CROTCH_END.of(Half.FRONT)).value();
            double back =
                    top + on.draft().fact(BodiceFacts.CROTCH_END.of(Half.BACK)).value();
            Optional<Double> body = on.body().find(Measure.VERTICAL_TRUNK).map(a -> a.value());
            double loop = body.orElse(0.0);
            boolean gives = on.set().cloth().stretchesBothWays();
            // Cut smaller, or sewn inside the line: what holds the girth may hold the trunk as much.
            double smaller = gives
                    ? on.set()
                            .cloth()
                            .shorter(Math.max(
                                    on.set().amount(HipSettings.NEGATIVE_EASE).value(),
                                    on.sewnIn() / on.body().hip().value()))
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

        /**
         * The loop hung from the shoulder as it is worn, front to the right: the body within it, and between which it
         * may lie.
         */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            seated(table, depth(body.orElse(drawn())));
            body.ifPresent(mm -> {
                table.fill(BODY, hung(mm));
                table.draw(PENCIL, hung(least)).draw(PENCIL, hung(most));
                table.say(PLAIN, Point.of(0, depth(mm) / 2), "her trunk", Quantity.MM, mm);
            });
            List<Segment> loop = hung(drawn());
            table.draw(FRONT, loop.subList(0, 2)).draw(BACK, loop.subList(2, 4));
            table.say(FRONT, Point.of(BESIDE, depth(drawn()) / 2), "front", Quantity.MM, front);
            table.say(
                    BACK,
                    Point.of(-BESIDE, depth(drawn()) / 2),
                    lap > 0 ? "back, less the lap" : "back",
                    Quantity.MM,
                    back - lap);
            table.draw(PENCIL, Point.of(-HALF - 40, 0), Point.of(HALF + 40, 0))
                    .say(PENCIL, Point.of(-HALF - 110, 6), "shoulder");
            double bottom = Math.max(depth(drawn()), body.isPresent() ? depth(most) : 0);
            if (body.isPresent() && drawn() < least - TOLERANCE) {
                table.draw(FAULT, Point.of(0, depth(drawn())), Point.of(0, depth(least)))
                        .say(FAULT, Point.of(0, bottom + 40), "short, round the loop", Quantity.MM, least - drawn());
            } else if (body.isPresent() && drawn() > most + TOLERANCE) {
                table.draw(FAULT, Point.of(0, depth(most)), Point.of(0, depth(drawn())))
                        .say(FAULT, Point.of(0, bottom + 40), "long, round the loop", Quantity.MM, drawn() - most);
            } else {
                table.say(PENCIL, Point.of(0, bottom + 40), "between the legs");
            }
            return table.done();
        }

        /**
         * She sits facing right: head and neck above the loop, thigh and shin beside it, and the seat beneath. Our own
         * drawing, to no measure.
         */
        private static void seated(Exhibit.Table table, double seat) {
            table.fill(BODY, Exhibit.oval(Point.of(14, -170), 78, 102));
            table.fill(
                    BODY, Exhibit.outline(Point.of(-42, 0), Point.of(-36, -110), Point.of(40, -100), Point.of(52, 0)));
            table.fill(
                    BODY,
                    Exhibit.outline(
                            Point.of(0, seat),
                            Point.of(0, seat - 150),
                            Point.of(430, seat - 132),
                            Point.of(462, seat - 100),
                            Point.of(456, seat + 330),
                            Point.of(380, seat + 330),
                            Point.of(364, seat - 8)));
            table.draw(PENCIL, Point.of(-HALF - 60, seat + 4), Point.of(330, seat + 4));
        }

        /** Half as wide as it is drawn, mm; and how far beside it its words stand. */
        private static final double HALF = 110;

        private static final double BESIDE = HALF + 150;

        /** What a quarter of a round line's handles are of its radius. */
        private static final double ROUND = 0.5523;

        /** How far down a loop of a length hangs. */
        private static double depth(double length) {
            return (length - Math.PI * HALF) / 2 + HALF;
        }

        /** A loop of a length, from the shoulder down in front, round, and up behind. */
        private static List<Segment> hung(double length) {
            double down = depth(length) - HALF;
            Point bottom = Point.of(0, down + HALF);
            return List.of(
                    new Line(Point.of(HALF, 0), Point.of(HALF, down)),
                    new Cubic(
                            Point.of(HALF, down),
                            Point.of(HALF, down + HALF * ROUND),
                            bottom.plus(Point.of(HALF * ROUND, 0)),
                            bottom),
                    new Cubic(
                            bottom,
                            bottom.minus(Point.of(HALF * ROUND, 0)),
                            Point.of(-HALF, down + HALF * ROUND),
                            Point.of(-HALF, down)),
                    new Line(Point.of(-HALF, down), Point.of(-HALF, 0)));
        }
    }
}
