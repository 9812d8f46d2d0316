package brightplumb.core.rule;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sentence;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * The settings in force for one draft: what was set by hand, else what a habit chosen by hand brings, else what the
 * garment asks, else what the way says. Each amount is worked out once.
 */
public final class Settings {

    /** Why a setting is what a hand set. */
    public static final Sentence BY_HAND = Sentence.of("Set by hand.");

    private final Way way;
    private final Map<Setting, Rule> asked;
    private final Map<Setting, SettingValue> byHand;
    /** The rules of habits that a hand chose. */
    private final Map<Setting, Rule> habitRules;

    private final Given given;
    private final Map<Setting, Amount> worked = new HashMap<>();
    /** Those whose rules are being worked, outermost first. */
    private final Set<Setting> underway = new LinkedHashSet<>();

    /**
     * @param asked the rules of the garment, its cut's and its operations', which win over the way's
     * @param byHand what was set by hand: a {@link Double} in mm or a ratio, a {@link Choice}, or a length
     *     {@link AgainstLevel}
     */
    public Settings(Way way, Map<Setting, Rule> asked, Map<Setting, SettingValue> byHand, Body body, Cloth cloth) {
        this.way = way;
        this.asked = asked;
        this.byHand = byHand;
        this.given = new Given(body, cloth, this);
        this.habitRules = byHand.values().stream().anyMatch(Habit.class::isInstance)
                ? habitRules(new Settings(way, asked, withoutHabits(byHand), body, cloth))
                : Map.of();
    }

    private static Map<Setting, SettingValue> withoutHabits(Map<Setting, SettingValue> byHand) {
        Map<Setting, SettingValue> others = new HashMap<>(byHand);
        others.values().removeIf(Habit.class::isInstance);
        return others;
    }

    /** What habits chosen by hand bring, each where it changes anything as the rest is set. */
    private Map<Setting, Rule> habitRules(Settings rest) {
        Map<Setting, Rule> rules = new HashMap<>();
        byHand.forEach((setting, value) -> {
            if (value instanceof Habit habit && setting.appliesIn(rest)) {
                rules.putAll(habit.rules());
            }
        });
        return rules;
    }

    /** The same settings with some set by hand otherwise. */
    public Settings with(Map<Setting, SettingValue> changed) {
        Map<Setting, SettingValue> hands = new HashMap<>(byHand);
        hands.putAll(changed);
        return new Settings(way, asked, hands, given.body(), given.cloth());
    }

    /** The same settings with one left to its rule, whatever a hand says. */
    public Settings without(Setting left) {
        if (!byHand(left)) {
            return this;
        }
        Map<Setting, SettingValue> hands = new HashMap<>(byHand);
        hands.remove(left);
        return new Settings(way, asked, hands, given.body(), given.cloth());
    }

    /**
     * The settings in force on a body as it was taped, seen from where the garment sits.
     *
     * @param body the body, from its waist
     */
    public static Settings on(
            Way way, Map<Setting, Rule> asked, Map<Setting, SettingValue> byHand, Body body, Cloth cloth) {
        return new Settings(way, asked, byHand, body, cloth).seated(body);
    }

    /** The same settings on another body as it was taped, or another side of it. */
    public Settings on(Body body) {
        return new Settings(way, asked, byHand, body, given.cloth()).seated(body);
    }

    /** Seen from where the garment sits on that body. */
    private Settings seated(Body body) {
        Amount below = knows(WaistSettings.SITS_BELOW) ? amount(WaistSettings.SITS_BELOW) : null;
        return below == null || below.value() == 0
                ? this
                : new Settings(way, asked, byHand, body.sitting(below), given.cloth());
    }

    /** Returns the way it is drafted in. */
    public Way way() {
        return way;
    }

    /** Returns the cloth it is cut from. */
    public Cloth cloth() {
        return given.cloth();
    }

    /** Returns the body it is drafted for. */
    public Body body() {
        return given.body();
    }

    /** What was set by hand. */
    public Map<Setting, SettingValue> hands() {
        return Map.copyOf(byHand);
    }

    /** Whether it was set by hand. */
    public boolean byHand(Setting setting) {
        return byHand.containsKey(setting);
    }

