package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A draft: a pure function's answer.
 *
 * @param pattern the pieces as sewn, and what is sewn to what
 * @param steps the worked arithmetic in the cutter's order
 * @param facts what was worked out, in the order they were found
 * @param levels the levels that cross the paper, downward
 * @param notices what the cutter should know
 */
public record Draft(
        Pattern pattern, List<Step> steps, Map<Fact, Amount> facts, List<Level> levels, List<Notice> notices) {

    /** Nothing drawn yet. */
    public static final Draft EMPTY = new Draft(Pattern.EMPTY, List.of(), Map.of(), List.of(), List.of());

    public Draft {
        steps = List.copyOf(steps);
        facts = OrderedFacts.of(facts);
        levels = List.copyOf(levels);
        notices = List.copyOf(notices);
    }

    /** Returns the pieces as sewn, in the order they are cut. */
    public List<Piece> pieces() {
        return pattern.pieces();
    }

    /** Returns what is sewn to what. */
    public List<Join> joins() {
        return pattern.joins();
    }

    /** The same draft with another pattern. */
    public Draft with(Pattern other) {
        return new Draft(other, steps, facts, levels, notices);
    }

    /** The same draft with other notices. */
    public Draft noticing(List<Notice> all) {
        return new Draft(pattern, steps, facts, levels, all);
    }

    /** The piece of the shell that is of a panel; of two that differ by side, the left. */
    public Piece panel(Panel panel) {
        return pieces().stream()
                .filter(p -> p.panel().equals(panel) && p.layer() == Layer.SHELL)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No " + panel));
    }

    /** The join of that name. */
    public Join join(Seam seam) {
        return pattern.find(seam).orElseThrow(() -> new IllegalStateException("No join " + seam));
    }

    /** The lines of one layer of a join, in the direction it is sewn. */
    public List<Segment> layer(Join join, int layer) {
        return pattern.lines(join.layers().get(layer));
    }

    /** The piece of that name, as outsiders know it. */
    public Piece piece(String id) {
        return pieces().stream()
                .filter(p -> p.id().toString().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("No piece " + id));
    }

    /** The piece of that name. */
    public Piece piece(PieceId id) {
        return pattern.piece(id);
    }

    /** A fact that is known to be there. */
    public Amount fact(Fact fact) {
        Amount amount = facts.get(fact);
        if (amount == null) {
            throw new IllegalStateException("No fact " + fact);
        }
        return amount;
    }

    /** What a fact or a step of its working came to; empty where it has neither. */
    public Optional<Amount> told(Fact name) {
        return facts.containsKey(name)
                ? Optional.of(facts.get(name))
                : steps.stream()
                        .filter(step -> step.fact().equals(name))
                        .map(Step::amount)
                        .findFirst();
    }

    /** Whether a fact is there. */
    public boolean found(Fact fact) {
        return facts.containsKey(fact);
    }

    /** The level of that name, if it crosses the paper. */
    public OptionalDouble level(String name) {
        return levels.stream()
                .filter(l -> l.name().equals(name))
                .mapToDouble(Level::y)
                .findFirst();
    }

    /** The pieces that have an edge of a role, cut from the shell, in the order they are cut. */
    public List<Piece> with(EdgeRole role) {
        return pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL && p.edge(role).isPresent())
                .toList();
    }
}
