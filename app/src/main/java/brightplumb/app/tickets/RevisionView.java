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
 * @param comparable whether it can be told at all if today's engine would draft it otherwise: an earlier one kept no
 *     mark to compare
 * @param kept whether it kept the pattern that it drew; one from before patterns were kept is drawn anew
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
        boolean kept,
        @Schema(types = {"boolean", "null"}) Boolean moved) {

    /** What it is called wherever it is shown or printed: where it kept no pattern, that says so. */
    public String title() {
        return "revision " + number + (kept ? "" : ", drawn anew by a newer engine");
    }

    RevisionView compared(boolean found) {
        return new RevisionView(number, reason, madeBy, madeAt, request, engine, comparable, kept, found);
    }
}
