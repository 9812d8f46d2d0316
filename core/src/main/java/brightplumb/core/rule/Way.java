package brightplumb.core.rule;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * A way (school) of drafting: a named set of rules for the settings. Adding one is one file like {@link QuarterSkirt} and its line
 * in {@link Ways#ALL}.
 *
 * @param id its name in requests
 * @param family the garments it drafts
 * @param title its name at the bench
 * @param why why people use it
 * @param rules a rule for every setting of the family
 */
public record Way(String id, Family family, String title, String why, Map<Setting, Rule> rules) {

    public Way {
        Map<Setting, Rule> copy = new EnumMap<>(Setting.class);
        copy.putAll(rules);
        rules = Collections.unmodifiableMap(copy);
    }

    /** A way like another with some rules changed. */
    static Way like(Way other, String id, String title, String why, Map<Setting, Rule> changed) {
        Map<Setting, Rule> rules = new EnumMap<>(other.rules);
        rules.putAll(changed);
        return new Way(id, other.family, title, why, rules);
    }
}
