package brightplumb.core.lay;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.rule.ClothFields;
import java.util.List;
import org.locationtech.jts.geom.Polygon;

/** What is laid on. */
public sealed interface Ground {

    /** Whether it lies double, folded along its length. */
    boolean folded();

    /** How much lies across, mm. */
    double across();

    /** How many layers lie on each other. */
    default int layers() {
        return folded() ? 2 : 1;
    }

    /**
     * Cloth off the bolt, as long as it is bought.
     *
     * @param width from selvedge to selvedge, mm
     * @param folded along its length, the fold at y = 0
     * @param repeat how far along the selvedge its print begins again, mm; 0 where nothing has to match
     */
    record Bolt(double width, boolean folded, double repeat) implements Ground {
        @Override
        public double across() {
            return folded ? width / 2 : width;
        }
    }

    /**
     * A piece of cloth of its own outline, lying single: a remnant, or a garment unpicked. Its grain runs along x.
     *
     * @param outline its corners in order, three at least, none crossing
     * @param avoided seams and flaws in it that no piece may lie across
     */
    record Remnant(List<Point> outline, List<Line> avoided) implements Ground {
        public Remnant {
            outline = List.copyOf(outline);
            avoided = List.copyOf(avoided);
        }

        @Override
        public boolean folded() {
            return false;
        }

        /**
         * A remnant as it was drawn, moved to where it begins at x = 0 and y = 0.
         *
         * @param repeat how far apart its print begins again, mm; 0 where nothing has to match
         * @throws Refusal where its corners make no outline, or the print begins again only beyond it
         */
        public static Remnant checked(List<Point> corners, List<Line> avoided, double repeat) {
            if (corners.size() < 3) {
                throw new Refusal(new FieldPath("lay.sheet"), "A piece of cloth has three corners at least");
            }
            double left = corners.stream().mapToDouble(Point::x).min().orElse(0);
            double top = corners.stream().mapToDouble(Point::y).min().orElse(0);
            Rigid home = Rigid.slide(Point.of(-left, -top));
            List<Point> outline = corners.stream().map(home::apply).toList();
            if (!Outline.through(outline).polygon().isValid()) {
                throw new Refusal(
                        new FieldPath("lay.sheet"),
                        "The outline of the cloth crosses itself; give its corners in order");
            }
            if (avoided.size() > MOST_SEAMS) {
                throw new Refusal(
                        new FieldPath("lay.avoided"),
                        "A piece of cloth has up to " + MOST_SEAMS + " seams to lay round");
            }
            if (Outline.through(outline).polygon().getArea() > LARGEST) {
                throw new Refusal(new FieldPath("lay.sheet"), "A piece of cloth is at most 100 m² large");
            }
            Remnant remnant = new Remnant(
                    outline,
                    avoided.stream()
                            .map(l -> new Line(home.apply(l.from()), home.apply(l.to())))
                            .toList());
            if (repeat > remnant.along()) {
                throw new Refusal(ClothFields.REPEAT.field(), "The print begins again only beyond this piece of cloth");
            }
            return remnant;
        }

        /** How far it reaches down from y = 0. */
        @Override
        public double across() {
            return outline.stream().mapToDouble(Point::y).max().orElse(0);
        }

        /** Whether a piece lies whole on it and across no seam that is avoided. */
        boolean holds(Polygon piece) {
            Polygon inside = (Polygon) piece.buffer(-EDGE);
            return Outline.through(outline).polygon().covers(inside)
                    && avoided.stream()
                            .noneMatch(l -> Outline.line(l.from(), l.to()).intersects(inside));
        }

        /** No piece of cloth that is there has more seams in it. */
        private static final int MOST_SEAMS = 200;

        /** No piece of cloth that is there is larger, mm². */
        private static final double LARGEST = 100e6;

        /** A piece that stands out by no more than this lies on it, mm. */
        private static final double EDGE = 0.1;

        /** How far it reaches along from x = 0. */
        public double along() {
            return outline.stream().mapToDouble(Point::x).max().orElse(0);
        }
    }
}
