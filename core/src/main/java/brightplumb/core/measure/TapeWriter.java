package brightplumb.core.measure;

/**
 * Writes lengths as a cutter reads them: inches to the nearest sixteenth in real fractions, or centimetres to the
 * millimetre.
 */
public final class TapeWriter {

    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};

    private TapeWriter() {}

    /**
     * Inches to the nearest eighth, in real fractions: {@code 10½}, {@code 7⅞}, {@code −¼}, {@code 0}.
     *
     * @param length any length
     */
    public static String eighths(Length length) {
        return inches(Math.round(length.inches() * 8) * 2);
    }

    /** Inches to the nearest sixteenth: {@code 10½}, {@code 3/16}, {@code 4 3/16}. */
    public static String sixteenths(Length length) {
        return inches(Math.round(length.inches() * 16));
    }

    /** As both tapes say it: {@code 1½ in (38 mm)}. */
    public static String inBoth(Length length) {
        return eighths(length) + " in (" + Math.round(length.mm()) + " mm)";
    }

    private static String inches(long sixteenths) {
        long magnitude = Math.abs(sixteenths);
        long whole = magnitude / 16;
        long part = magnitude % 16;
        String fraction = part % 2 == 0 ? EIGHTHS[(int) part / 2] : (whole > 0 ? " " : "") + part + "/16";
        String text = (whole == 0 && part != 0 ? "" : whole) + fraction;
        return sixteenths < 0 ? "−" + text : text;
    }

    /** Centimetres to the nearest millimetre: {@code 97,8} or {@code 97.8}. */
    public static String centimetres(Length length, DecimalMark mark) {
        long mm = Math.round(length.mm());
        return (mm < 0 ? "−" : "") + Math.abs(mm) / 10 + mark.sign() + Math.abs(mm) % 10;
    }

    /** In that unit with its sign, to the resolution of a tape: {@code 10½ in}, {@code 97,8 cm}, {@code 978 mm}. */
    public static String with(Length length, Unit unit, DecimalMark mark) {
        return switch (unit) {
            case INCH -> eighths(length) + " in";
            case CENTIMETRE -> centimetres(length, mark) + " cm";
            case MILLIMETRE -> Math.round(length.mm()) + " mm";
        };
    }
}
