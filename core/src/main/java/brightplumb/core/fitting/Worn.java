package brightplumb.core.fitting;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The draft of the garment that is on the body.
 *
 * @param draft as it was cut
 * @param set the settings it was cut with
 * @param checks what was inspected
 */
public record Worn(Draft draft, Settings set, List<Check> checks) {

    /** What a setting came to in the draft, mm. */
    double effectiveAmount(Setting setting) {
        return set.effectiveAmount(setting, draft::told).value();
    }

    <C extends Choice> C choice(Setting setting, Class<C> type) {
        return set.choice(setting, type);
    }

    /** A setting moved by so many inches from what it came to, within its limits; empty where that changes nothing. */
    Map<Setting, SettingValue> moved(Setting setting, double inches) {
        double now = effectiveAmount(setting);
        double then = Math.max(setting.least(), Math.min(setting.most(), now + inches * Length.INCH));
        return Math.abs(then - now) < 0.5 ? Map.of() : Map.of(setting, setting.value(then));
    }

    /**
     * A change with what was solved as it was worn: else the solver would answer the change with another.
     *
     * @param solved what a draft finds, or moves from where its way has it
     */
    Map<Setting, SettingValue> holding(List<Setting> solved, Map<Setting, SettingValue> change) {
        if (change.isEmpty()) {
            return change;
        }
        Map<Setting, SettingValue> held = new HashMap<>(change);
        solved.forEach(setting -> held.computeIfAbsent(setting, s -> s.value(effectiveAmount(s))));
        return held;
    }

    /** What an inspection asked for, mm; 0 where it was not made. */
    double wanted(CheckId check) {
        return checks.stream()
                .filter(c -> c.id().equals(check))
                .mapToDouble(Check::wanted)
                .findFirst()
                .orElse(0);
    }
}
