package brightplumb.core.paper;

import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Sentence;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The sheet while it is being drawn on. Lines are recorded under the step that drew them: draw first, then say with
 * {@link #step} what was worked out. One sheet serves one draft and is not shared.
 */
public final class Paper {

    private final List<Step> steps;
    private final Map<Fact, Amount> facts;
    private final List<Level> levels;
    private final List<Notice> notices;
    private List<Drawn> pending = new ArrayList<>();

    private Paper(Draft before) {
        steps = new ArrayList<>(before.steps());
        facts = new LinkedHashMap<>(before.facts());
        levels = new ArrayList<>(before.levels());
        notices = new ArrayList<>(before.notices());
    }

    /** The sheet as a draft has left it, to go on with. */
    public static Paper after(Draft before) {
        return new Paper(before);
    }

    /** Draws a run on a piece's sheet, under the step that is said next. */
    public Paper draw(String sheet, Drawn.Role role, String label, List<? extends Segment> run) {
        pending.add(new Drawn(sheet, role, List.copyOf(run), label));
        return this;
    }

    /** Draws single segments. */
    public Paper draw(String sheet, Drawn.Role role, String label, Segment... run) {
        return draw(sheet, role, label, List.of(run));
    }

    /**
     * Says a step: its amount is kept as a fact when it has an outside name, and all that was drawn since the last step
     * is put under it.
     *
     * @return the amount, for the next line of the draft
     */
    public Amount step(Fact fact, String title, Amount amount, String why) {
        return step(fact, title, amount, Sentence.of(why));
    }

    /** A step with a reason that was given elsewhere. */
    public Amount step(Fact fact, String title, Amount amount, Sentence why) {
        steps.add(new Step(fact, title, amount, why, pending));
        pending = new ArrayList<>();
        return fact(amount);
    }

    /** A step named after its fact. */
    public Amount step(Amount amount, String title, String why) {
        return step(amount.fact(), title, amount, Sentence.of(why));
    }

    /** A step named after its fact, with a reason that was given elsewhere. */
    public Amount step(Amount amount, String title, Sentence why) {
        return step(amount.fact(), title, amount, why);
    }

    /** Keeps an amount as a fact without a step of its own. */
    public Amount fact(Amount amount) {
        if (amount.fact() != null) {
            facts.put(amount.fact(), amount);
        }
        return amount;
    }

    /**
     * Takes back the steps of a line that is drawn otherwise now, with what they drew. What was found stays known, as
     * settings are told by it.
     */
    public void takeBack(Set<Fact> names) {
        steps.removeIf(step -> names.contains(step.fact()));
    }

    /** An amount that was kept as a fact earlier in the draft. */
    public Amount known(Fact fact) {
        Amount amount = facts.get(fact);
        if (amount == null) {
            throw new IllegalStateException("No fact " + fact + " yet");
        }
        return amount;
    }

    /**
     * Rules a level across the paper.
     *
     * @param y mm below the level waist line
     */
    public void level(String name, double y) {
        levels.add(new Level(name, y, Hand.BOTH));
    }

    /** Says what the cutter should know. */
    public void notice(Notice notice) {
        notices.add(notice);
    }

    /** The draft as it stands, with its pattern. */
    public Draft finished(Pattern pattern) {
        return new Draft(pattern, steps, facts, levels, notices);
    }
}
