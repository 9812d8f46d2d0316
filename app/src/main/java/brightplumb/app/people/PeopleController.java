package brightplumb.app.people;

import brightplumb.app.Day;
import brightplumb.app.Page;
import brightplumb.app.TextRules;
import brightplumb.app.account.Member;
import brightplumb.app.problems.NotHere;
import brightplumb.app.problems.Stale;
import brightplumb.core.measure.FieldPath;
import io.swagger.v3.oas.annotations.media.Schema;
import java.net.URI;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The measure book. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

    /**
     * A person to be added or changed.
     *
     * @param version the version the change was made on; missing where any will do
     */
    record PersonRequest(
            String name,
            String note,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Integer version) {

        PersonRequest checked() {
            return new PersonRequest(
                    TextRules.name(new FieldPath("name"), name, "A person needs a name"),
                    TextRules.note(new FieldPath("note"), note, TextRules.NOTE),
                    version);
        }
    }

    private final People people;
    private final Sheets sheets;

    PeopleController(People people, Sheets sheets) {
        this.people = people;
        this.sheets = sheets;
    }

    @GetMapping
    Page<PersonView> list(
            @AuthenticationPrincipal Member member,
            @RequestParam(required = false) String q,
            @RequestParam(required = false) Integer page,
            @RequestParam(required = false) Integer size) {
        return people.list(member.workroom(), Page.Asked.of(q, page, size));
    }

    @PostMapping
    ResponseEntity<PersonView> add(@AuthenticationPrincipal Member member, @RequestBody PersonRequest request) {
        PersonRequest checked = request.checked();
        UUID id = people.add(member.workroom(), checked.name(), checked.note());
        return ResponseEntity.created(URI.create("/api/people/" + id)).body(people.require(member.workroom(), id));
    }

    @GetMapping("/{id}")
    PersonView get(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return people.require(member.workroom(), id);
    }

    @PutMapping("/{id}")
    PersonView change(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody PersonRequest request) {
        PersonRequest checked = request.checked();
        boolean changed = people.change(member.workroom(), id, checked.version(), checked.name(), checked.note());
        PersonView now = people.require(member.workroom(), id);
        if (!changed) {
            throw new Stale(now);
        }
        return now;
    }

    @DeleteMapping("/{id}")
    ResponseEntity<Void> remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        if (!people.remove(member.workroom(), id)) {
            throw new NotHere("person");
        }
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/{id}/sheets")
    Page<SheetView> sheets(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Integer page,
            @RequestParam(required = false) Integer size) {
        people.require(member.workroom(), id);
        return sheets.of(member.workroom(), id, Page.Asked.of("", page, size));
    }

    @PostMapping("/{id}/sheets")
    ResponseEntity<SheetView> addSheet(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody SheetRequest request) {
        people.require(member.workroom(), id);
        var readings = request.read();
        LocalDate takenOn = Day.past(new FieldPath("takenOn"), request.takenOn());
        String takenBy = TextRules.line(new FieldPath("takenBy"), request.takenBy(), TextRules.NAME, "A name");
        String note = TextRules.note(new FieldPath("note"), request.note(), TextRules.NOTE);
        SheetView sheet = sheets.add(
                member.workroom(),
                id,
                request.after(),
                takenOn == null ? LocalDate.now() : takenOn,
                takenBy.isEmpty() ? member.name() : takenBy,
                note,
                readings);
        return ResponseEntity.created(URI.create("/api/people/" + id + "/sheets"))
                .body(sheet);
    }
}
