package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * What a step put on the paper.
 *
 * @param sheet the piece on whose sheet it is drawn
 * @param role how it is drawn
 * @param run what is drawn
 * @param label a word beside it, or empty
 */
public record Drawn(String sheet, Role role, List<Segment> run, String label) {

    public Drawn {
        run = List.copyOf(run);
    }

    /** How a line is drawn. */
    public enum Role {
        /** A level or a centre line. */
        LEVEL,
        /** A help line that is not sewn. */
        CONSTRUCTION,
        /** A distance laid off; shown with its ends. */
        MEASURE,
        /** Part of the sewn outline. */
        OUTLINE,
        /** A dart's legs. */
        DART
    }
}
