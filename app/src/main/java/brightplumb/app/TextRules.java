package brightplumb.app;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;

/** Words that somebody wrote, to be kept and printed: names on a line, notes on several. */
public final class TextRules {

    public static final int NAME = 120;
    public static final int NOTE = 4000;

    private TextRules() {}

    /**
     * A name of at most {@value #NAME} letters, without the space around it.
     *
     * @throws Refusal at the field, when it is missing, too long or has letters that cannot be seen
     */
    public static String name(FieldPath field, String value, String missing) {
        if (value == null || value.isBlank()) {
            throw new Refusal(field, missing);
        }
        return line(field, value, NAME, "A name");
    }

    /** A line of text, empty where it is missing. */
    public static String line(FieldPath field, String value, int most, String what) {
        String text = value == null ? "" : value.strip();
        check(field, text, most, what, false);
        return text;
    }

    /** A note on one line or several, empty where it is missing. */
    public static String note(FieldPath field, String value, int most) {
        String text = value == null ? "" : value;
        check(field, text, most, "A note", true);
        return text;
    }

    private static void check(FieldPath field, String text, int most, String what, boolean lines) {
        if (text.codePointCount(0, text.length()) > most) {
            throw new Refusal(field, what + " has at most " + most + " letters");
        }
        if (text.codePoints().anyMatch(c -> hidden(c) && !(lines && (c == '\n' || c == '\r' || c == '\t')))) {
            throw new Refusal(field, "There is a letter in it that cannot be seen; type it anew");
        }
    }

    /** Control letters, marks that turn the direction of what follows, and halves of letters. */
    private static boolean hidden(int c) {
        return Character.isISOControl(c)
                || Character.getType(c) == Character.SURROGATE
                || c == 0x061C
                || c == 0x200E
                || c == 0x200F
                || (c >= 0x2028 && c <= 0x202E)
                || (c >= 0x2066 && c <= 0x2069)
                || c == 0xFEFF
                || (c & 0xFFFE) == 0xFFFE;
    }
}
