package brightplumb.core.measure;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads lengths the way they are called out at the table: {@code 38}, {@code 38 1/2}, {@code 10½}, {@code 8 4/8},
 * {@code 38.5"}, {@code 97,8 cm}, {@code 978mm}, {@code 5 ft 6}. Fractions are halves to sixteenths, as a tape has
 * them.
 */
public final class TapeReader {

    private static final Map<Character, String> FRACTIONS =
            Map.of('½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8");
    private static final Set<Integer> TAPE_PARTS = Set.of(2, 4, 8, 16);

    private static final String NUMBER = "(?<whole>\\d{1,7}(?:[.,]\\d{1,6})?|[.,]\\d{1,6})?";
    private static final String FRACTION = "(?:(?<join>\\s*-\\s*|\\s+)?(?<over>\\d{1,3})\\s*/\\s*(?<under>\\d{1,3}))?";
    private static final Pattern READING =
            Pattern.compile("(?<sign>[-−+])?\\s*" + NUMBER + FRACTION + "\\s*(?<unit>[a-z\"″”'′’.]*)");
    private static final Pattern FEET =
            Pattern.compile("(?<feet>\\d{1,2})\\s*(?:ft|foot|feet|'|′|’)\\s*(?<rest>.*)", Pattern.DOTALL);
    private static final Pattern BARE_FRACTION = Pattern.compile("^([-−+]?)\\s*(\\d{1,3}\\s*/\\s*\\d{1,3}.*)$");

    private TapeReader() {}

    /**
     * The length that was typed.
     *
     * @param typed what was typed; at most 40 characters count as a reading
     * @param unit the unit meant when none is typed
     * @return the length, signed as typed
     * @throws UnreadableTape when it is empty, not a number, or a fraction no tape has
     */
    public static Length read(String typed, Unit unit) throws UnreadableTape {
        String text = typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
        if (text.isEmpty()) {
            throw new UnreadableTape("Nothing was typed");
        }
        if (text.length() > 40) {
            throw new UnreadableTape("That is too long to be a reading of the tape");
        }
        text = spellFractions(text);
        Matcher feet = FEET.matcher(text);
        if (feet.matches()) {
            double rest = feet.group("rest").isBlank()
                    ? 0
                    : readOne(feet.group("rest"), Unit.INCH).inches();
            return Length.inches(12 * Integer.parseInt(feet.group("feet")) + rest);
        }
        return readOne(text.strip(), unit);
    }

    private static String spellFractions(String text) {
        StringBuilder spelled = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            String fraction = FRACTIONS.get(c);
            if (fraction == null) {
                spelled.append(c == '⁄' ? '/' : c == '\u00a0' || c == '\u202f' ? ' ' : c);
            } else {
                spelled.append(' ').append(fraction);
            }
        }
        return spelled.toString().strip();
    }

    private static Length readOne(String text, Unit fallback) throws UnreadableTape {
        Matcher reading = READING.matcher(BARE_FRACTION.matcher(text).replaceFirst("$10 $2"));
        if (!reading.matches() || reading.group("whole") == null) {
            throw new UnreadableTape("“" + text + "” is not a reading of the tape; try 38 1/2, or 97,8 cm");
        }
        Unit unit = unit(reading.group("unit"), fallback);
        String whole = reading.group("whole");
        double value = Double.parseDouble(whole.replace(',', '.'));
        if (reading.group("over") != null) {
            value += fraction(reading, whole);
        }
        return unit.of("-".equals(reading.group("sign")) || "−".equals(reading.group("sign")) ? -value : value);
    }

    private static double fraction(Matcher reading, String whole) throws UnreadableTape {
        int over = Integer.parseInt(reading.group("over"));
        int under = Integer.parseInt(reading.group("under"));
        String spoken = over + "/" + under;
        if (whole.indexOf('.') >= 0 || whole.indexOf(',') >= 0 || reading.group("join") == null) {
            throw new UnreadableTape("Use a decimal or a fraction, not both");
        }
        if (!TAPE_PARTS.contains(under)) {
            throw new UnreadableTape(spoken + " is not on a tape; use halves, quarters, eighths or sixteenths");
        }
        if (over >= under) {
            throw new UnreadableTape(spoken + " is a whole inch or more; carry it to the inches");
        }
        return (double) over / under;
    }

    private static Unit unit(String sign, Unit fallback) throws UnreadableTape {
        return switch (sign) {
            case "" -> fallback;
            case "\"", "″", "”", "''", "in", "in.", "inch", "inches", "ins" -> Unit.INCH;
            case "cm", "cm.", "centimetre", "centimetres" -> Unit.CENTIMETRE;
            case "mm", "mm.", "millimetre", "millimetres" -> Unit.MILLIMETRE;
            default -> throw new UnreadableTape("“" + sign + "” is not a unit; use in, cm or mm");
        };
    }
}
