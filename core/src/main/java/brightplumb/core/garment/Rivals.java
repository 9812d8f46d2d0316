package brightplumb.core.garment;

import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.Body;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Habit;
import brightplumb.core.rule.HabitSettings;
import brightplumb.core.rule.InForce;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Way;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What would be done otherwise for each step of a draft: in the cut's other ways, and by other habits in its own. */
public final class Rivals {

    private final DraftRequest request;
    private final Map<Fact, Step> ours;
    private final Map<Fact, List<Rival>> found = new LinkedHashMap<>();

    private Rivals(Drafted drafted) {
        this.request = drafted.request();
        this.ours = steps(drafted.draft().steps());
    }

    /**
     * The rivals of each step, by the step's name; only where they differ by more than shows. What cannot draft this
     * body gives none.
     */
    public static Map<Fact, List<Rival>> of(Drafted drafted) {
        Rivals rivals = new Rivals(drafted);
        for (Way other : rivals.request.cut().ways()) {
            if (!other.id().equals(rivals.request.way().id())) {
                rivals.collect(
                        rivals.request.inWay(other),
                        rivals.ours.keySet(),
                        other.id(),
                        other.title(),
                        Sentence.EMPTY,
                        Map.of());
            }
        }
        for (InForce setting : drafted.settings()) {
            if (setting.applies() && HabitSettings.ALL.contains(setting.setting())) {
                rivals.others(setting.setting(), (Habit) setting.choice());
            }
        }
        return rivals.found;
    }

    /** What else could be chosen at a habit. */
    private void others(Setting setting, Habit now) {
        for (Choice choice : setting.choices()) {
            Habit other = (Habit) choice;
            DraftRequest otherwise = request.choosing(setting, other);
            // What contradicts another habit that was chosen is not to be had.
            if (!other.equals(now) && HabitSettings.clash(otherwise.byHand()).isEmpty()) {
                collect(
                        otherwise,
                        Set.copyOf((other.equals(Habit.BY_WAY) ? now : other).steps()),
                        request.way().id(),
                        other.title(),
                        other.why(),
                        Map.of(setting, other));
            }
        }
    }

    private void collect(
            DraftRequest otherwise,
            Set<Fact> under,
            String way,
            String title,
            Sentence why,
            Map<Setting, SettingValue> settings) {
        Garment garment = Garment.of(otherwise);
        Map<Fact, Step> theirs;
        try {
            theirs = steps(
                    garment.draft(garment.settings(Body.of(otherwise.sheet()))).steps());
        } catch (Refusal cannot) {
            return;
        }
        for (Fact fact : ours.keySet()) {
            Step their = theirs.get(fact);
            if (their != null
                    && under.contains(fact)
                    && Math.abs(their.amount().value() - ours.get(fact).amount().value()) > Tolerance.SHOWN) {
                found.computeIfAbsent(fact, none -> new ArrayList<>())
                        .add(new Rival(
                                way,
                                title,
                                their.amount().value(),
                                their.amount().formula(),
                                why,
                                settings));
            }
        }
    }

    private static Map<Fact, Step> steps(List<Step> all) {
        return all.stream().collect(Collectors.toMap(Step::fact, s -> s, (a, b) -> a, LinkedHashMap::new));
    }
}
