package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.door.ClientPresence;
import brightplumb.app.laying.CuttingTable;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.formats.pdf.LayPdf;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The lay of a ticket on one of its cloths, to be followed at the table. */
@Costly(Work.OUTPUT)
@RestController
class LayPdfController {

    private final PrintedPatterns patterns;
    private final Tickets tickets;
    private final CuttingTable table;

    LayPdfController(PrintedPatterns patterns, Tickets tickets, CuttingTable table) {
        this.patterns = patterns;
        this.tickets = tickets;
        this.table = table;
    }

    @GetMapping(value = "/api/tickets/{id}/lay.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> lay(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(defaultValue = "shell") String layer,
            HttpServletRequest request) {
        PaperSize size = options.page();
        Spoken spoken = options.spoken();
        TicketView ticket = tickets.require(member.workroom(), id);
        TitleBlock title = patterns.standing(member, ticket, options.dayStyle()).title();
        CuttingTable.Laid laid = table.laid(member.workroom(), id, layer, ClientPresence.of(request)::here);
        Map<String, String> names = new TreeMap<>();
        laid.drafted().pieces().forEach(p -> names.put(p.piece().id().toString(), p.name()));
        OutputFile pdf = out -> LayPdf.write(laid.lay(), laid.layer(), laid.buy(), names, title, size, spoken, out);
        return pdf.pdf(title.garment() + ", lay");
    }
}
