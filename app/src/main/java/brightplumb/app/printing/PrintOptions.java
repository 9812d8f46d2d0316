package brightplumb.app.printing;

import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Unit;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.sheet.Spoken;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What every output is asked for with. An output that has no use for one of them takes no notice of it.
 *
 * @param paper {@code a4}, {@code letter}, {@code a0} or {@code roll}
 * @param unit the unit of its figures and sentences: {@code in} or {@code cm}
 * @param mark the decimal mark: {@code comma} or {@code point}
 * @param days how days are written: {@code day} or {@code month} first
 */
record PrintOptions(
        @Schema(defaultValue = "a4") String paper,
        @Schema(defaultValue = "in") String unit,
        @Schema(defaultValue = "comma") String mark,
        @Schema(defaultValue = "day") String days) {

    PrintOptions {
        paper = orUsual(paper, "a4");
        unit = orUsual(unit, "in");
        mark = orUsual(mark, "comma");
        days = orUsual(days, "day");
    }

    private static String orUsual(String asked, String usual) {
        return asked == null || asked.isEmpty() ? usual : asked;
    }

    /** Returns whether it is plotted off a roll. */
    boolean onRoll() {
        return paper.equals("roll");
    }

    /** Returns the paper that a pattern is tiled on. */
    PaperSize tiles() {
        return PaperSize.of(paper).orElseThrow(() -> new Refusal(new FieldPath("paper"), "Paper is a4, letter or a0"));
    }

    /** Returns the paper of what is read at the table. */
    PaperSize page() {
        return PaperSize.of(paper)
                .filter(p -> p != PaperSize.A0)
                .orElseThrow(() -> new Refusal(new FieldPath("paper"), "This is printed on a4 or letter"));
    }

    /** Returns how figures are written. */
    Spoken spoken() {
        Unit tape = Unit.of(unit)
                .filter(u -> u != Unit.MILLIMETRE)
                .orElseThrow(() -> new Refusal(new FieldPath("unit"), "The tape is in or cm"));
        DecimalMark decimal = DecimalMark.of(mark)
                .orElseThrow(() -> new Refusal(new FieldPath("mark"), "The decimal mark is comma or point"));
        return new Spoken(tape, decimal);
    }

    /** Returns how days are written. */
    DayStyle dayStyle() {
        return DayStyle.of(days);
    }
}
