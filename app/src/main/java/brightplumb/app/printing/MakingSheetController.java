package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.making.MakingRoom;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.Notions;
import brightplumb.formats.pdf.MakingPdf;
import brightplumb.formats.pdf.PaperSize;
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

/** The cut list and the order of making of a ticket as it stands. */
@Costly(Work.OUTPUT)
@RestController
class MakingSheetController {

    private final PrintedPatterns patterns;
    private final Tickets tickets;
    private final MakingRoom making;

    MakingSheetController(PrintedPatterns patterns, Tickets tickets, MakingRoom making) {
        this.patterns = patterns;
        this.tickets = tickets;
        this.making = making;
    }

    @GetMapping(value = "/api/tickets/{id}/making.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> making(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @ParameterObject PrintOptions options) {
        PaperSize size = options.page();
        Spoken spoken = options.spoken();
        TicketView ticket = tickets.require(member.workroom(), id);
        TitleBlock title = patterns.standing(member, ticket, options.dayStyle()).title();
        MakingRoom.Made made = making.made(member.workroom(), ticket);
        OutputFile pdf = out -> MakingPdf.write(
                made.drafted().pieces(), Notions.of(made.drafted()), made.planned(), title, size, spoken, out);
        return pdf.pdf(title.garment() + ", order of making");
    }
}
