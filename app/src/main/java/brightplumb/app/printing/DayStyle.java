package brightplumb.app.printing;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How a day is written on paper, as the person is used to. */
enum DayStyle {
    /** 25 November 2026. */
    DAY_FIRST("d MMMM uuuu"),
    /** November 25, 2026. */
    MONTH_FIRST("MMMM d, uuuu");

    private final DateTimeFormatter format;

    DayStyle(String pattern) {
        this.format = DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
    }

    /** The style of that name: {@code day} or {@code month}. */
    static DayStyle of(String name) {
        return switch (name) {
            case "day" -> DAY_FIRST;
            case "month" -> MONTH_FIRST;
            default -> throw new Refusal(new FieldPath("days"), "Days are written day or month first");
        };
    }

    String write(LocalDate day) {
        return format.format(day);
    }
}
