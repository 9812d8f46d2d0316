package brightplumb.app.fittings;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.drafting.RemarkView;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import java.net.URI;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The fittings of a ticket. */
@RestController
@RequestMapping("/api/tickets/{id}")
class FittingsController {

    private final FittingRoom room;

    FittingsController(FittingRoom room) {
        this.room = room;
    }

    @Costly(Work.DRAFT)
    @GetMapping("/remarks")
    Page<RemarkView> remarks(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return Page.whole(room.remarks(member, id));
    }

    @GetMapping("/fittings")
    Page<FittingView> fittings(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return Page.whole(room.of(member, id));
    }

    @Costly(Work.DRAFT)
    @PostMapping("/fittings")
    ResponseEntity<FittingView> apply(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody FittingRequest request) {
        FittingView applied = room.apply(member, id, request);
        return ResponseEntity.created(URI.create("/api/tickets/" + id + "/fittings"))
                .body(applied);
    }
}
