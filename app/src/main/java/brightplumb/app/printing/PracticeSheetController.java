package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.paper.Draft;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.PracticePdf;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The draft of a ticket as it stands, step by step, to be drawn after. */
@Costly(Work.OUTPUT)
@RestController
class PracticeSheetController {

    private final Tickets tickets;
    private final TicketDrafts drafts;

    PracticeSheetController(Tickets tickets, TicketDrafts drafts) {
        this.tickets = tickets;
        this.drafts = drafts;
    }

    @GetMapping(value = "/api/tickets/{id}/practice.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> practice(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @ParameterObject PrintOptions options) {
        PaperSize size = options.page();
        Spoken spoken = options.spoken();
        TicketView ticket = tickets.require(member.workroom(), id);
        DraftRequest request = drafts.draft(member.workroom(), ticket);
        TitleBlock title =
                PrintedPatterns.title(member, ticket, request.way().id(), "working draft", options.dayStyle());
        Draft draft = Drafting.draft(request).draft();
        OutputFile pdf = out -> PracticePdf.write(draft, title, size, spoken, out);
        return pdf.pdf(title.garment() + ", practice sheet");
    }
}
