package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.app.TextRules;
import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.people.People;
import brightplumb.app.problems.NotHere;
import brightplumb.app.problems.Stale;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import io.swagger.v3.oas.annotations.media.Schema;
import java.net.URI;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rack of tickets. */
@RestController
@RequestMapping("/api/tickets")
class TicketsController {

    private static final int LONGEST_REASON = 1000;

    /**
     * A revision to be frozen.
     *
     * @param version the ticket's version that is shown and meant; missing where any will do
     */
    record FreezeRequest(
            String reason,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Integer version) {}

    private final Tickets tickets;
    private final Revisions revisions;
    private final TicketDrafts drafts;
    private final People people;
    private final Outlines outlines;

    TicketsController(Tickets tickets, Revisions revisions, TicketDrafts drafts, People people, Outlines outlines) {
        this.outlines = outlines;
        this.tickets = tickets;
        this.revisions = revisions;
        this.drafts = drafts;
        this.people = people;
    }

    @Costly(Work.DRAFT)
    @GetMapping
    Page<TicketView> list(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) String q,
            @RequestParam(required = false) UUID person,
            @RequestParam(required = false) Integer page,
            @RequestParam(required = false) Integer size) {
        return outlines.on(member.workroom(), tickets.list(member.workroom(), person, Page.Asked.of(q, page, size)));
    }

    @Costly(Work.DRAFT)
    @PostMapping
    ResponseEntity<TicketView> add(@AuthenticationPrincipal Member member, @RequestBody TicketRequest request) {
        if (request.personId() == null) {
            throw new Refusal(new FieldPath("personId"), "Say whom it is for");
        }
        var checked = request.checked();
        people.require(member.workroom(), request.personId());
        var draft = checked.request();
        UUID id = tickets.add(
                member.workroom(),
                request.personId(),
                checked.name(),
                draft.cut().id(),
                draft.way().id(),
                checked.settings(),
                draft.cloth(),
                draft.made(),
                request.promised());
        return ResponseEntity.created(URI.create("/api/tickets/" + id)).body(tickets.require(member.workroom(), id));
    }

    @GetMapping("/{id}")
    TicketView get(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return tickets.require(member.workroom(), id);
    }

    @Costly(Work.DRAFT)
    @PutMapping("/{id}")
    TicketView change(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody TicketRequest request) {
        TicketView current = tickets.require(member.workroom(), id);
        if (request.version() == null) {
            throw new Refusal(new FieldPath("version"), "Say which version this change was made on");
        }
        if (request.personId() != null && !request.personId().equals(current.personId())) {
            throw new Refusal(new FieldPath("personId"), "A ticket stays with its person; make a new one");
        }
        var checked = request.checked();
        var draft = checked.request();
        drafts.checkDrawable(member.workroom(), current, draft);
        boolean changed = tickets.change(
                member.workroom(),
                id,
                request.version(),
                checked.name(),
                draft.cut().id(),
                draft.way().id(),
                checked.settings(),
                draft.cloth(),
                draft.made(),
                request.promised());
        TicketView now = tickets.require(member.workroom(), id);
        if (!changed) {
            throw new Stale(now);
        }
        return now;
    }

    @DeleteMapping("/{id}")
    ResponseEntity<Void> remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        if (!tickets.remove(member.workroom(), id)) {
            throw new NotHere("ticket");
        }
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/{id}/revisions")
    Page<RevisionView> revisions(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Integer page,
            @RequestParam(required = false) Integer size) {
        tickets.require(member.workroom(), id);
        return revisions.of(member.workroom(), id, Page.Asked.of("", page, size));
    }

    /** One revision, and whether today's engine would draft it otherwise. */
    @Costly(Work.DRAFT)
    @GetMapping("/{id}/revisions/{number}")
    RevisionView revision(@AuthenticationPrincipal Member member, @PathVariable UUID id, @PathVariable int number) {
        return revisions.compareWithEngine(member.workroom(), id, number);
    }

    @Costly(Work.DRAFT)
    @PostMapping("/{id}/revisions")
    ResponseEntity<RevisionView> freeze(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody FreezeRequest request) {
        TicketView ticket = tickets.require(member.workroom(), id);
        if (request.version() != null && request.version() != ticket.version()) {
            throw new Stale(ticket);
        }
        String reason = TextRules.line(new FieldPath("reason"), request.reason(), LONGEST_REASON, "A reason");
        Revisions.Drawn drawn = revisions.draw(drafts.request(member.workroom(), ticket));
        RevisionView frozen = revisions.freeze(member.workroom(), id, drawn, reason, member.name());
        return ResponseEntity.created(URI.create("/api/tickets/" + id + "/revisions"))
                .body(frozen);
    }
}