    /** Whether a hand, the garment or its recipe asks for it, over what a way in general would do. */
    public boolean askedBeyondWay(Setting setting) {
        return byHand(setting)
                || habitRules.containsKey(setting)
                || asked.containsKey(setting)
                || way.asks().contains(setting);
    }

    /** Whether anything at all says what it is. */
    public boolean knows(Setting setting) {
        return byHand(setting) || rule(setting).isPresent();
    }

    private Optional<Rule> rule(Setting setting) {
        Rule rule = habitRules.get(setting);
        if (rule == null) {
            rule = asked.get(setting);
        }
        return Optional.ofNullable(rule == null ? way.rules().get(setting) : rule);
    }

    private Rule require(Setting setting) {
        return rule(setting)
                .orElseThrow(
                        () -> new IllegalStateException("The way " + way.id() + " has no rule for " + setting.key()));
    }

    /** Where to look when a draft cannot be drawn: at a setting, if a hand set it, else at a measure. */
    public FieldPath faultField(Setting setting, Measure measure) {
        return byHand(setting) ? setting.field() : measure.field();
    }

    /** Where to look when no one amount is at fault: at what hands have set, or at the tape. */
    public FieldPath faultField() {
        return byHand.isEmpty() ? FieldPath.MEASURES : FieldPath.SETTINGS;
    }

    /** Why the setting is what it is; empty where the dart plan decides and no rule does. */
    public Sentence why(Setting setting) {
        return byHand(setting) ? BY_HAND : rule(setting).map(Rule::why).orElse(Sentence.EMPTY);
    }

    /** A setting's amount under its name. */
    public Amount amount(Setting setting) {
        Amount known = worked.get(setting);
        if (known == null) {
            known = work(setting);
            worked.put(setting, known);
        }
        return known;
    }

    /** A depth from the waist as the garment has it: a band that finishes at the waist is taken off the top. */
    public Amount belowBand(Amount fromWaist) {
        return choice(BandSettings.BAND_PLACE, BandPlace.class) == BandPlace.INCLUDED
                ? fromWaist.minus(amount(BandSettings.BAND_HEIGHT))
                : fromWaist;
    }

    /** A setting's amount, if a hand, the garment or the way asks for one; otherwise the dart plan decides. */
    public Optional<Amount> asked(Setting setting) {
        return knows(setting) ? Optional.of(amount(setting)) : Optional.empty();
    }

    private Amount work(Setting setting) {
        if (byHand.get(setting) instanceof AgainstLevel length) {
            return length.on(given.body(), setting).called(setting.spoken()).asOverride();
        }
        if (byHand.get(setting) instanceof SettingValue.OfLength length) {
            return Amount.byHand(length.length().mm(), Amount.Kind.LENGTH).called(setting.spoken());
        }
        if (byHand.get(setting) instanceof SettingValue.OfRatio ratio) {
            return Amount.byHand(ratio.ratio(), Amount.Kind.NUMBER).called(setting.spoken());
        }
        Rule.Worked rule = (Rule.Worked) require(setting);
        return straight(setting, () -> rule.amount().apply(given)).called(setting.spoken());
    }

    /** What a rule gives, unless it needs in the end what it is to give. */
    private <T> T straight(Setting setting, Supplier<T> rule) {
        if (!underway.add(setting)) {
            throw new IllegalStateException(
                    "Rules of the way " + way.id() + " need each other in a circle: " + underway + ", " + setting);
        }
        try {
            return rule.get();
        } finally {
            underway.remove(setting);
        }
    }

    /**
     * What a setting came to in a draft: what tells it there, or the amount as it was set.
     *
     * @param told what a draft tells under a name; empty where it tells nothing
     */
    public Amount effectiveAmount(Setting setting, Function<Fact, Optional<Amount>> told) {
        return setting.facts().stream()
                .map(told)
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() -> amount(setting));
    }

    /** A setting's choice. */
    public <C extends Choice> C choice(Setting setting, Class<C> type) {
        Object set = byHand.get(setting);
        if (set != null) {
            return type.cast(set);
        }
        Rule.Chosen rule = (Rule.Chosen) require(setting);
        return type.cast(straight(setting, () -> rule.choice().apply(given)));
    }

    /** Whether a setting's choice is one, where anything says what it is. */
    public boolean chose(Setting setting, Choice choice) {
        return knows(setting) && choice(setting, Choice.class) == choice;
    }
}
