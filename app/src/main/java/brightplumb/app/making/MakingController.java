package brightplumb.app.making;

import brightplumb.app.account.Member;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The order of making of a ticket, and how far it has come. */
@Costly(Work.DRAFT)
@RestController
@RequestMapping("/api/tickets/{id}/making")
class MakingController {

    private final MakingRoom room;

    MakingController(MakingRoom room) {
        this.room = room;
    }

    @GetMapping
    MakingView making(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        return room.of(member, id);
    }

    @PutMapping
    MakingView habit(
            @AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestBody MakingRequest request) {
        return room.habit(member, id, request);
    }

    @PutMapping("/steps/{step}")
    MakingView step(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable String step,
            @RequestBody StepRequest request) {
        return room.step(member, id, step, request);
    }
}
