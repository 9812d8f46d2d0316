package brightplumb.core.cut;

import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is asked for: a cut for a body in a way, with what was set by hand, in a cloth. Nothing else goes into a draft.
 *
 * @param cut the cut
 * @param way the way
 * @param sheet the measures
 * @param byHand settings that win over the cut's and the way's: a {@link Double} (mm or a ratio) or a {@link Choice}
 * @param cloth the cloth
 */
public record DraftRequest(Cut cut, Way way, Sheet sheet, Map<Setting, Object> byHand, Cloth cloth) {

    public DraftRequest {
        byHand = Map.copyOf(byHand);
    }

    /**
     * A request from names, each checked.
     *
     * @param way the way's name, or null for the cut's own
     * @param settings setting keys to numbers or choice names; never null
     * @param cloth the cloth, or null for the cut's own
     * @throws Refusal naming each field at fault
     */
    public static DraftRequest of(String cut, String way, Sheet sheet, Map<String, Object> settings, Cloth cloth) {
        Cut found = Catalogue.of(cut)
                .orElseThrow(() -> new Refusal("cut", "There is no cut of this name; one of: " + cuts()));
        List<Refusal.Fault> faults = new ArrayList<>();
        Way chosen = Ways.of(found.family(), way == null ? found.way() : way).orElse(null);
        if (chosen == null) {
            String names = Ways.of(found.family()).stream().map(Way::id).collect(Collectors.joining(", "));
            faults.add(new Refusal.Fault("way", "There is no way of this name for this cut; one of: " + names));
        }
        Map<Setting, Object> byHand = new EnumMap<>(Setting.class);
        settings.forEach((key, value) -> read(found, key, value, byHand, faults));
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return new DraftRequest(found, chosen, sheet, byHand, cloth == null ? found.cloth() : cloth);
    }

    private static String cuts() {
        return Catalogue.CUTS.stream().map(Cut::id).collect(Collectors.joining(", "));
    }

    private static void read(
            Cut cut, String key, Object value, Map<Setting, Object> byHand, List<Refusal.Fault> faults) {
        Setting setting =
                Setting.of(key).filter(s -> cut.family().settings().contains(s)).orElse(null);
        String field = "settings." + key;
        if (setting == null) {
            faults.add(new Refusal.Fault(field, "This cut has no such setting"));
        } else if (setting.isChoice()) {
            cut.family().choices(setting).stream()
                    .filter(c -> c.id().equals(value))
                    .findFirst()
                    .ifPresentOrElse(
                            choice -> byHand.put(setting, choice),
                            () -> faults.add(new Refusal.Fault(
                                    field,
                                    setting.title() + " is one of: "
                                            + cut.family().choices(setting).stream()
                                                    .map(Choice::id)
                                                    .collect(Collectors.joining(", ")))));
        } else if (!(value instanceof Number number) || !Double.isFinite(number.doubleValue())) {
            faults.add(new Refusal.Fault(
                    field, setting.title() + " is a number" + (setting.isRatio() ? "" : " of millimetres")));
        } else if (number.doubleValue() < setting.least() || number.doubleValue() > setting.most()) {
            faults.add(new Refusal.Fault(
                    field,
                    setting.title() + " goes from " + limit(setting, setting.least()) + " to "
                            + limit(setting, setting.most())));
        } else {
            byHand.put(setting, number.doubleValue());
        }
    }

    private static String limit(Setting setting, double value) {
        if (setting.isRatio()) {
            return String.valueOf(value);
        }
        return brightplumb.core.measure.TapeWriter.eighths(Length.mm(value)) + " in (" + Math.round(value) + " mm)";
    }

    /** The same request in another way; what was set by hand stays only where the ways themselves do not differ. */
    DraftRequest inWay(Way other) {
        Map<Setting, Object> kept = new EnumMap<>(Setting.class);
        byHand.forEach((setting, value) -> {
            if (way.rules().get(setting) != null
                    && way.rules().get(setting) == other.rules().get(setting)) {
                kept.put(setting, value);
            }
        });
        return new DraftRequest(cut, other, sheet, kept, cloth);
    }
}
