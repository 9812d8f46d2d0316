package brightplumb.app.people;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A person in the measure book.
 *
 * @param sheets how many sheets there are
 * @param lastTaken the day of the newest, or null
 * @param tickets how many tickets there are
 * @param version goes up with every change of name or note
 */
public record PersonView(
        UUID id,
        String name,
        String note,
        int sheets,

        @Schema(
                types = {"string", "null"},
                format = "date")
        LocalDate lastTaken,

        int tickets,
        int version,
        Instant createdAt) {}
