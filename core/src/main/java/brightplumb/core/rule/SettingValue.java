package brightplumb.core.rule;

import brightplumb.core.measure.Length;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/** What a setting is set to: a length, a ratio, one of its choices, or a length against a level of the body. */
public sealed interface SettingValue permits SettingValue.OfLength, SettingValue.OfRatio, Choice, AgainstLevel {

    /** A length. */
    record OfLength(Length length) implements SettingValue {
        @Override
        public Object told() {
            return length.mm();
        }

        @Override
        public OptionalDouble amount() {
            return OptionalDouble.of(length.mm());
        }
    }

    /** A plain number. */
    record OfRatio(double ratio) implements SettingValue {
        @Override
        public Object told() {
            return ratio;
        }

        @Override
        public OptionalDouble amount() {
            return OptionalDouble.of(ratio);
        }
    }

    /** Returns it as requests and answers say it: mm or a ratio, a choice's name, or a level and what is added. */
    Object told();

    /** Returns mm or a ratio; empty for a choice, and where a body must say what it comes to. */
    default OptionalDouble amount() {
        return OptionalDouble.empty();
    }

    /** Returns settings as requests and answers say them, in the order of the body. */
    static Map<String, Object> told(Map<Setting, ? extends SettingValue> settings) {
        Map<String, Object> told = new LinkedHashMap<>();
        settings.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> told.put(e.getKey().key(), e.getValue().told()));
        return told;
    }
}
