package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.formats.dxf.DxfWriter;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pattern for cutting tables and other drawing programs. */
@Costly(Work.OUTPUT)
@RestController
class PatternDxfController {

    private final PrintedPatterns patterns;

    PatternDxfController(PrintedPatterns patterns) {
        this.patterns = patterns;
    }

    private static final String TYPE = "image/vnd.dxf";

    @GetMapping(value = "/api/tickets/{id}/pattern.dxf", produces = TYPE)
    ResponseEntity<OutputFile> write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(required = false) Integer revision) {
        PrintedPattern printed = patterns.of(member, id, revision, options.dayStyle());
        return OutputFile.text(DxfWriter.write(printed.sheet()))
                .named(printed.title().garment(), "dxf", MediaType.valueOf(TYPE));
    }
}
