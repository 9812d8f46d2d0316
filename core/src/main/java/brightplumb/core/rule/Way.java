package brightplumb.core.rule;

import brightplumb.core.measure.Sentence;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * A way (school) of drafting: a named set of rules for the settings. Adding one is one file like {@link QuarterSkirt}
 * and its line in {@link Ways}.
 *
 * @param id its name in requests
 * @param part the part of a garment it drafts
 * @param title its name at the bench
 * @param why why people use it
 * @param rules a rule for every setting of the part
 * @param asks settings that a recipe asks for beyond what its ground would do
 * @param framed whether front and back are drawn side by side on one frame, half a hip wide
 */
public record Way(
        String id,
        String part,
        String title,
        Sentence why,
        Map<Setting, Rule> rules,
        Set<Setting> asks,
        boolean framed) {

    /** The name of the way that holds a recipe's own construction amounts. */
    public static final String BENCH = "bench";

    public Way {
        rules = Map.copyOf(rules);
        asks = Set.copyOf(asks);
    }

    Way(String id, String part, String title, String why, Map<Setting, Rule> rules) {
        this(id, part, title, Sentence.of(why), rules, Set.of(), false);
    }

    /** A way like another with some rules changed. */
    static Way like(Way other, String id, String title, String why, Map<Setting, Rule> changed) {
        Map<Setting, Rule> rules = new HashMap<>(other.rules);
        rules.putAll(changed);
        return new Way(id, other.part, title, Sentence.of(why), rules, Set.of(), other.framed);
    }

    /** The same way, front and back on one frame. */
    Way onOneFrame() {
        return new Way(id, part, title, why, rules, asks, true);
    }

    /** The same way where nobody says an amount: the draft finds it. */
    public Way finding(Setting setting) {
        Map<Setting, Rule> left = new HashMap<>(rules);
        left.remove(setting);
        return new Way(id, part, title, why, left, asks, framed);
    }

    /** A recipe's own amounts, on the ground of the way it begins from. */
    public static Way byTheRecipe(Way ground, String why, Map<Setting, Rule> amounts) {
        Way way = like(ground, BENCH, "By the recipe", why, amounts);
        return new Way(way.id, way.part, way.title, way.why, way.rules, amounts.keySet(), way.framed);
    }
}
