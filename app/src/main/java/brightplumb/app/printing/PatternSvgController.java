package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.formats.svg.SvgWriter;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pattern as a drawing for other programs. */
@Costly(Work.OUTPUT)
@RestController
class PatternSvgController {

    private final PrintedPatterns patterns;

    PatternSvgController(PrintedPatterns patterns) {
        this.patterns = patterns;
    }

    private static final String TYPE = "image/svg+xml";

    @GetMapping(value = "/api/tickets/{id}/pattern.svg", produces = TYPE)
    ResponseEntity<OutputFile> write(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @ParameterObject PrintOptions options,
            @RequestParam(required = false) Integer revision) {
        PrintedPattern printed = patterns.of(member, id, revision, options.dayStyle());
        return OutputFile.text(SvgWriter.write(printed.sheet()))
                .named(printed.title().garment(), "svg", MediaType.valueOf(TYPE));
    }
}
