package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.door.ClientPresence;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.laying.CuttingTable;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.making.MakingRoom;
import brightplumb.app.tickets.RevisionView;
import brightplumb.app.tickets.Revisions;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Notions;
import brightplumb.core.measure.DecimalMark;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Unit;
import brightplumb.core.paper.Draft;
import brightplumb.formats.csv.CutListCsv;
import brightplumb.formats.dxf.DxfWriter;
import brightplumb.formats.pdf.BenchPdf;
import brightplumb.formats.pdf.LayPdf;
import brightplumb.formats.pdf.MakingPdf;
import brightplumb.formats.pdf.Paged;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.pdf.PracticePdf;
import brightplumb.formats.pdf.RollPdf;
import brightplumb.formats.pdf.TiledPdf;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.plot.PlotWriter;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.Shown;
import brightplumb.formats.sheet.Spoken;
import brightplumb.formats.sheet.TitleBlock;
import brightplumb.formats.svg.SvgWriter;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
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
@Costly(Work.OUTPUT)
@RestController
@RequestMapping("/api/tickets/{id}")
class PrintingController {

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Revisions revisions;
    private final MakingRoom making;
    private final CuttingTable table;

    PrintingController(
            Tickets tickets, TicketDrafts drafts, Revisions revisions, MakingRoom making, CuttingTable table) {
        this.making = making;
        this.table = table;
        this.tickets = tickets;
        this.drafts = drafts;
        this.revisions = revisions;
    }

    @GetMapping(value = "/print.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> print(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "day") String days,
            @RequestParam(defaultValue = "both") String lines,
            @RequestParam(required = false) Integer model,
            @RequestParam(defaultValue = "914.4") double roll,
            @RequestParam(defaultValue = "together") String necklines,
            @RequestParam(required = false) Integer revision) {
        boolean onRoll = paper.equals("roll");
        Shown shown = Shown.of(lines)
                .orElseThrow(() -> new Refusal(new FieldPath("lines"), "The lines are cut, sew, or both"));
        if (model != null && model != 2 && model != 4) {
            throw new Refusal(new FieldPath("model"), "A model is half or a quarter as large: 2 or 4");
        }
        DrawnPieces pieces = asked(member, id, revision, DayStyle.of(days)).pieces(necklines);
        PatternSheet sheet = shown.of(laid(pieces, paper, roll, model == null ? 1 : model));
        return file(
                onRoll ? out -> RollPdf.write(sheet, out) : out -> TiledPdf.write(sheet, paper(paper), out),
                MediaType.APPLICATION_PDF,
                sheet.title().garment(),
                "pdf");
    }

    /** A pattern laid for the paper that it is printed on. */
    private static PatternSheet laid(DrawnPieces pieces, String paper, double roll, int parts) {
        if (!paper.equals("roll")) {
            return Paged.of(pieces, paper(paper), parts);
        }
        if (!(roll >= 200 && roll <= 5000)) {
            throw new Refusal(new FieldPath("roll"), "A roll is 20 cm to 5 m wide");
        }
        return RollPdf.sheet(pieces, roll, parts);
    }

    @GetMapping(value = "/bench-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> benchSheet(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "in") String unit,
            @RequestParam(defaultValue = "comma") String mark,
            @RequestParam(defaultValue = "day") String days,
            @RequestParam(defaultValue = "false") boolean allowances,
            @RequestParam(required = false) Integer revision) {
        PaperSize size = page(paper);
        Spoken spoken = spoken(unit, mark);
        Asked asked = asked(member, id, revision, DayStyle.of(days));
        BenchSheet sheet = BenchSheet.of(asked.pattern(), allowances);
        OutputFile pdf = out -> BenchPdf.write(sheet, asked.title(), size, spoken.unit(), spoken.mark(), out);
        return file(pdf, MediaType.APPLICATION_PDF, asked.title().garment() + ", bench sheet", "pdf");
    }

