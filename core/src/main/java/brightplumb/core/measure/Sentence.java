package brightplumb.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A sentence with lengths in it, which is written in the unit of whoever reads it.
 *
 * <p>A template holds its lengths in braces: <code>{1.5}</code> are inches that are spelled out, as a colleague says
 * them ("an inch and a half"); <code>{5 to 8}</code> a range of such; <code>{1.5 in}</code> and <code>{38.1 mm}</code>
 * are written in figures. In centimetres all of them are figures.
 *
 * @param parts words and lengths, in order
 */
public record Sentence(List<Part> parts) {

    /** A part of a sentence. */
    public sealed interface Part permits Words, Measured {}

    /** Words that are the same in every unit. */
    public record Words(String words) implements Part {}

    /**
     * A length, or a range of lengths.
     *
     * @param from the length, or the range's least
     * @param to the range's most; the length itself where there is no range
     * @param spelled whether inches are spelled out
     */
    public record Measured(Length from, Length to, boolean spelled) implements Part {

        /** Whether it goes from one length to another. */
        public boolean isRange() {
            return !from.equals(to);
        }
    }

    /** No sentence at all. */
    public static final Sentence EMPTY = new Sentence(List.of());

    private static final String RANGE = " to ";

    public Sentence {
        parts = List.copyOf(parts);
    }

    /**
     * Reads a template.
     *
     * @param template words, with lengths in braces
     * @throws IllegalArgumentException when what stands in braces is no length
     */
    public static Sentence of(String template) {
        if (template.isEmpty()) {
            return EMPTY;
        }
        List<Part> parts = new ArrayList<>();
        int at = 0;
        for (int open = template.indexOf('{'); open >= 0; open = template.indexOf('{', at)) {
            int close = template.indexOf('}', open);
            if (close < 0) {
                throw new IllegalArgumentException("A brace is not closed: " + template);
            }
            words(parts, template.substring(at, open));
            parts.add(measured(template.substring(open + 1, close)));
            at = close + 1;
        }
        words(parts, template.substring(at));
        return new Sentence(parts);
    }

    /** Returns a sentence of words alone, whatever stands in them. */
    public static Sentence plain(String words) {
        return words.isEmpty() ? EMPTY : new Sentence(List.of(new Words(words)));
    }

    /** Returns a length as it stands in a template, to be written in figures. */
    public static String figure(Length length) {
        return "{" + length.mm() + " mm}";
    }

    private static void words(List<Part> parts, String words) {
        if (!words.isEmpty()) {
            parts.add(new Words(words));
        }
    }

    private static Measured measured(String written) {
        if (written.endsWith(" mm")) {
            return figures(Length.mm(number(written, " mm")));
        }
        if (written.endsWith(" in")) {
            return figures(Length.inches(number(written, " in")));
        }
        int between = written.indexOf(RANGE);
        if (between < 0) {
            Length length = Length.inches(number(written, ""));
            return new Measured(length, length, true);
        }
        return new Measured(
                Length.inches(number(written.substring(0, between), "")),
                Length.inches(number(written.substring(between + RANGE.length()), "")),
                true);
    }

    private static Measured figures(Length length) {
        return new Measured(length, length, false);
    }

    private static double number(String written, String unit) {
        return Double.parseDouble(written.substring(0, written.length() - unit.length()));
    }

    /** Returns whether nothing is said. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** Returns whether it reads otherwise in another unit. */
    public boolean hasLengths() {
        return parts.stream().anyMatch(Measured.class::isInstance);
    }

    /** Returns this sentence with another after it. */
    public Sentence and(Sentence other) {
        List<Part> all = new ArrayList<>(parts);
        all.addAll(other.parts);
        return new Sentence(all);
    }

    /**
     * Returns the sentence as text.
     *
     * @param unit the unit of its lengths
     * @param mark the decimal mark of centimetres
     */
    public String in(Unit unit, DecimalMark mark) {
        StringBuilder text = new StringBuilder();
        for (Part part : parts) {
            if (part instanceof Words words) {
                text.append(words.words());
            } else {
                String length = SpelledLength.of((Measured) part, unit, mark);
                text.append(begins(text) ? Character.toUpperCase(length.charAt(0)) + length.substring(1) : length);
            }
        }
        return text.toString();
    }

    private static boolean begins(CharSequence before) {
        int last = before.length() - 1;
        return last < 0 || last > 0 && before.charAt(last) == ' ' && ".!?".indexOf(before.charAt(last - 1)) >= 0;
    }

    /** Returns the template, so that what is put together of sentences and words is one again. */
    @Override
    public String toString() {
        return parts.stream()
                .map(part -> part instanceof Words words ? words.words() : template((Measured) part))
                .collect(Collectors.joining());
    }

    private static String template(Measured length) {
        if (!length.spelled()) {
            return figure(length.from());
        }
        return length.isRange()
                ? "{" + length.from().inches() + RANGE + length.to().inches() + "}"
                : "{" + length.from().inches() + "}";
    }
}
