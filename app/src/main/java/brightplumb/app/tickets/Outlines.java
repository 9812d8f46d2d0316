package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.svg.SmallOutline;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The small pictures of tickets: drawn when they are first listed, and again after a change of ticket or measures. */
@Service
class Outlines {

    private static final long MOST = 5_000;

    /** What a picture shows; each part only ever goes up. */
    private record State(UUID ticket, int version, int sheet) {}

    private final TicketDrafts drafts;
    private final Cache<State, Optional<OutlineView>> drawn =
            Caffeine.newBuilder().maximumSize(MOST).build();

    Outlines(TicketDrafts drafts) {
        this.drafts = drafts;
    }

    /** The tickets, each with the picture of what it is now; none where it cannot be drafted. */
    Page<TicketView> on(UUID workroom, Page<TicketView> page) {
        return new Page<>(
                page.items().stream().map(t -> drawn(workroom, t)).toList(), page.total(), page.page(), page.size());
    }

    private TicketView drawn(UUID workroom, TicketView ticket) {
        State state = new State(ticket.id(), ticket.version(), ticket.sheet());
        return ticket.with(drawn.get(state, s -> outline(workroom, ticket)).orElse(null));
    }

    private Optional<OutlineView> outline(UUID workroom, TicketView ticket) {
        try {
            return Optional.of(OutlineView.of(SmallOutline.of(Drafting.draft(drafts.draft(workroom, ticket)))));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }
}