    /** The cut list and the order of making of a ticket as it stands. */
    @GetMapping(value = "/making.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> making(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "in") String unit,
            @RequestParam(defaultValue = "comma") String mark,
            @RequestParam(defaultValue = "day") String days) {
        PaperSize size = page(paper);
        Spoken spoken = spoken(unit, mark);
        TicketView ticket = tickets.require(member.workroom(), id);
        TitleBlock title = standing(member, ticket, DayStyle.of(days)).title();
        MakingRoom.Made made = making.made(member.workroom(), ticket);
        OutputFile pdf = out -> MakingPdf.write(
                made.drafted().pieces(), Notions.of(made.drafted()), made.planned(), title, size, spoken, out);
        return file(pdf, MediaType.APPLICATION_PDF, title.garment() + ", order of making", "pdf");
    }

    /** The draft of a ticket as it stands, step by step, to be drawn after. */
    @GetMapping(value = "/practice.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> practice(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "in") String unit,
            @RequestParam(defaultValue = "comma") String mark,
            @RequestParam(defaultValue = "day") String days) {
        PaperSize size = page(paper);
        Spoken spoken = spoken(unit, mark);
        TicketView ticket = tickets.require(member.workroom(), id);
        PreviewRequest request = drafts.request(member.workroom(), ticket);
        TitleBlock title = title(member, ticket, request.way(), "working draft", DayStyle.of(days));
        Draft draft = Drafting.draft(request.read()).draft();
        OutputFile pdf = out -> PracticePdf.write(draft, title, size, spoken, out);
        return file(pdf, MediaType.APPLICATION_PDF, title.garment() + ", practice sheet", "pdf");
    }

    /** The lay of a ticket on one of its cloths, to be followed at the table. */
    @GetMapping(value = "/lay.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> lay(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "shell") String layer,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "in") String unit,
            @RequestParam(defaultValue = "comma") String mark,
            @RequestParam(defaultValue = "day") String days,
            HttpServletRequest request) {
        PaperSize size = page(paper);
        Spoken spoken = spoken(unit, mark);
        TicketView ticket = tickets.require(member.workroom(), id);
        TitleBlock title = standing(member, ticket, DayStyle.of(days)).title();
        CuttingTable.Laid laid = table.laid(member.workroom(), id, layer, ClientPresence.of(request)::here);
        Map<String, String> names = new TreeMap<>();
        laid.drafted().pieces().forEach(p -> names.put(p.piece().id().toString(), p.name()));
        OutputFile pdf = out -> LayPdf.write(laid.lay(), laid.layer(), laid.buy(), names, title, size, spoken, out);
        return file(pdf, MediaType.APPLICATION_PDF, title.garment() + ", lay", "pdf");
    }

