package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.tickets.RevisionView;
import brightplumb.app.tickets.Revisions;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.cut.Drafted;
import brightplumb.core.cut.Drafting;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Unit;
import brightplumb.formats.pdf.BenchPdf;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.TiledPdf;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import brightplumb.formats.svg.SvgWriter;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Files of a ticket's pattern: as it stands, or as a revision froze it. */
@RestController
@RequestMapping("/api/tickets/{id}")
class PrintingController {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    /** A printed page: its name and where its printed area lies on the sheet, mm. */
    record PageView(String name, double left, double top) {}

    /**
     * How the pattern falls on printed pages, mm.
     *
     * @param places where each piece's own origin lies on the sheet
     */
    record PagesView(
            double width,
            double height,
            double printedWidth,
            double printedHeight,
            double overlap,
            List<PageView> pages,
            Map<String, double[]> places) {}

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Revisions revisions;

    PrintingController(Tickets tickets, TicketDrafts drafts, Revisions revisions) {
        this.tickets = tickets;
        this.drafts = drafts;
        this.revisions = revisions;
    }

    @GetMapping(value = "/print.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(required = false) Integer revision) {
        PaperSize size = PaperSize.of(paper).orElseThrow(() -> new Refusal("paper", "Paper is a4, letter or a0"));
        PatternSheet sheet = asked(member, id, revision).sheet();
        return file(
                TiledPdf.write(sheet, size),
                MediaType.APPLICATION_PDF,
                sheet.title().garment(),
                "pdf");
    }

    @GetMapping(value = "/bench-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> benchSheet(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "in") String unit,
            @RequestParam(required = false) Integer revision) {
        PaperSize size = PaperSize.of(paper)
                .filter(p -> p != PaperSize.A0)
                .orElseThrow(() -> new Refusal("paper", "A bench sheet is printed on a4 or letter"));
        Unit tape = Unit.of(unit)
                .filter(u -> u != Unit.MILLIMETRE)
                .orElseThrow(() -> new Refusal("unit", "The tape is in or cm"));
        Asked asked = asked(member, id, revision);
        byte[] pdf = BenchPdf.write(BenchSheet.of(asked.drafted()), asked.title(), size, tape);
        return file(pdf, MediaType.APPLICATION_PDF, asked.title().garment() + ", bench sheet", "pdf");
    }

    @GetMapping(value = "/pattern.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Integer revision) {
        PatternSheet sheet = asked(member, id, revision).sheet();
        return file(
                SvgWriter.write(sheet).getBytes(StandardCharsets.UTF_8),
                MediaType.valueOf("image/svg+xml"),
                sheet.title().garment(),
                "svg");
    }

    @GetMapping("/pages")
    PagesView pages(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper) {
        PatternSheet sheet = asked(member, id, null).sheet();
        Tiling tiling = Tiling.of(sheet, paper(paper));
        Map<String, double[]> places = new TreeMap<>();
        sheet.places().forEach((piece, at) -> places.put(piece, new double[] {at.x(), at.y()}));
        return new PagesView(
                sheet.width(),
                sheet.height(),
                tiling.printedWidth(),
                tiling.printedHeight(),
                Tiling.OVERLAP,
                tiling.tiles().stream()
                        .map(t -> new PageView(t.name(), t.left(), t.top()))
                        .toList(),
                places);
    }

    private static PaperSize paper(String paper) {
        return PaperSize.of(paper).orElseThrow(() -> new Refusal("paper", "Paper is a4, letter or a0"));
    }

    /** A garment to be printed, with what is written on it. */
    private record Asked(Drafted drafted, TitleBlock title) {
        PatternSheet sheet() {
            return PatternSheet.of(drafted.pieces(), title);
        }
    }

    private Asked asked(Member member, UUID id, Integer number) {
        TicketView ticket = tickets.require(member.workroom(), id);
        PreviewRequest request;
        String named;
        if (number == null) {
            request = drafts.request(member.workroom(), ticket);
            named = revisions
                    .newest(member.workroom(), id)
                    .map(r -> standing(r, request))
                    .orElse("working draft");
        } else {
            request = revisions.require(member.workroom(), id, number).request();
            named = "revision " + number;
        }
        Drafted drafted = Drafting.draft(request.read());
        TitleBlock title = new TitleBlock(
                ticket.name(),
                ticket.personName(),
                drafted.request().way().title(),
                named,
                DAY.format(LocalDate.now()),
                initials(member.name()));
        return new Asked(drafted, title);
    }

    private static String standing(RevisionView newest, PreviewRequest now) {
        return newest.request().equals(now)
                ? "revision " + newest.number()
                : "working draft after revision " + newest.number();
    }

    private static String initials(String name) {
        StringBuilder initials = new StringBuilder();
        for (String word : name.split("\\s+")) {
            if (!word.isEmpty()) {
                initials.append(Character.toUpperCase(word.charAt(0)));
            }
        }
        return initials.toString();
    }

    private static ResponseEntity<byte[]> file(byte[] bytes, MediaType type, String name, String ending) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + "." + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(bytes);
    }
}
