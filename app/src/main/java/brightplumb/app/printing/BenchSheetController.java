package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.formats.pdf.BenchPdf;
import brightplumb.formats.pdf.PaperSize;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.Spoken;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench sheet: every piece small, with its measures. */
@Costly(Work.OUTPUT)
@RestController
class BenchSheetController {

    private final PrintedPatterns patterns;

    BenchSheetController(PrintedPatterns patterns) {
        this.patterns = patterns;
    }

    @GetMapping(value = "/api/tickets/{id}/bench-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> benchSheet(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(defaultValue = "false") boolean allowances,
            @RequestParam(required = false) Integer revision) {
        PaperSize size = options.page();
        Spoken spoken = options.spoken();
        PrintedPattern printed = patterns.of(member, id, revision, options.dayStyle());
        BenchSheet sheet = BenchSheet.of(printed.pattern(), allowances);
        OutputFile pdf = out -> BenchPdf.write(sheet, printed.title(), size, spoken.unit(), spoken.mark(), out);
        return pdf.pdf(printed.title().garment() + ", bench sheet");
    }
}
