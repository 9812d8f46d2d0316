package brightplumb.core.paper;

import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.Map;
import java.util.Set;

/**
 * A change that settles a notice or an inspection.
 *
 * @param text what is done, in the bench's words
 * @param settings setting keys to their new values: numbers in mm or a ratio, or a choice's name
 * @param givenBack settings that a hand set and that its way sets again
 * @param clothWidth mm of cloth to buy instead, or null where the cloth stays
 */
public record Remedy(Sentence text, Map<Setting, SettingValue> settings, Set<Setting> givenBack, Double clothWidth) {

    public Remedy {
        settings = Map.copyOf(settings);
        givenBack = Set.copyOf(givenBack);
    }

    /** A change of settings, or of the cloth's width. */
    public Remedy(Sentence text, Map<Setting, SettingValue> settings, Double clothWidth) {
        this(text, settings, Set.of(), clothWidth);
    }

    /** What a hand set is given back to its way. */
    public static Remedy givingBack(String text, Set<Setting> givenBack) {
        return new Remedy(Sentence.of(text), Map.of(), givenBack, null);
    }

    /** A change of settings. */
    public Remedy(String text, Map<Setting, SettingValue> settings) {
        this(Sentence.of(text), settings, null);
    }
}
