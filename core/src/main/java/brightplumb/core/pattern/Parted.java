package brightplumb.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * An edge of a piece parted in two that are sewn as the one was: its second part goes under a role of its own.
 *
 * @param piece the piece it is on
 * @param edge the edge as it was
 * @param at where it is parted, mm along it
 * @param after the role of what comes after that, in the outline's direction
 */
public record Parted(PieceId piece, Edge edge, double at, EdgeRole after) {

    /** The joins with every stretch of the edge on its two parts. */
    public List<Join> in(List<Join> joins) {
        return joins.stream()
                .map(j -> j.laid(s -> s.on(piece, edge) ? parts(s) : List.of(s)))
                .toList();
    }

    /** The parts of a stretch, in the order in which it runs. */
    private List<Stretch> parts(Stretch s) {
        List<Stretch> parts = new ArrayList<>();
        if (at - s.from() > Tolerance.SAME_POINT) {
            parts.add(new Stretch(piece, s.copy(), s.role(), s.nth(), s.from(), Math.min(s.to(), at), s.backwards()));
        }
        if (s.to() - at > Tolerance.SAME_POINT) {
            parts.add(new Stretch(piece, s.copy(), after, 1, Math.max(0, s.from() - at), s.to() - at, s.backwards()));
        }
        if (s.backwards()) {
            Collections.reverse(parts);
        }
        return parts;
    }
}
