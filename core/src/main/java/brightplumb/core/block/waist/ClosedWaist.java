package brightplumb.core.block.waist;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Dart;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A waist drawn as the bench does it: fold the darts shut, draw one smooth line square to the centre and square to the
 * side, unfold. The side's waist point is moved until that line, darts closed, is as long as it should be.
 *
 * @param run the waist from centre to side, darts open, each mouth bridged by a straight line
 * @param darts the darts with their legs, from the centre outward
 * @param side where the waist meets the side seam
 */
public record ClosedWaist(List<Segment> run, List<Dart> darts, Point side) {

    private static final double EXACT = 1e-8;
    private static final int MOST_ROUNDS = 80;

    /** A dart is as long as asked within this, mm. */
    private static final double AS_LONG = 0.01;

    /** The waist is found within this while the darts are given their lengths, mm. */
    private static final double NEARLY = 1e-3;

    private static final int MOST_LENGTHS = 12;

    /**
     * A dart's centre line and size.
     *
     * @param place mm from the original centre line
     * @param intake mm between its leg tops
     * @param length mm along it, from where the waist crosses it to its point
     * @param lean how far its point stands toward the centre for each mm down: the slope of the waist it is square to
     */
    public record DartLine(double place, double intake, double length, double lean) {
        /** A dart that stands upright on the line. */
        /**
         * A dart that stands upright on the line.
         *
         * @param place from the centre to the dart's middle, mm
         * @param intake what it takes, mm
         * @param length along it, from the waist to its point, mm
         */
        public DartLine(double place, double intake, double length) {
            this(place, intake, length, 0);
        }

        Point point() {
            return Point.of(place - lean * length, length);
        }

        /** Its centre line's direction, upward, after a turn about its point. */
        Point up(double turn) {
            double angle = Math.atan(lean) + turn;
            return Point.of(Math.sin(angle), -Math.cos(angle));
        }
    }

    /** How the side seam leaves a waist point, and what else that point must satisfy. */
    public interface Side {
        /** The direction of the side seam, downward, at its waist point. */
        Point leaving(Point waistPoint);

        /**
         * How far the waist point should still be raised (mm, upward positive) for the sides to meet; 0 where it is
         * fixed.
         */
        double raise(Point waistPoint);
    }

    /**
     * Draws the waist.
     *
     * @param centre where it leaves the centre line
     * @param centreDown the direction of the centre line there, downward
     * @param dartLines the darts, from the centre outward
     * @param net the length asked for, darts closed
     * @param guess a first guess of the side's waist point
     * @param side the side seam's part in it
     * @return the waist, or null when no such line was found
     */
    public static ClosedWaist drawn(
            Point centre, Point centreDown, List<DartLine> dartLines, double net, Point guess, Side side) {
        Folding folding = new Folding(dartLines);
        Point waistPoint = guess;
        boolean long_ = dartLines.isEmpty();
        for (int round = 0; !long_ && round < MOST_LENGTHS; round++) {
            ClosedWaist nearly = met(centre, centreDown, net, waistPoint, side, folding, NEARLY);
            if (nearly == null) {
                return null;
            }
            long_ = folding.lengthened(nearly.darts()) < AS_LONG;
            waistPoint = nearly.side();
        }
        return met(centre, centreDown, net, waistPoint, side, folding, EXACT);
    }

