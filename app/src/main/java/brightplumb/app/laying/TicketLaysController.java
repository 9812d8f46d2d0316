package brightplumb.app.laying;

import brightplumb.app.Page;
import brightplumb.app.account.Member;
import brightplumb.app.door.ClientPresence;
import brightplumb.app.laying.LayView.LongestView;
import brightplumb.app.laying.LayView.SavingView;
import brightplumb.app.limits.Costly;
import brightplumb.app.limits.Work;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The lays of a ticket. */
@Costly(Work.LAY)
@RestController
@RequestMapping("/api/tickets/{id}/lay")
class TicketLaysController {

    private final CuttingTable table;

    TicketLaysController(CuttingTable table) {
        this.table = table;
    }

    /** The lay on one of its cloths; with few tries it is there at once, with more it may be shorter. */
    @GetMapping
    TicketLayView lay(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "shell") String layer,
            @RequestParam(required = false) Integer tries,
            HttpServletRequest request) {
        return table.of(member, id, layer, tries, ClientPresence.of(request)::here);
    }

    @PutMapping
    TicketLayView keep(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestBody KeptLay lay,
            HttpServletRequest request) {
        return table.keep(member, id, lay, ClientPresence.of(request)::here);
    }

    /** Leaves the lay to the search again, on cloth off the bolt. */
    @DeleteMapping
    TicketLayView forget(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "shell") String layer,
            HttpServletRequest request) {
        return table.forget(member, id, layer, ClientPresence.of(request)::here);
    }

    @Costly(Work.LAY_SEARCH)
    @GetMapping("/savings")
    Page<SavingView> savings(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "shell") String layer,
            HttpServletRequest request) {
        return Page.whole(table.savings(member, id, layer, ClientPresence.of(request)::here));
    }

    @Costly(Work.LAY_SEARCH)
    @GetMapping("/longest")
    LongestView longest(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "shell") String layer,
            @RequestParam(required = false) Double along,
            HttpServletRequest request) {
        return table.longest(member, id, layer, along, ClientPresence.of(request)::here);
    }
}
