package brightplumb.core.paper;

import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/**
 * A finished draft: a pure function's answer.
 *
 * @param steps the worked arithmetic in the cutter's order
 * @param facts named amounts by their outside names, in the order they were found
 * @param pieces the pieces as sewn
 * @param levels the levels that cross the paper, downward
 * @param notices what the cutter should know
 */
public record Draft(
        List<Step> steps, Map<String, Amount> facts, List<Piece> pieces, List<Level> levels, List<Notice> notices) {

    /** The piece covering a part of the body. */
    public Piece piece(Panel panel) {
        return pieces.stream()
                .filter(p -> p.panel() == panel)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No " + panel.id()));
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
