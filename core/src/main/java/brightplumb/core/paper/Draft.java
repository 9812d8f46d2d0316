package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/**
 * A finished draft: a pure function's answer.
 *
 * @param steps the worked arithmetic in the cutter's order
 * @param facts named amounts by their outside names, in the order they were found
 * @param pieces the pieces as sewn
 * @param joins what is sewn to what
 * @param levels the levels that cross the paper, downward
 * @param notices what the cutter should know
 */
public record Draft(
        List<Step> steps,
        Map<String, Amount> facts,
        List<Piece> pieces,
        List<Join> joins,
        List<Level> levels,
        List<Notice> notices) {

    /** The piece covering a part of the body. */
    public Piece piece(Panel panel) {
        return pieces.stream()
                .filter(p -> p.panel() == panel)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No " + panel.id()));
    }

    /** The join of that name between two pieces. */
    public Join join(String seam) {
        return joins.stream()
                .filter(j -> j.seam().equals(seam))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No join " + seam));
    }

    /** The lines of one layer of a join, in the direction it is sewn. */
    public List<Segment> layer(Join join, int layer) {
        return join.layers().get(layer).stretches().stream()
                .flatMap(s -> piece(s.piece()).require(s.edge()).run().stream())
                .toList();
    }

    /** The piece of that name. */
    public Piece piece(String id) {
        return pieces.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No piece " + id));
    }

    /** A fact that is known to be there. */
    public Amount fact(String name) {
        Amount amount = facts.get(name);
        if (amount == null) {
            throw new IllegalStateException("No fact " + name);
        }
        return amount;
    }
}
