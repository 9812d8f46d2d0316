package brightplumb.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/**
 * What one layer of a join is: a stretch of one edge, or several one after the other. Mouths of darts and folds are skipped.
 *
 * @param stretches in the order they are sewn
 */
public record Run(List<Stretch> stretches) {

    public Run {
        stretches = List.copyOf(stretches);
    }

    /** A single stretch. */
    public static Run of(Stretch stretch) {
        return new Run(List.of(stretch));
    }

    /** A whole edge in the outline's direction, without the mouths of the piece's darts and folds. */
    public static Run shut(Piece piece, EdgeRole role) {
        return shut(piece, piece.require(role));
    }

    /** The same of an edge of its own. */
    static Run shut(Piece piece, Edge edge) {
        List<Stretch> stretches = new ArrayList<>();
        double from = 0;
        double length = edge.length();
        for (Mouth mouth : Mouth.on(piece, edge)) {
            if (mouth.from() > from + Tolerance.SAME_POINT) {
                stretches.add(new Stretch(piece.id(), Hand.BOTH, edge.role(), edge.nth(), from, mouth.from(), false));
            }
            from = mouth.to();
        }
        if (length > from + Tolerance.SAME_POINT) {
            stretches.add(new Stretch(piece.id(), Hand.BOTH, edge.role(), edge.nth(), from, length, false));
        }
        return new Run(stretches);
    }

    /** As it is sewn, mm. */
    public double length() {
        return stretches.stream().mapToDouble(Stretch::length).sum();
    }

    /** The same run sewn from its other end. */
    public Run reversed() {
        List<Stretch> turned =
                new ArrayList<>(stretches.stream().map(Stretch::reversed).toList());
        Collections.reverse(turned);
        return new Run(turned);
    }

    /** The same run on one copy of its pieces. */
    public Run of(Hand copy) {
        return new Run(stretches.stream().map(s -> s.of(copy)).toList());
    }

    /** This run and then another. */
    public Run then(Run next) {
        return new Run(
                Stream.concat(stretches.stream(), next.stretches.stream()).toList());
    }

    /** The piece its first stretch lies on. */
    public PieceId piece() {
        return stretches.get(0).piece();
    }
}
