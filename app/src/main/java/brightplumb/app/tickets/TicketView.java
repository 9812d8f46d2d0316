package brightplumb.app.tickets;

import brightplumb.app.drafting.ClothView;
import com.fasterxml.jackson.annotation.JsonIgnore;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A ticket.
 *
 * @param settings what was set by hand: setting keys to mm, a ratio or a choice's id
 * @param with what was added to the cut by hand, by the operations' ids
 * @param without what was taken off it
 * @param promised the day it is promised for, or null
 * @param version goes up with every change; a change must name the version it was made on
 * @param revisions how many revisions were frozen
 * @param outline its small picture in a list; null elsewhere, and where it cannot be drafted
 * @param sheet the number of its person's newest sheet; 0 where there is none
 */
public record TicketView(
        UUID id,
        UUID personId,
        String personName,
        String name,
        String cut,
        String way,
        Map<String, Object> settings,
        ClothView cloth,
        List<String> with,
        List<String> without,

        @Schema(
                types = {"string", "null"},
                format = "date")
        LocalDate promised,

        int version,
        int revisions,
        Instant updatedAt,
        @Schema(types = {"object", "null"}) OutlineView outline,
        @JsonIgnore int sheet) {

    /** The same with a picture. */
    TicketView with(OutlineView picture) {
        return new TicketView(
                id,
                personId,
                personName,
                name,
                cut,
                way,
                settings,
                cloth,
                with,
                without,
                promised,
                version,
                revisions,
                updatedAt,
                picture,
                sheet);
    }
}
