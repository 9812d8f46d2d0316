package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Panel;
import java.util.List;

/**
 * What a step put on the paper.
 *
 * @param panel whose sheet
 * @param role how it is drawn
 * @param run what is drawn
 * @param label a word beside it, or empty
 */
public record Drawn(Panel panel, Role role, List<Segment> run, String label) {

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
