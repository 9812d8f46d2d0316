package brightplumb.core.garment;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.AgainstLevel;
import brightplumb.core.rule.AllowanceSettings;
import brightplumb.core.rule.Choice;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.HabitSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.Way;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is asked for: a cut for a body in a way, with what was set by hand, in a cloth. Nothing else goes into a draft.
 *
 * @param cut the cut
 * @param way the way
 * @param sheet the measures
 * @param byHand what a hand set, which wins over the cut's and the way's
 * @param cloth the cloth
 * @param made what a hand adds to the cut or takes off it
 */
public record DraftRequest(
        Cut cut, Way way, Sheet sheet, Map<Setting, SettingValue> byHand, Cloth cloth, MadeWith made) {

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
        return of(cut, way, sheet, settings, cloth, MadeWith.RECIPE);
    }

    /**
     * A request from names, each checked, with what a hand adds to the cut or takes off it.
     *
     * @throws Refusal naming each field at fault
     */
    public static DraftRequest of(
            String cut, String way, Sheet sheet, Map<String, Object> settings, Cloth cloth, MadeWith made) {
        Cut found = Catalogue.of(cut)
                .orElseThrow(
                        () -> new Refusal(new FieldPath("cut"), "There is no cut of this name; one of: " + cuts()));
        List<Refusal.Fault> faults = new ArrayList<>();
        Way chosen = found.way(way == null ? found.way() : way).orElse(null);
        if (chosen == null) {
            String names = found.ways().stream().map(Way::id).collect(Collectors.joining(", "));
            faults.add(new Refusal.Fault(
                    new FieldPath("way"), "There is no way of this name for this cut; one of: " + names));
        }
        for (String unknown : made.unknown()) {
            faults.add(new Refusal.Fault(
                    FieldPath.WITH, "There is nothing called " + unknown + " to make it with or without"));
        }
        made.placeConflict()
                .ifPresent(both -> faults.add(
                        new Refusal.Fault(FieldPath.WITH, both + " go to one place; make it with one of them")));
        Map<Setting, SettingValue> byHand = new HashMap<>();
        // What was set stays when an operation is taken off for a while.
        Map<String, Setting> settable =
                found.settings().stream().collect(Collectors.toMap(Setting::key, setting -> setting));
        settings.forEach((key, value) ->
                read(AllowanceSettings.ofEdge(key).orElse(settable.get(key)), key, value, byHand, faults));
        HabitSettings.clash(byHand).ifPresent(faults::add);
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return new DraftRequest(found, chosen, sheet, byHand, cloth == null ? found.cloth() : cloth, made);
    }

    /** A setting of its cut by its key. */
    Optional<Setting> setting(String key) {
        return AllowanceSettings.ofEdge(key)
                .or(() ->
                        cut.settings().stream().filter(s -> s.key().equals(key)).findFirst());
    }

    /**
     * The same request with a remedy applied.
     *
     * @throws Refusal where the remedy asks for what cannot be set
     */
    DraftRequest with(Remedy remedy) {
        Map<Setting, SettingValue> hands = new HashMap<>(byHand);
        List<Refusal.Fault> faults = new ArrayList<>();
        hands.keySet().removeAll(remedy.givenBack());
        remedy.settings().forEach((setting, value) -> take(setting, value, hands, faults));
        HabitSettings.clash(hands).ifPresent(faults::add);
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return new DraftRequest(
                cut, way, sheet, hands, remedy.clothWidth() == null ? cloth : cloth.wide(remedy.clothWidth()), made);
    }

    private static String cuts() {
        return Catalogue.CUTS.stream().map(Cut::id).collect(Collectors.joining(", "));
    }

    private static void read(
            Setting setting, String key, Object value, Map<Setting, SettingValue> byHand, List<Refusal.Fault> faults) {
        FieldPath field = FieldPath.SETTINGS.of(key);
        if (setting == null) {
            faults.add(new Refusal.Fault(field, "This cut has no such setting"));
        } else if (setting.isChoice()) {
            setting.choices().stream()
                    .filter(c -> c.id().equals(value))
                    .findFirst()
                    .ifPresentOrElse(
                            choice -> byHand.put(setting, choice),
                            () -> faults.add(new Refusal.Fault(
                                    field,
                                    setting.title() + " is one of: "
                                            + setting.choices().stream()
                                                    .map(Choice::id)
                                                    .collect(Collectors.joining(", ")))));
        } else if (setting.isLevelled() && value instanceof Map<?, ?> told) {
            levelled(told)
                    .ifPresentOrElse(
                            length -> byHand.put(setting, length),
                            () -> faults.add(new Refusal.Fault(
                                    field,
                                    "A length against a level says from: waist, knee, ankle or floor, and "
                                            + "add: millimetres below it")));
        } else if (!(value instanceof Number number) || !Double.isFinite(number.doubleValue())) {
            faults.add(new Refusal.Fault(
                    field, setting.title() + " is a number" + (setting.isRatio() ? "" : " of millimetres")));
        } else {
            take(setting, setting.value(number.doubleValue()), byHand, faults);
        }
    }

    /** Sets what lies within its limits. */
    private static void take(
            Setting setting, SettingValue value, Map<Setting, SettingValue> byHand, List<Refusal.Fault> faults) {
        OptionalDouble amount = value.amount();
        if (amount.isPresent()
                && !(amount.getAsDouble() >= setting.least() && amount.getAsDouble() <= setting.most())) {
            faults.add(new Refusal.Fault(
                    setting.field(),
                    setting.title() + " goes from " + limit(setting, setting.least()) + " to "
                            + limit(setting, setting.most())));
        } else {
            byHand.put(setting, value);
        }
    }

    /** A length said against a level; empty where it is not well said. */
    private static Optional<AgainstLevel> levelled(Map<?, ?> told) {
        return told.get("add") instanceof Number add
                        && Double.isFinite(add.doubleValue())
                        && Math.abs(add.doubleValue()) <= AgainstLevel.FURTHEST
                        && told.keySet().equals(Set.of("from", "add"))
                ? AgainstLevel.Level.of(String.valueOf(told.get("from")))
                        .map(level -> new AgainstLevel(level, add.doubleValue()))
                : Optional.empty();
    }

    private static String limit(Setting setting, double value) {
        if (setting.isRatio()) {
            return String.valueOf(value);
        }
        return TapeWriter.inBoth(Length.mm(value));
    }

    /** The same request with one choice made by hand. */
    DraftRequest choosing(Setting setting, Choice choice) {
        Map<Setting, SettingValue> hands = new HashMap<>(byHand);
        hands.put(setting, choice);
        return hands(hands);
    }

    /** The same request with all that is set by hand otherwise. */
    DraftRequest hands(Map<Setting, SettingValue> hands) {
        return new DraftRequest(cut, way, sheet, hands, cloth, made);
    }

    /** The same request for what another sheet says of the body. */
    DraftRequest on(Sheet other) {
        return new DraftRequest(cut, way, other, byHand, cloth, made);
    }

    /** The same request in another way; what was set by hand stays only where the ways themselves do not differ. */
    DraftRequest inWay(Way other) {
        Map<Setting, SettingValue> kept = new HashMap<>();
        byHand.forEach((setting, value) -> {
            if (way.rules().get(setting) != null
                    && way.rules().get(setting) == other.rules().get(setting)) {
                kept.put(setting, value);
            }
        });
        return new DraftRequest(cut, other, sheet, kept, cloth, made);
    }
}
