package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.pdf.RollPdf;
import brightplumb.formats.pdf.TiledPdf;
import brightplumb.formats.pdf.Tiling;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.Shown;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pattern at full size, on pages or off a roll, and how it falls on them. */
@Costly(Work.OUTPUT)
@RestController
class PatternPdfController {

    private final PrintedPatterns patterns;

    PatternPdfController(PrintedPatterns patterns) {
        this.patterns = patterns;
    }

    @GetMapping(value = "/api/tickets/{id}/print.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<OutputFile> print(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(defaultValue = "both") String lines,
            @RequestParam(required = false) Integer model,
            @RequestParam(defaultValue = "914.4") double roll,
            @RequestParam(defaultValue = "together") String necklines,
            @RequestParam(required = false) Integer revision) {
        Shown shown = Shown.of(lines)
                .orElseThrow(() -> new Refusal(new FieldPath("lines"), "The lines are cut, sew, or both"));
        if (model != null && model != 2 && model != 4) {
            throw new Refusal(new FieldPath("model"), "A model is half or a quarter as large: 2 or 4");
        }
        PrintedPattern printed = patterns.of(member, id, revision, options.dayStyle());
        PatternSheet sheet = shown.of(printed.laid(options, necklines, roll, model == null ? 1 : model));
        OutputFile pdf = options.onRoll()
                ? out -> RollPdf.write(sheet, out)
                : out -> TiledPdf.write(sheet, options.tiles(), out);
        return pdf.pdf(sheet.title().garment());
    }

    @GetMapping("/api/tickets/{id}/pages")
    PagesView pages(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(defaultValue = "914.4") double roll,
            @RequestParam(defaultValue = "together") String necklines) {
        PrintedPattern printed = patterns.of(member, id, null, options.dayStyle());
        PatternSheet sheet = printed.laid(options, necklines, roll, 1);
        List<List<String>> alike = DrawnPieces.alike(printed.pattern());
        return options.onRoll()
                ? PagesView.one(sheet, alike)
                : PagesView.of(sheet, Tiling.of(sheet, options.tiles()), alike);
    }
}
