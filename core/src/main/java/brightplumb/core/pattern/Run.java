package brightplumb.core.pattern;

import java.util.List;

/**
 * What one layer of a join is: a stretch of one edge, or several one after the other.
 *
 * @param stretches in the order they are sewn
 */
public record Run(List<Stretch> stretches) {

    public Run {
        stretches = List.copyOf(stretches);
    }

    /** A single stretch. */
    static Run of(Stretch stretch) {
        return new Run(List.of(stretch));
    }

    /** As it is sewn, mm. */
    public double length() {
        return stretches.stream().mapToDouble(Stretch::length).sum();
    }
}
