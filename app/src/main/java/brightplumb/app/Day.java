package brightplumb.app;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.time.LocalDate;

/** Days as they are kept: within living memory and a working life ahead. */
public final class Day {

    private static final LocalDate FIRST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LAST = LocalDate.of(2199, 12, 31);

    private Day() {}

    /**
     * A day that can be meant, or null where none was given.
     *
     * @throws Refusal at the field
     */
    public static LocalDate within(FieldPath field, LocalDate day) {
        if (day != null && (day.isBefore(FIRST) || day.isAfter(LAST))) {
            throw new Refusal(field, "This day is too far away to be meant");
        }
        return day;
    }

    /** A day that has come, or null where none was given; tomorrow is let pass, since somewhere it has begun. */
    public static LocalDate past(FieldPath field, LocalDate day) {
        if (day != null && day.isAfter(LocalDate.now().plusDays(1))) {
            throw new Refusal(field, "This day has not come yet");
        }
        return within(field, day);
    }
}
