package brightplumb.core.rule;

import brightplumb.core.measure.FieldPath;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/**
 * Something that can be set on a garment. It knows its kind, its range and when it applies; who reads it says so.
 * Settings are declared in small files, one for each subject, and two of one key are one setting.
 */
public final class Setting implements Comparable<Setting> {

    /** What a setting is given as. */
    public enum Kind {
        /** Millimetres. */
        LENGTH,
        /** A plain number. */
        RATIO,
        /** One of its choices. */
        CHOICE
    }

    private static final Comparator<Setting> ORDER =
            Comparator.comparing(Setting::zone).thenComparing(Setting::key);

    private final String key;
    private final String title;
    private final Zone zone;
    private final String label;
    private final Kind kind;
    private final double least;
    private final double most;
    private final List<Choice> choices;
    private final List<String> facts;
    private final Predicate<Settings> applies;
    private final boolean levelled;

    private Setting(
            String key,
            String title,
            Zone zone,
            String label,
            Kind kind,
            double least,
            double most,
            List<Choice> choices,
            List<String> facts,
            Predicate<Settings> applies,
            boolean levelled) {
        this.levelled = levelled;
        this.key = key;
        this.title = title;
        this.zone = zone;
        this.label = label;
        this.kind = kind;
        this.least = least;
        this.most = most;
        this.choices = choices;
        this.facts = facts;
        this.applies = applies;
    }

    /**
     * A length.
     *
     * @param key its name in requests
     * @param title its full name at the bench
     * @param label its short name beneath its zone's heading
     * @param least the smallest length that is taken, mm
     * @param most the largest length that is taken, mm
     */
    public static Setting length(String key, String title, Zone zone, String label, double least, double most) {
        return new Setting(key, title, zone, label, Kind.LENGTH, least, most, List.of(), List.of(), set -> true, false);
    }

    /** A ratio between two others. */
    public static Setting ratio(String key, String title, Zone zone, String label, double least, double most) {
        return new Setting(key, title, zone, label, Kind.RATIO, least, most, List.of(), List.of(), set -> true, false);
    }

    /** One of several choices. */
    public static Setting choice(String key, String title, Zone zone, String label, Choice... choices) {
        return new Setting(key, title, zone, label, Kind.CHOICE, 0, 0, List.of(choices), List.of(), set -> true, false);
    }

    /** The same length, which can also be said against a level of the body. */
    public Setting againstLevels() {
        return new Setting(key, title, zone, label, kind, least, most, choices, facts, applies, true);
    }

    /** Whether it can be said against a level of the body. */
    public boolean isLevelled() {
        return levelled;
    }

    /**
     * The same setting whose outcome facts tell, where the body or a plan has the last word: the first that a draft
     * has.
     */
    public Setting tellingBy(String... names) {
        return new Setting(key, title, zone, label, kind, least, most, choices, List.of(names), applies, levelled);
    }

    /** The same setting, which changes something only while something holds. */
    public Setting when(Predicate<Settings> holds) {
        return new Setting(key, title, zone, label, kind, least, most, choices, facts, applies.and(holds), levelled);
    }

    /** The same setting where only some of its choices can be made. */
    public Setting offering(Choice... some) {
        List<Choice> offered = Arrays.asList(some);
        if (!choices.containsAll(offered)) {
            throw new IllegalArgumentException(key + " has not all these choices");
        }
        return new Setting(key, title, zone, label, kind, least, most, List.copyOf(offered), facts, applies, levelled);
    }

    /** Its name in requests. */
    public String key() {
        return key;
    }

    /** Returns the path of its field in a request. */
    public FieldPath field() {
        return FieldPath.SETTINGS.of(key);
    }

    /** Its full name at the bench. */
    public String title() {
        return title;
    }

    /** Its name inside a formula. */
    public String spoken() {
        return title.toLowerCase(Locale.ROOT);
    }

    public Zone zone() {
        return zone;
    }

    /** Its short name beneath its zone's heading. */
    public String label() {
        return label;
    }

    public Kind kind() {
        return kind;
    }

    /** The smallest amount that is taken: mm, or a ratio. */
    public double least() {
        return least;
    }

    /** The largest amount that is taken: mm, or a ratio. */
    public double most() {
        return most;
    }

    /** The named choices; empty for an amount. */
    public List<Choice> choices() {
        return choices;
    }

    public boolean isChoice() {
        return kind == Kind.CHOICE;
    }

    /** Whether the amount is a plain ratio, not a length. */
    public boolean isRatio() {
        return kind == Kind.RATIO;
    }

    /**
     * Whether a step of the working says it: one it tells by, or one that is its own name in words, {@code hip.ease}
     * for {@code hipEase}.
     */
    public boolean isShownByStep(String step) {
        if (facts.contains(step)) {
            return true;
        }
        int at = 0;
        for (int i = 0; i < step.length(); i++) {
            char letter = step.charAt(i);
            if (letter == '.') {
                continue;
            }
            char said = i > 0 && step.charAt(i - 1) == '.' ? Character.toUpperCase(letter) : letter;
            if (at == key.length() || key.charAt(at++) != said) {
                return false;
            }
        }
        return at == key.length();
    }

    /** The facts that tell what it came to, where the body or the plan has the last word; else none. */
    public List<String> resultOf() {
        return facts;
    }

    /** Whether it changes anything while the others are as they are. */
    public boolean appliesIn(Settings set) {
        return applies.test(set);
    }

    /** In the order of the body. */
    @Override
    public int compareTo(Setting other) {
        return ORDER.compare(this, other);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Setting that && key.equals(that.key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    @Override
    public String toString() {
        return key;
    }
}
