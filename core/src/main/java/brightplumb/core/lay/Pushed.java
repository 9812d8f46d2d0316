package brightplumb.core.lay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * A lay pushed together on the exact outlines: each piece, the foremost first, slides toward the beginning of the
 * cloth, then toward the fold, until it touches what lies there.
 */
final class Pushed {

    private static final int ROUNDS = 3;

    /** Nothing is pushed by less, mm. */
    private static final double LEAST = 0.01;

    private Pushed() {}

    static Laid together(Laid laid) {
        List<Placed> all = new ArrayList<>(laid.all());
        for (int round = 0; round < ROUNDS; round++) {
            all.sort(Comparator.comparingDouble(Placed::x).thenComparingDouble(Placed::y));
            boolean moved = false;
            for (int i = 0; i < all.size(); i++) {
                Placed piece = all.get(i);
                double back = room(piece, all, false);
                Placed pushed = piece.at(piece.x() - back, piece.y());
                all.set(i, pushed);
                double up = pushed.item().atFold() ? 0 : room(pushed, all, true);
                all.set(i, pushed.at(pushed.x(), pushed.y() - up));
                moved |= back + up > 0;
            }
            if (!moved) {
                break;
            }
        }
        return Laid.of(all);
    }

    /** How far a piece slides before it touches, toward the beginning or toward the fold, mm. */
    private static double room(Placed piece, List<Placed> all, boolean towardFold) {
        Outline outline = seen(piece.outline(), towardFold);
        double room = outline.left();
        // What begins last is asked first: it leaves so little room that most of what lies before it need not be asked.
        for (int i = all.size() - 1; i >= 0; i--) {
            Placed other = all.get(i);
            if (other.item() != piece.item() && stops(other, piece, room, towardFold)) {
                room = Math.min(room, between(outline, seen(other.outline(), towardFold)));
            }
        }
        return room < LEAST ? 0 : room;
    }

    /** Whether another could stop a piece before it has slid so far: by their boxes. */
    private static boolean stops(Placed other, Placed piece, double room, boolean towardFold) {
        return towardFold
                ? other.x() < piece.end()
                        && other.end() > piece.x()
                        && other.y() < piece.reach()
                        && piece.y() - other.reach() < room
                : other.y() < piece.reach()
                        && other.reach() > piece.y()
                        && other.x() < piece.end()
                        && piece.x() - other.end() < room;
    }

    private static Outline seen(Outline outline, boolean towardFold) {
        return towardFold ? outline.turnedOver() : outline;
    }

    /**
     * How far one outline slides to the left before it touches another. Between two neighbouring levels of corners all
     * lines are straight, so that they come nearest at one of the two.
     */
    static double between(Outline moving, Outline fixed) {
        double from = Math.max(moving.top(), fixed.top());
        double to = Math.min(moving.bottom(), fixed.bottom());
        double[] levels = levels(moving, fixed, from, to);
        Strip mine = new Strip(moving);
        Strip theirs = new Strip(fixed);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < levels.length; i++) {
            if (levels[i + 1] - levels[i] > 1e-9) {
                least = Math.min(
                        least,
                        between(mine.between(levels[i], levels[i + 1]), theirs.between(levels[i], levels[i + 1])));
            }
        }
        return Math.max(0, least);
    }

    private static double[] levels(Outline one, Outline other, double from, double to) {
        double[] all = new double[one.corners() + other.corners() + 2];
        int n = 0;
        all[n++] = from;
        all[n++] = to;
        for (double[] ys : List.of(one.y(), other.y())) {
            for (double y : ys) {
                if (y > from && y < to) {
                    all[n++] = y;
                }
            }
        }
        double[] levels = Arrays.copyOf(all, n);
        Arrays.sort(levels);
        return levels;
    }

    private static double between(Strip mine, Strip theirs) {
        double least = Double.POSITIVE_INFINITY;
        // Lines come in pairs, into the cloth and out of it: my way in stops at their nearest way out on its left.
        for (int in = 0; in < mine.n; in += 2) {
            for (int out = theirs.n - 1; out > 0; out -= 2) {
                if (theirs.middle[out] <= mine.middle[in] + 1e-6) {
                    least = Math.min(least, Math.min(mine.from[in] - theirs.from[out], mine.to[in] - theirs.to[out]));
                    break;
                }
            }
        }
        return least;
    }

    /**
     * The lines of an outline that cross a strip between two levels, from left to right: where at its middle, its
     * beginning and its end. One stands for every strip of an outline in turn, as there are some hundred to a pair of
     * pieces.
     */
    private static final class Strip {
        private final Outline outline;
        private final double[] middle;
        private final double[] from;
        private final double[] to;
        private int n;

        Strip(Outline outline) {
            this.outline = outline;
            this.middle = new double[outline.corners()];
            this.from = new double[outline.corners()];
            this.to = new double[outline.corners()];
        }

        Strip between(double begin, double end) {
            double half = (begin + end) / 2;
            double[] x = outline.x();
            double[] y = outline.y();
            n = 0;
            for (int i = 0; i < x.length; i++) {
                int j = outline.next(i);
                if (y[i] > half != y[j] > half) {
                    double slope = (x[j] - x[i]) / (y[j] - y[i]);
                    sortIn(x[i] + (half - y[i]) * slope, x[i] + (begin - y[i]) * slope, x[i] + (end - y[i]) * slope);
                }
            }
            return this;
        }

        private void sortIn(double atMiddle, double atFrom, double atTo) {
            int place = n++;
            for (; place > 0 && middle[place - 1] > atMiddle; place--) {
                middle[place] = middle[place - 1];
                from[place] = from[place - 1];
                to[place] = to[place - 1];
            }
            middle[place] = atMiddle;
            from[place] = atFrom;
            to[place] = atTo;
        }
    }
}
