package brightplumb.formats.sheet;

import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.measure.Unit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a tape's figures, and what the bench says in inches, are written in the unit a page is printed in. */
public record Spoken(Unit unit, DecimalMark mark) {

    private static final String EIGHTHS = "⅛¼⅜½⅝¾⅞";
    private static final Pattern INCHES = Pattern.compile("(\\d+)?([" + EIGHTHS + "])? in\\b(?= [a-z]|[.,;:)]|$)");

    /** A length as the tape reads it. */
    public String tape(double mm) {
        return unit == Unit.INCH ? TapeWriter.eighths(Length.mm(mm)) : TapeWriter.centimetres(Length.mm(mm), mark);
    }

    /** A sentence whose amounts are said in inches, in this unit. */
    public String words(String said) {
        if (unit == Unit.INCH) {
            return said;
        }
        Matcher found = INCHES.matcher(said);
        return found.replaceAll(m -> m.group(1) == null && m.group(2) == null
                ? m.group()
                : tape(inches(m.group(1), m.group(2)) * Length.INCH) + " cm");
    }

    private static double inches(String whole, String part) {
        double eighths = part == null ? 0 : EIGHTHS.indexOf(part) + 1;
        return (whole == null ? 0 : Integer.parseInt(whole)) + eighths / 8;
    }
}
