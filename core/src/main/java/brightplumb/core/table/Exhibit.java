package brightplumb.core.table;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * Lines laid on the table to be looked at, in mm, y downward.
 *
 * @param strokes what is drawn, the undermost first
 * @param spans distances shown between two places
 * @param notes words beside the lines
 */
public record Exhibit(List<Stroke> strokes, List<Span> spans, List<Note> notes) {

    public Exhibit {
        strokes = List.copyOf(strokes);
        spans = List.copyOf(spans);
        notes = List.copyOf(notes);
    }

    /** Whose line it is, or what it says. */
    public enum Ink {
        FRONT,
        BACK,
        /** Help lines and what lies around. */
        PENCIL,
        /** The body inside the garment. */
        BODY,
        /** Cloth. */
        CLOTH,
        /** Where it fails. */
        FAULT,
        /** The seam in hand. */
        SEAM,
        /** Plain ink. */
        PLAIN
    }

    /**
     * A drawn line.
     *
     * @param filled whether the inside of a closed line is tinted
     */
    public record Stroke(Ink ink, List<Segment> run, boolean filled) {
        public Stroke {
            run = List.copyOf(run);
        }
    }

    /** A distance between two places; its value is the distance itself. */
    public record Span(Ink ink, Point from, Point to, String label) {}

    /**
     * Words at a place, with a figure behind them.
     *
     * @param value the figure, or null for words alone
     * @param quantity what the figure counts
     */
    public record Note(Ink ink, Point at, String text, Double value, Quantity quantity) {}

    /** An exhibit as it is laid out. */
    public static final class Table {
        private final List<Stroke> strokes = new ArrayList<>();
        private final List<Span> spans = new ArrayList<>();
        private final List<Note> notes = new ArrayList<>();

        /** Draws a run of lines; nothing where it is empty. */
        public Table draw(Ink ink, List<? extends Segment> run) {
            if (!run.isEmpty()) {
                strokes.add(new Stroke(ink, List.copyOf(run), false));
            }
            return this;
        }

        /** Draws a straight line. */
        public Table draw(Ink ink, Point from, Point to) {
            return draw(ink, List.of(new Line(from, to)));
        }

        /** Fills a closed outline. */
        public Table fill(Ink ink, List<? extends Segment> outline) {
            strokes.add(new Stroke(ink, List.copyOf(outline), true));
            return this;
        }

        /** Draws a measured length between two points, with its name. */
        public Table span(Ink ink, Point from, Point to, String label) {
            spans.add(new Span(ink, from, to, label));
            return this;
        }

        /** Writes at a place. */
        public Table say(Ink ink, Point at, String text) {
            notes.add(new Note(ink, at, text, null, Quantity.MM));
            return this;
        }

        /**
         * Writes at a place, with a figure after it.
         *
         * @param value in the quantity's own unit
         */
        public Table say(Ink ink, Point at, String text, Quantity quantity, double value) {
            notes.add(new Note(ink, at, text, value, quantity));
            return this;
        }

        /** Returns all that lies on the table. */
        public Exhibit done() {
            return new Exhibit(strokes, spans, notes);
        }
    }

    /** A closed outline through places. */
    public static List<Segment> outline(Point... corners) {
        List<Segment> run = new ArrayList<>();
        for (int i = 0; i < corners.length; i++) {
            run.add(new Line(corners[i], corners[(i + 1) % corners.length]));
        }
        return run;
    }

    /** A round or oval outline about a place, half so wide and half so high, mm. */
    public static List<Segment> oval(Point at, double wide, double high) {
        Point right = at.plus(Point.of(wide, 0));
        Point left = at.minus(Point.of(wide, 0));
        Point foot = at.plus(Point.of(0, high));
        Point top = at.minus(Point.of(0, high));
        Point across = Point.of(wide * ROUND, 0);
        Point down = Point.of(0, high * ROUND);
        return List.of(
                new Cubic(right, right.plus(down), foot.plus(across), foot),
                new Cubic(foot, foot.minus(across), left.plus(down), left),
                new Cubic(left, left.minus(down), top.minus(across), top),
                new Cubic(top, top.plus(across), right.minus(down), right));
    }

    /**
     * A body or a garment cut level and seen from above: an oval a third wider than deep, from the right over the
     * front, which lies below, to the left and over the back.
     *
     * @param round what it is round, mm
     */
    public static List<Segment> level(Point at, double round) {
        return oval(at, WIDE * round, DEEP * round);
    }

    /**
     * Half the width and half the depth of such an oval, of what it is round: so that its arc is that long (Ramanujan's
     * approximation, from memory).
     */
    public static final double WIDE = 0.18185;

    public static final double DEEP = 0.13471;

    /** What the handles of a quarter of a round line are of its radius. */
    private static final double ROUND = 0.5523;

    /** The ink of a piece: the front's, or the back's for what lies behind. */
    public static Ink ink(Piece piece) {
        return piece.behind() ? Ink.BACK : Ink.FRONT;
    }

    /** A piece's mirror image over the upright through x = 0. */
    public static final Rigid MIRRORED = Rigid.flip(Point.of(0, 0), Point.of(0, 1));

    /** A run flipped over the upright through x = 0 and slid. */
    public static List<Segment> mirrored(List<? extends Segment> run, Point slide) {
        return Curves.moved(run, Rigid.slide(slide).after(MIRRORED));
    }
}
