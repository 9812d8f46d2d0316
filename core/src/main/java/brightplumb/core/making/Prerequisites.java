package brightplumb.core.making;

import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What must be sewn before a seam can be: a run that goes on from one edge to the next crosses the seam between them.
 */
final class Prerequisites {

    private Prerequisites() {}

    /** The seams that a join crosses. */
    static Set<Seam> of(Pattern pattern, Join join) {
        Set<Seam> crossed = new LinkedHashSet<>();
        for (Run run : join.layers()) {
            List<Stretch> stretches = run.stretches();
            for (int i = 0; i + 1 < stretches.size(); i++) {
                between(pattern, stretches.get(i), stretches.get(i + 1))
                        .filter(seam -> !seam.equals(join.seam()))
                        .ifPresent(crossed::add);
            }
        }
        return crossed;
    }

    private static Optional<Seam> between(Pattern pattern, Stretch one, Stretch next) {
        boolean sameEdge = one.piece().equals(next.piece())
                && one.role().equals(next.role())
                && one.nth() == next.nth()
                && one.copy() == next.copy();
        if (sameEdge) {
            return Optional.empty();
        }
        Edge leaving = beside(pattern.piece(one.piece()), one, !one.backwards());
        Edge reaching = beside(pattern.piece(next.piece()), next, next.backwards());
        List<Seam> seams = new ArrayList<>();
        for (Join join : pattern.joins()) {
            boolean both = join.layers().stream()
                            .flatMap(r -> r.stretches().stream())
                            .anyMatch(s -> s.on(one.piece(), leaving))
                    && join.layers().stream()
                            .flatMap(r -> r.stretches().stream())
                            .anyMatch(s -> s.on(next.piece(), reaching));
            if (both) {
                seams.add(join.seam());
            }
        }
        return seams.stream().findFirst();
    }

    /** The edge next to a stretch's own on its piece: the one that follows, or the one before. */
    private static Edge beside(Piece piece, Stretch stretch, boolean following) {
        int at = piece.edges().indexOf(piece.require(stretch.role(), stretch.nth()));
        int n = piece.edges().size();
        return piece.edges().get(following ? (at + 1) % n : (at + n - 1) % n);
    }
}
