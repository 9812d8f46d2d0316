package brightplumb.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A part of an edge handed over to another piece: where a pocket is cut out of a panel, the piece beneath it takes over
 * what was sewn there.
 *
 * @param from the piece that gives it up
 * @param edge the edge it was on, as long as it was
 * @param start where the part begins, mm along the edge
 * @param stop where it ends, mm along the edge; one of the two is an end of the edge
 * @param to the piece that takes it over, under the same role
 * @param offset where the part begins on that piece's edge, mm
 */
public record SeamTransfer(PieceId from, Edge edge, double start, double stop, PieceId to, double offset) {

    /** The joins with every stretch of the part on the piece that took it over. */
    public List<Join> in(List<Join> joins) {
        return joins.stream()
                .map(j -> j.laid(s -> s.on(from, edge) ? parts(s) : List.of(s)))
                .toList();
    }

    /** The parts of a stretch, in the order in which it runs. */
    private List<Stretch> parts(Stretch s) {
        List<Stretch> parts = new ArrayList<>();
        double kept = start > Tolerance.SAME_POINT ? 0 : stop;
        add(parts, s, from, s.from(), Math.min(s.to(), start), 0);
        add(parts, s, to, Math.max(s.from(), start), Math.min(s.to(), stop), offset - start);
        add(parts, s, from, Math.max(s.from(), stop), s.to(), -kept);
        if (s.backwards()) {
            Collections.reverse(parts);
        }
        return parts;
    }

    private static void add(List<Stretch> parts, Stretch of, PieceId piece, double from, double to, double moved) {
        if (to - from > Tolerance.SAME_POINT) {
            parts.add(new Stretch(
                    piece, of.copy(), of.role(), of.nth(), Math.max(0, from + moved), to + moved, of.backwards()));
        }
    }
}
