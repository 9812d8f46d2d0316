package brightplumb.app.tickets;

import brightplumb.app.drafting.PreviewRequest;
import java.time.Instant;

/**
 * A frozen revision of a ticket.
 *
 * @param number counted from 1 for each ticket
 * @param request all that went into the draft
 * @param engine the engine that drafted it
 * @param moved whether today's engine would draft it otherwise
 */
public record RevisionView(
        int number,
        String reason,
        String madeBy,
        Instant madeAt,
        PreviewRequest request,
        String engine,
        boolean moved) {}
