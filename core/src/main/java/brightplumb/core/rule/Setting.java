package brightplumb.core.rule;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.working.Fact;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/**
 * Something that can be set on a garment. It knows its kind, its range and when it applies; who reads it says so.
 * Settings are declared in small files, one for each subject, and two of one key are one setting.
 *
 * @param key its name in requests
 * @param title its full name at the bench
 * @param label its short name beneath its zone's heading
 * @param least the smallest amount that is taken: mm, or a ratio
 * @param most the largest amount that is taken: mm, or a ratio
 * @param choices the named choices; empty for an amount
 * @param facts the facts that tell what it came to, where the body or the plan has the last word; else none
 * @param applies when it changes anything, by what else is set
 * @param isLevelled whether it can be said against a level of the body
 */
@RecordBuilder
@RecordBuilder.Options(enableWither = false)
public record Setting(
        String key,
        String title,
        Zone zone,
        String label,
        Kind kind,
        double least,
        double most,
        List<Choice> choices,
        List<Fact> facts,
        Predicate<Settings> applies,
        boolean isLevelled)
        implements Comparable<Setting> {

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

    public Setting {
        choices = List.copyOf(choices);
        facts = List.copyOf(facts);
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
        return SettingBuilder.builder(this).isLevelled(true).build();
    }

    /**
     * The same setting whose outcome facts tell, where the body or a plan has the last word: the first that a draft
     * has.
     */
    public Setting tellingBy(Fact... tellers) {
        return SettingBuilder.builder(this).facts(List.of(tellers)).build();
    }

    /** The same setting whose outcome the step of its own name tells, where the body or a plan has the last word. */
    public Setting tellingByItsStep() {
        return tellingBy(fact());
    }

    /** The same setting, which changes something only while something holds. */
    public Setting when(Predicate<Settings> holds) {
        return SettingBuilder.builder(this).applies(applies.and(holds)).build();
    }

    /** The same setting where only some of its choices can be made. */
    public Setting offering(Choice... some) {
        List<Choice> offered = Arrays.asList(some);
        if (!choices.containsAll(offered)) {
            throw new IllegalArgumentException(key + " has not all these choices");
        }
        return SettingBuilder.builder(this).choices(offered).build();
    }

    /** Returns an amount of it: mm, or a ratio. */
    public SettingValue value(double amount) {
        return isRatio() ? new SettingValue.OfRatio(amount) : new SettingValue.OfLength(Length.mm(amount));
    }

    /** Returns the path of its field in a request. */
    public FieldPath field() {
        return FieldPath.SETTINGS.of(key);
    }

    /** Its name inside a formula. */
    public String spoken() {
        return title.toLowerCase(Locale.ROOT);
    }

    /** Returns whether one of its choices is set, not an amount. */
    public boolean isChoice() {
        return kind == Kind.CHOICE;
    }

    /** Whether the amount is a plain ratio, not a length. */
    public boolean isRatio() {
        return kind == Kind.RATIO;
    }

    /** Returns the fact that is its own name in words: {@code hip.ease} for {@code hipEase}. */
    public Fact fact() {
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < key.length(); i++) {
            char letter = key.charAt(i);
            if (Character.isUpperCase(letter)) {
                words.append('.');
            }
            words.append(Character.toLowerCase(letter));
        }
        return new Fact(words.toString());
    }

    /**
     * Returns whether a step of the working says it: one that it tells by, or, where it names none, one of its own
     * name; or one of its key.
     */
    public boolean isShownByStep(Fact step) {
        return step.id().equals(key) || facts.contains(step) || facts.isEmpty() && fact().equals(step);
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
