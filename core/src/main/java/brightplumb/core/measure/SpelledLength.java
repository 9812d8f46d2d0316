package brightplumb.core.measure;

import brightplumb.core.measure.Sentence.Measured;

/** Writes a length within a sentence: inches as a colleague says them, or figures with their unit. */
final class SpelledLength {

    private static final String[] NUMBERS = {
        "no",
        "an",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen",
        "twenty"
    };
    private static final String[] EIGHTHS = {
        "", "an eighth", "a quarter", "three eighths", "a half", "five eighths", "three quarters", "seven eighths"
    };

    private SpelledLength() {}

    /** Returns the length as text. */
    static String of(Measured length, Unit unit, DecimalMark mark) {
        if (unit == Unit.INCH && length.spelled()) {
            return spelled(length);
        }
        String most = TapeWriter.with(length.to(), unit, mark);
        return length.isRange() ? figures(length.from(), unit, mark) + " to " + most : most;
    }

    private static String figures(Length length, Unit unit, DecimalMark mark) {
        String written = TapeWriter.with(length, unit, mark);
        return written.substring(0, written.lastIndexOf(' '));
    }

    private static String spelled(Measured length) {
        long least = eighths(length.from());
        long most = eighths(length.to());
        if (!length.isRange()) {
            return spelled(least);
        }
        boolean counted = least >= 16 && most >= 16;
        return (counted ? counted(least) : spelled(least)) + " to " + spelled(most);
    }

    private static long eighths(Length length) {
        return Math.round(length.inches() * 8);
    }

    private static String spelled(long eighths) {
        long whole = eighths / 8;
        int part = (int) (eighths % 8);
        if (whole == 0) {
            return switch (part) {
                case 2 -> "a quarter inch";
                case 4 -> "half an inch";
                default -> EIGHTHS[part] + " of an inch";
            };
        }
        if (whole == 1) {
            return part == 0 ? "an inch" : "an inch and " + EIGHTHS[part];
        }
        return counted(eighths) + " inches";
    }

    private static String counted(long eighths) {
        int whole = (int) (eighths / 8);
        int part = (int) (eighths % 8);
        String number = whole < NUMBERS.length ? NUMBERS[whole] : String.valueOf(whole);
        return part == 0 ? number : number + " and " + EIGHTHS[part];
    }
}
