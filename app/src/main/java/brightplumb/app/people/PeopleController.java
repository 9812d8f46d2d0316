package brightplumb.app.people;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.problems.NotHere;
import brightplumb.core.measure.Refusal;
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

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 4000;

    record PersonRequest(String name, String note) {
        PersonRequest checked() {
            if (name == null || name.isBlank()) {
                throw new Refusal("name", "A person needs a name");
            }
            if (name.strip().length() > LONGEST_NAME) {
                throw new Refusal("name", "A name has at most 120 letters");
            }
            String kept = note == null ? "" : note;
            if (kept.length() > LONGEST_NOTE || kept.indexOf('\0') >= 0 || name.indexOf('\0') >= 0) {
                throw new Refusal("note", "A note has at most 4000 letters");
            }
            return new PersonRequest(name.strip(), kept);
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
        if (!people.change(member.workroom(), id, checked.name(), checked.note())) {
            throw new NotHere("person");
        }
        return people.require(member.workroom(), id);
    }

    @DeleteMapping("/{id}")
    ResponseEntity<Void> remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        if (!people.remove(member.workroom(), id)) {
            throw new NotHere("person");
        }
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/{id}/sheets")
    Page<SheetView> sheets(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        people.require(member.workroom(), id);
        return Page.whole(sheets.of(member.workroom(), id));
    }

    @PostMapping("/{id}/sheets")
    ResponseEntity<SheetView> addSheet(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody SheetRequest request) {
        people.require(member.workroom(), id);
        var readings = request.read();
        LocalDate takenOn = request.takenOn() == null ? LocalDate.now() : request.takenOn();
        String takenBy = request.takenBy() == null || request.takenBy().isBlank()
                ? member.name()
                : request.takenBy().strip();
        String note = request.note() == null ? "" : request.note();
        if (takenBy.length() > LONGEST_NAME) {
            throw new Refusal("takenBy", "A name has at most 120 letters");
        }
        if (note.length() > LONGEST_NOTE) {
            throw new Refusal("note", "A note has at most 4000 letters");
        }
        SheetView sheet = sheets.add(member.workroom(), id, takenOn, takenBy, note, readings);
        return ResponseEntity.created(URI.create("/api/people/" + id + "/sheets"))
                .body(sheet);
    }
}
