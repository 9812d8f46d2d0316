package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The sheet while it is being drawn on. Lines are recorded under the step that drew them: draw first, then say with {@link #step}
 * what was worked out. One sheet serves one draft and is not shared.
 */
public final class Paper {

    private final List<Step> steps = new ArrayList<>();
    private final Map<String, Amount> facts = new LinkedHashMap<>();
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Join> joins = new ArrayList<>();
    private final List<Level> levels = new ArrayList<>();
    private final List<Notice> notices = new ArrayList<>();
    private List<Drawn> pending = new ArrayList<>();

    /** Draws a run on a panel's sheet, under the step that is said next. */
    public Paper draw(Panel panel, Drawn.Role role, String label, List<? extends Segment> run) {
        pending.add(new Drawn(panel, role, List.copyOf(run), label));
        return this;
    }

    /** Draws single segments. */
    public Paper draw(Panel panel, Drawn.Role role, String label, Segment... run) {
        return draw(panel, role, label, List.of(run));
    }

    /**
     * Says a step: its amount is kept as a fact when it has an outside name, and all that was drawn since the last step is put
     * under it.
     *
     * @return the amount, for the next line of the draft
     */
    public Amount step(String id, String title, Amount amount, String why) {
        steps.add(new Step(id, title, amount, why, pending));
        pending = new ArrayList<>();
        return fact(amount);
    }

    /** A step named after its fact. */
    public Amount step(Amount amount, String title, String why) {
        return step(amount.id(), title, amount, why);
    }

    /** Keeps an amount as a fact without a step of its own. */
    public Amount fact(Amount amount) {
        if (amount.id() != null) {
            facts.put(amount.id(), amount);
        }
        return amount;
    }

    /** An amount that was kept as a fact earlier in the draft. */
    public Amount known(String fact) {
        Amount amount = facts.get(fact);
        if (amount == null) {
            throw new IllegalStateException("No fact " + fact + " yet");
        }
        return amount;
    }

    public void level(String name, double y) {
        levels.add(new Level(name, y));
    }

    /** Takes the pieces off the sheet, with what is sewn to what. */
    public void pieces(List<Piece> cutOut, List<Join> sewn) {
        pieces.addAll(cutOut);
        joins.addAll(sewn);
    }

    public void notice(Notice notice) {
        notices.add(notice);
    }

    /** The draft as it stands. */
    public Draft finished() {
        return new Draft(
                List.copyOf(steps),
                Collections.unmodifiableMap(new LinkedHashMap<>(facts)),
                List.copyOf(pieces),
                List.copyOf(joins),
                List.copyOf(levels),
                List.copyOf(notices));
    }
}
