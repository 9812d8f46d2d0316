package brightplumb.app.tickets;

import brightplumb.app.drafting.PreviewRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * A frozen revision of a ticket.
 *
 * @param number counted from 1 for each ticket
 * @param request all that went into the draft
 * @param engine the engine that drafted it
 * @param comparable whether it can be told at all if today's engine would draft it otherwise: an earlier one kept no mark to compare
 * @param moved whether today's engine would draft it otherwise; null until somebody looks at the revision by itself
 */
public record RevisionView(
        int number,
        String reason,
        String madeBy,
        Instant madeAt,
        PreviewRequest request,
        String engine,
        boolean comparable,
        @Schema(types = {"boolean", "null"}) Boolean moved) {

    RevisionView compared(boolean found) {
        return new RevisionView(number, reason, madeBy, madeAt, request, engine, comparable, found);
    }
}
