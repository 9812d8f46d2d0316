package brightplumb.formats.sheet;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.List;

/** Something on the sheet: a stroke or a word. */
public sealed interface Ink {

    /** The group it belongs to: {@code front.cut}, {@code front.sew}, {@code front.label}. */
    String group();

    /** The same elsewhere on the sheet: slid, its words not turned. */
    Ink moved(Rigid by);

    /** What kind of line or word it is, whichever piece it is on: {@code cut}, {@code sew}, {@code marks}. */
    default String kind() {
        return group().substring(group().lastIndexOf('.') + 1);
    }

    /**
     * A drawn line.
     *
     * @param run joined segments, in mm
     */
    record Stroke(String group, Pen pen, List<Segment> run) implements Ink {
        @Override
        public Ink moved(Rigid by) {
            return new Stroke(group, pen, Curves.moved(run, by));
        }
    }

    /**
     * A line of text.
     *
     * @param at its left end on the base line, in mm
     * @param height the height of its letters, mm
     * @param turned degrees clockwise
     */
    record Text(String group, Point at, double height, double turned, String text) implements Ink {
        @Override
        public Ink moved(Rigid by) {
            return new Text(group, by.apply(at), height, turned, text);
        }
    }

    /** How a stroke is drawn. */
    enum Pen {
        /** Where the shears go. */
        CUT(0.6, 0, 0),
        /** Where it is sewn. */
        SEW(0.35, 6, 3),
        /** Dart legs. */
        DART(0.35, 2.5, 2),
        /** Folds laid in the cloth. */
        FOLD(0.35, 10, 2),
        /** Notches, drill holes, grain. */
        MARK(0.35, 0, 0);

        private final double width;
        private final double dash;
        private final double gap;

        Pen(double width, double dash, double gap) {
            this.width = width;
            this.dash = dash;
            this.gap = gap;
        }

        /** Its width in mm. */
        public double width() {
            return width;
        }

        /** The length of a dash in mm; 0 for a solid line. */
        public double dash() {
            return dash;
        }

        /** The gap between dashes in mm. */
        public double gap() {
            return gap;
        }
    }
}
