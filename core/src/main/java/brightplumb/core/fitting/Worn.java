package brightplumb.core.fitting;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
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

    /** What an inspection asked for, mm; 0 where it was not made. */
    double wanted(CheckId check) {
        return checks.stream()
                .filter(c -> c.id().equals(check))
                .mapToDouble(Check::wanted)
                .findFirst()
                .orElse(0);
    }
}
