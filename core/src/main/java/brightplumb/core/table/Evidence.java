package brightplumb.core.table;

import java.util.List;
import java.util.Optional;

/**
 * What an inspection measured, of its own kind: a waist with its darts shut, two seams walked along each other, legs at
 * a step. It is made of the lines that were measured, so that what is shown is what was found.
 */
public interface Evidence {

    /** The figures, in the order they are added up; the last is what is wanted. */
    List<Figure> figures();

    /** The lines laid out to be looked at. */
    Exhibit exhibit();

    /** Where it measured the cloth round the body at a level: what it found there; else empty. */
    default Optional<Room> onHer() {
        return Optional.empty();
    }

    /**
     * The cloth round the body at a level.
     *
     * @param level waist, hip, thigh, knee, hem, bust
     * @param body the body there, or what must go through; mm
     * @param cloth the garment there as sewn, stretched, mm
     * @param least the least cloth that goes round it, mm
     */
    record Room(String level, double body, double cloth, double least) {}

    /**
     * One figure beside the picture.
     *
     * @param label what was measured
     * @param value how much of it
     * @param total whether it stands under a rule, as the sum of those before it
     */
    record Figure(String label, Quantity quantity, double value, boolean total) {

        /** Returns a length as a figure, mm. */
        public static Figure mm(String label, double value) {
            return new Figure(label, Quantity.MM, value, false);
        }

        /** Returns a length that sums up the figures above it, mm. */
        public static Figure together(String label, double value) {
            return new Figure(label, Quantity.MM, value, true);
        }
    }
}
