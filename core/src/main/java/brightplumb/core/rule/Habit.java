package brightplumb.core.rule;

import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/**
 * What some do in place of what a way does. Chosen by hand it brings rules of its own, which win over the cut's and the
 * way's; an amount that a hand set still wins over them.
 *
 * @param why why it is done so, in plain words
 * @param steps the steps under which it is told as another way
 * @param rules what it says of other settings; nothing where the way is left as it is
 */
public record Habit(String id, String title, Sentence why, List<Fact> steps, Map<Setting, Rule> rules)
        implements Choice {

    public Habit {
        steps = List.copyOf(steps);
        rules = Map.copyOf(rules);
    }

    Habit(String id, String title, String why, List<Fact> steps, Map<Setting, Rule> rules) {
        this(id, title, Sentence.of(why), steps, rules);
    }

    /** What the way itself does. */
    public static final Habit BY_WAY = new Habit("by-way", "As this way has it", Sentence.EMPTY, List.of(), Map.of());
}
