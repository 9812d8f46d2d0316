package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.svg.SmallOutline;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * The small pictures of tickets: kept with them, and drawn anew where the ticket or the measures have changed since.
 */
@Service
class Outlines {

    private final Tickets tickets;
    private final TicketDrafts drafts;

    Outlines(Tickets tickets, TicketDrafts drafts) {
        this.tickets = tickets;
        this.drafts = drafts;
    }

    /** The tickets, each with the picture of what it is now; none where it cannot be drafted. */
    Page<TicketView> on(UUID workroom, Page<TicketView> page) {
        return new Page<>(
                page.items().stream().map(t -> drawn(workroom, t)).toList(), page.total(), page.page(), page.size());
    }

    private TicketView drawn(UUID workroom, TicketView ticket) {
        return ticket.drawn() ? ticket : ticket.with(tickets.drawn(workroom, ticket, outline(workroom, ticket)));
    }

    private OutlineView outline(UUID workroom, TicketView ticket) {
        try {
            return OutlineView.of(SmallOutline.of(
                    Drafting.draft(drafts.request(workroom, ticket).read())));
        } catch (Refusal refused) {
            return null;
        }
    }
}
