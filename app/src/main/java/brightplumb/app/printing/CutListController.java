package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.formats.csv.CutListCsv;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The cut list of a ticket as it stands. */
@Costly(Work.OUTPUT)
@RestController
class CutListController {

    private final Tickets tickets;
    private final TicketDrafts drafts;

    CutListController(Tickets tickets, TicketDrafts drafts) {
        this.tickets = tickets;
        this.drafts = drafts;
    }

    @GetMapping(value = "/api/tickets/{id}/cutlist.csv", produces = "text/csv")
    ResponseEntity<OutputFile> cutList(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        TicketView ticket = tickets.require(member.workroom(), id);
        Drafted drafted = Drafting.draft(drafts.draft(member.workroom(), ticket));
        return OutputFile.text(CutListCsv.write(drafted.pieces()))
                .named(ticket.name() + ", cut list", "csv", new MediaType("text", "csv", StandardCharsets.UTF_8));
    }
}
