package brightplumb.core.garment;

import brightplumb.core.measure.Sentence;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import java.util.Map;

/**
 * What would be done for the same step in another way, or by another habit in the same way.
 *
 * @param way the other way's name; of a habit the way it is taken up in
 * @param title its name at the bench
 * @param value its value
 * @param formula its formula
 * @param why why it is done so; empty for a way, which says so itself
 * @param settings what a hand sets to have it; none for a way
 */
public record Rival(
        String way, String title, double value, String formula, Sentence why, Map<Setting, SettingValue> settings) {}