    /** The waist while the darts' points stay where they are. */
    private static ClosedWaist met(
            Point centre, Point centreDown, double net, Point guess, Side side, Folding folding, double exact) {
        Point waistPoint = guess;
        double share = 1;
        double before = Double.POSITIVE_INFINITY;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Point down = side.leaving(waistPoint);
            Rigid fold = folding.beyond(folding.half.length);
            Cubic line = Cubic.leaving(
                    centre, outward(centreDown), outward(fold.direction(down)), fold.apply(waistPoint), 1.0 / 3);
            double longer = net - line.length();
            double raise = side.raise(waistPoint);
            double turned = folding.fit(line);
            if (!Double.isFinite(longer + raise + turned)) {
                return null;
            }
            if (Math.abs(longer) < exact && Math.abs(raise) < exact && turned < exact) {
                return folding.unfold(line, waistPoint);
            }
            // Under a waist that slopes steeply the two corrections answer each other; where they grow, half of each is
            // enough, till they shrink again.
            double apart = Math.hypot(longer, raise);
            share = apart > before ? share / 2 : Math.min(1, share * 1.2);
            before = apart;
            waistPoint = waistPoint.plus(Point.of(longer, -raise).times(share));
        }
        return null;
    }

    /** Square to a seam that runs downward, away from the centre. */
    private static Point outward(Point down) {
        return Point.of(down.y(), -down.x());
    }

    /** The darts' turns, refined as the line they meet is found. */
    private static final class Folding {
        private final List<DartLine> darts;
        /** Each so far down its own line that it is as long as it is asked, from where the waist crosses it. */
        private final Point[] points;

        private final double[] half;
        private final double[] meets;

        Folding(List<DartLine> darts) {
            this.darts = darts;
            this.points = darts.stream().map(DartLine::point).toArray(Point[]::new);
            this.half = new double[darts.size()];
            this.meets = new double[darts.size()];
            for (int i = 0; i < half.length; i++) {
                half[i] = Math.asin(
                        Math.min(0.7, darts.get(i).intake() / 2 / darts.get(i).length()));
            }
        }

        /** How the cloth beyond the first so many darts moves when they are folded. */
        Rigid beyond(int count) {
            Rigid move = Rigid.STAY;
            for (int i = count - 1; i >= 0; i--) {
                move = Rigid.turn(points[i], -2 * half[i]).after(move);
            }
            return move;
        }

        /**
         * Finds where each dart's inner leg meets the line and sets its turn by the leg's true length; answers the
         * largest change, mm.
         */
        double fit(Cubic line) {
            double change = 0;
            for (int i = 0; i < half.length; i++) {
                DartLine dart = darts.get(i);
                Rigid folded = beyond(i);
                Point point = folded.apply(points[i]);
                Point leg = folded.direction(dart.up(-half[i]));
                OptionalDouble t = Curves.crossing(line, point, leg);
                if (t.isEmpty()) {
                    return Double.NaN;
                }
                meets[i] = t.getAsDouble();
                double legLength = point.distance(line.at(meets[i]));
                double turn = Math.asin(Math.min(0.7, dart.intake() / 2 / legLength));
                change = Math.max(change, Math.abs(turn - half[i]) * legLength);
                half[i] = turn;
            }
            return change;
        }

        /**
         * Moves each point until its dart, as it was drawn, would be as long as asked; answers the largest move, mm.
         */
        double lengthened(List<Dart> drawn) {
            double most = 0;
            for (int i = 0; i < half.length; i++) {
                double longer = drawn.get(i).length() - darts.get(i).length();
                points[i] = points[i].plus(darts.get(i).up(0).times(longer));
                most = Math.max(most, Math.abs(longer));
            }
            return most;
        }

        ClosedWaist unfold(Cubic line, Point waistPoint) {
            List<Segment> run = new ArrayList<>();
            List<Dart> open = new ArrayList<>();
            double from = 0;
            for (int i = 0; i < half.length; i++) {
                Segment part = line.part(from, meets[i]).moved(beyond(i).back());
                Point inner = part.to();
                Point outer = beyond(i + 1).back().apply(line.at(meets[i]));
                run.add(part);
                run.add(new Line(inner, outer));
                open.add(new Dart(points[i], inner, outer));
                from = meets[i];
            }
            Cubic last = line.part(from, 1).moved(beyond(half.length).back());
            run.add(new Cubic(
                    run.isEmpty() ? last.from() : run.get(run.size() - 1).to(), last.c1(), last.c2(), waistPoint));
            return new ClosedWaist(List.copyOf(run), List.copyOf(open), waistPoint);
        }
    }
}
