package brightplumb.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What one layer of a join is: a stretch of one edge, or several one after the other. Mouths of darts and folds are
 * skipped.
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
        double length = 0;
        for (Stretch s : stretches) {
            length += s.length();
        }
        return length;
    }

    /** The same run sewn from its other end. */
    public Run reversed() {
        List<Stretch> turned = new ArrayList<>(stretches.size());
        for (int i = stretches.size() - 1; i >= 0; i--) {
            turned.add(stretches.get(i).reversed());
        }
        return new Run(turned);
    }

    /** The same run on one copy of its pieces. */
    public Run of(Hand copy) {
        List<Stretch> of = new ArrayList<>(stretches.size());
        for (Stretch s : stretches) {
            of.add(s.of(copy));
        }
        return new Run(of);
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