    @GetMapping(value = "/pattern.svg", produces = "image/svg+xml")
    ResponseEntity<OutputFile> svg(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "day") String days,
            @RequestParam(required = false) Integer revision) {
        return drawing(asked(member, id, revision, DayStyle.of(days)), SvgWriter::write, "image/svg+xml", "svg");
    }

    @GetMapping(value = "/pattern.dxf", produces = "image/vnd.dxf")
    ResponseEntity<OutputFile> dxf(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "day") String days,
            @RequestParam(required = false) Integer revision) {
        return drawing(asked(member, id, revision, DayStyle.of(days)), DxfWriter::write, "image/vnd.dxf", "dxf");
    }

    @GetMapping(value = "/plot.hpgl", produces = "application/vnd.hp-hpgl")
    ResponseEntity<OutputFile> plot(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "day") String days,
            @RequestParam(required = false) Integer revision) {
        return drawing(
                asked(member, id, revision, DayStyle.of(days)), PlotWriter::write, "application/vnd.hp-hpgl", "hpgl");
    }

    /** The cut list of a ticket as it stands. */
    @GetMapping(value = "/cutlist.csv", produces = "text/csv")
    ResponseEntity<OutputFile> cutList(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        TicketView ticket = tickets.require(member.workroom(), id);
        Drafted drafted =
                Drafting.draft(drafts.request(member.workroom(), ticket).read());
        return file(
                text(CutListCsv.write(drafted.pieces())),
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                ticket.name() + ", cut list",
                "csv");
    }

    @GetMapping("/pages")
    PagesView pages(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "914.4") double roll,
            @RequestParam(defaultValue = "together") String necklines) {
        Asked asked = asked(member, id, null, DayStyle.DAY_FIRST);
        PatternSheet sheet = laid(asked.pieces(necklines), paper, roll, 1);
        List<List<String>> alike = DrawnPieces.alike(asked.pattern());
        return paper.equals("roll")
                ? PagesView.one(sheet, alike)
                : PagesView.of(sheet, Tiling.of(sheet, paper(paper)), alike);
    }

    private static ResponseEntity<OutputFile> drawing(
            Asked asked, Function<PatternSheet, String> writer, String type, String ending) {
        return file(
                text(writer.apply(asked.sheet())),
                MediaType.valueOf(type),
                asked.title().garment(),
                ending);
    }

    private static OutputFile text(String written) {
        return out -> out.write(written.getBytes(StandardCharsets.UTF_8));
    }

    private static PaperSize page(String paper) {
        return PaperSize.of(paper)
                .filter(p -> p != PaperSize.A0)
                .orElseThrow(() -> new Refusal(new FieldPath("paper"), "This is printed on a4 or letter"));
    }

    private static Spoken spoken(String unit, String mark) {
        Unit tape = Unit.of(unit)
                .filter(u -> u != Unit.MILLIMETRE)
                .orElseThrow(() -> new Refusal(new FieldPath("unit"), "The tape is in or cm"));
        DecimalMark decimal = DecimalMark.of(mark)
                .orElseThrow(() -> new Refusal(new FieldPath("mark"), "The decimal mark is comma or point"));
        return new Spoken(tape, decimal);
    }

    private static PaperSize paper(String paper) {
        return PaperSize.of(paper).orElseThrow(() -> new Refusal(new FieldPath("paper"), "Paper is a4, letter or a0"));
    }

    /** A pattern to be printed, with what is written on it. */
    private record Asked(DrawnPattern pattern, TitleBlock title) {
        PatternSheet sheet() {
            return PatternSheet.of(pattern, title);
        }

        /** To be laid on paper: those that differ in nothing but the neck together on one sheet, or apart. */
        DrawnPieces pieces(String necklines) {
            return switch (necklines) {
                case "together" -> DrawnPieces.shared(pattern, title);
                case "apart" -> DrawnPieces.of(pattern, title);
                default -> throw new Refusal(new FieldPath("necklines"), "Necklines are drawn together or apart");
            };
        }
    }

    /** What is to be printed: the ticket as it stands, or a revision from the pattern that it kept. */
    private Asked asked(Member member, UUID id, Integer number, DayStyle days) {
        TicketView ticket = tickets.require(member.workroom(), id);
        return number == null ? standing(member, ticket, days) : frozen(member, ticket, number, days);
    }

    private Asked standing(Member member, TicketView ticket, DayStyle days) {
        PreviewRequest request = drafts.request(member.workroom(), ticket);
        String named = revisions
                .newest(member.workroom(), ticket.id())
                .map(newest -> newest.request().equals(request)
                        ? "revision " + newest.number()
                        : "working draft after revision " + newest.number())
                .orElse("working draft");
        Drafted drafted = Drafting.draft(request.read());
        return new Asked(DrawnPattern.of(drafted), title(member, ticket, request.way(), named, days));
    }

    private Asked frozen(Member member, TicketView ticket, int number, DayStyle days) {
        RevisionView revision = revisions.require(member.workroom(), ticket.id(), number);
        var kept = revisions.pattern(member.workroom(), ticket.id(), number);
        DrawnPattern pattern = kept.orElseGet(
                () -> DrawnPattern.of(Drafting.draft(revision.request().read())));
        return new Asked(pattern, title(member, ticket, revision.request().way(), revision.title(), days));
    }

    private static TitleBlock title(Member member, TicketView ticket, String way, String named, DayStyle days) {
        return new TitleBlock(
                ticket.name(),
                ticket.personName(),
                Catalogue.wayTitle(way).orElse(way),
                named,
                days.write(LocalDate.now()),
                initials(member.name()));
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

    private static ResponseEntity<OutputFile> file(OutputFile file, MediaType type, String name, String ending) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + "." + ending, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file);
    }
}
