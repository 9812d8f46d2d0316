package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Whether the waist, its darts shut, measures half the waist and its ease. */
final class WaistCloses {

    static final CheckId ID = new CheckId("waist.closes", "closes");

    /** How far seams that meet may differ, mm. Common practice, no source. */
    static final double TOLERANCE = Length.INCH / 8;

    private WaistCloses() {}

    static Check of(Inspected on) {
        if (on.gathered()) {
            return drawnUp(on);
        }
        Shut shut = new Shut(
                on.topFront(),
                on.topBack(),
                (on.body().waist().value()
                                + on.set().amount(WaistSettings.WAIST_EASE).value())
                        / 2);
        boolean closes = Math.abs(shut.measured() - shut.wanted()) <= TOLERANCE;
        return new Check(
                ID,
                "Waist",
                closes ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                shut.measured(),
                shut.wanted(),
                TOLERANCE,
                closes
                        ? "With the darts shut, front and back together make half the waist and its ease."
                        : "With the darts shut, front and back together do not make half the waist and its ease.",
                closes ? "" : "The shares of centre, darts and side do not add up to the drop.",
                List.of(),
                shut);
    }

    /** A waist that is drawn up is true when it passes the hip. */
    private static Check drawnUp(Inspected on) {
        Shut shut = new Shut(
                on.topFront(),
                on.topBack(),
                on.body().hip().value() / 2 / (1 + on.set().cloth().stretch()));
        boolean passes = shut.measured() >= shut.wanted() - TOLERANCE;
        return new Check(
                        ID,
                        "Waist",
                        passes ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        shut.measured(),
                        shut.wanted(),
                        TOLERANCE,
                        passes
                                ? "Before it is drawn up, the waist passes the hip."
                                : "Before it is drawn up, the waist does not pass the hip.",
                        passes ? "" : "Hip and waist ease leave it narrower than the body.",
                        passes
                                ? List.of()
                                : List.of(new Remedy(
                                        "Cut the waist as wide as the hip",
                                        Map.of(
                                                WaistSettings.WAIST_EASE,
                                                WaistSettings.WAIST_EASE.value(on.set()
                                                                .amount(WaistSettings.WAIST_EASE)
                                                                .value()
                                                        + 2 * (shut.wanted() - shut.measured())
                                                        + 1)))),
                        shut)
                .asFloor();
    }

    /** A waist seam less what its darts take. */
    static double net(Piece piece) {
        return piece.require(EdgeRole.WAIST).length()
                - piece.darts().stream().mapToDouble(Dart::intake).sum();
    }

    /** The waist as one line, its darts shut. */
    record Shut(Piece front, Piece back, double wanted) implements Evidence {

        double measured() {
            return net(front) + net(back);
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("front, darts shut", net(front)),
                    Figure.mm("back, darts shut", net(back)),
                    Figure.together("together", measured()),
                    Figure.mm("half the waist and its ease", wanted));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            // So much of the garment hangs below it that the sheet is filled.
            double hangs = measured() / 2;
            Closed f = Closed.of(front, hangs);
            Closed b = Closed.of(back, hangs);
            // The back is turned over and laid on where the sides meet.
            Rigid over = Rigid.slide(f.end())
                    .after(Exhibit.MIRRORED)
                    .after(Rigid.slide(b.end().times(-1)));
            Point mine = f.side().get(0).direction(0);
            Point theirs = over.direction(b.side().get(0).direction(0));
            Rigid joined = Rigid.turn(f.end(), Math.atan2(theirs.cross(mine), theirs.dot(mine)))
                    .after(over);
            // Then both are turned until the line lies level from centre to centre.
            Point start = f.run().get(0).from();
            Point across = joined.apply(b.run().get(0).from()).minus(start);
            Rigid level = Rigid.turn(start, -Math.atan2(across.y(), across.x()));
            Rigid lay = level.after(joined);
            f.context(table, level);
            b.context(table, lay);
            table.draw(FRONT, Curves.moved(f.run(), level)).draw(BACK, Curves.moved(b.run(), lay));
            Point lift = Point.of(0, -30);
            table.say(
                    FRONT,
                    level.apply(Curves.along(f.run(), net(front) / 2).at()).plus(lift),
                    "front",
                    Quantity.MM,
                    net(front));
            table.say(
                    BACK,
                    lay.apply(Curves.along(b.run(), net(back) / 2).at()).plus(lift),
                    "back",
                    Quantity.MM,
                    net(back));
            table.say(PENCIL, level.apply(f.end()).plus(Point.of(0, hangs + 24)), "sides meet");
            return table.done();
        }
    }

    /** A piece's waist with its darts folded shut, the side and the centre so far below it, mm, and the folds. */
    private record Closed(List<Segment> run, List<Segment> side, List<Segment> folds, double hangs) {

        static Closed of(Piece piece, double hangs) {
            List<Segment> run = new ArrayList<>();
            List<Segment> folds = new ArrayList<>();
            Rigid move = Rigid.STAY;
            int next = 0;
            for (Segment segment : piece.require(EdgeRole.WAIST).run()) {
                if (next < piece.darts().size()) {
                    Dart dart = piece.darts().get(next);
                    if (segment.from().distance(dart.inner()) < 1e-6
                            && segment.to().distance(dart.outer()) < 1e-6) {
                        folds.add(dart.innerLeg().moved(move));
                        move = move.after(dart.closing());
                        next++;
                        continue;
                    }
                }
                run.add(segment.moved(move));
            }
            List<Segment> side =
                    Curves.cutAt(piece.require(EdgeRole.SIDE).run(), hangs).get(0);
            return new Closed(run, Curves.moved(side, move), folds, hangs);
        }

        Point end() {
            return run.get(run.size() - 1).to();
        }

        void context(Exhibit.Table table, Rigid move) {
            table.draw(PENCIL, Curves.moved(side, move));
            folds.forEach(f -> table.draw(PENCIL, List.of(f.moved(move))));
            Point centre = run.get(0).from();
            table.draw(PENCIL, move.apply(centre), move.apply(centre.plus(Point.of(0, hangs))));
        }
    }
}
