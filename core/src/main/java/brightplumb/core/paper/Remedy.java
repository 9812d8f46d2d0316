package brightplumb.core.paper;

import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.Map;

/**
 * A change that settles a notice or an inspection.
 *
 * @param text what is done, in the bench's words
 * @param settings setting keys to their new values: numbers in mm or a ratio, or a choice's name
 * @param clothWidth mm of cloth to buy instead, or null where the cloth stays
 */
public record Remedy(Sentence text, Map<Setting, SettingValue> settings, Double clothWidth) {

    public Remedy {
        settings = Map.copyOf(settings);
    }

    /** A change of settings. */
    public Remedy(String text, Map<Setting, SettingValue> settings) {
        this(Sentence.of(text), settings, null);
    }
}
