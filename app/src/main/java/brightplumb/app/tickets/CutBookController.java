package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import brightplumb.app.people.People;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The cut book: what can be cut, on somebody, or on a usual body where nobody is named. */
@Costly(Work.CUT_BOOK)
@RestController
class CutBookController {

    private final CutBook book;
    private final People people;

    CutBookController(CutBook book, People people) {
        this.book = book;
        this.people = people;
    }

    @GetMapping("/api/cut-book")
    Page<CutBookView> book(@AuthenticationPrincipal Member member, @RequestParam(required = false) UUID person) {
        if (person == null) {
            return Page.whole(book.usual());
        }
        people.require(member.workroom(), person);
        return Page.whole(book.on(member.workroom(), person));
    }
}
