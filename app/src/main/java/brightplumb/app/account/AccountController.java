package brightplumb.app.account;

import brightplumb.app.PlumbProperties;
import brightplumb.app.TextRules;
import brightplumb.app.account.Throttle.Tries;
import brightplumb.app.problems.NotAllowed;
import brightplumb.core.measure.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A workroom of one's own: opened, kept safe, left. */
@RestController
class AccountController {

    private static final int LONGEST_ADDRESS = 254;
    private static final Pattern ADDRESS =
            Pattern.compile("[^\\s@\\p{Cntrl}]+@[^\\s@\\p{Cntrl}]+\\.[^\\s@\\p{Cntrl}]+");

    record OpenRequest(String workroom, String name, String email, String password) {}

    record PasswordRequest(String current, String password) {}

    record LeaveRequest(String password) {}

    record EndedView(int ended) {}

    private final Accounts accounts;
    private final Passwords passwords;
    private final Throttle throttle;
    private final Visits visits;
    private final PlumbProperties started;

    AccountController(
            Accounts accounts, Passwords passwords, Throttle throttle, Visits visits, PlumbProperties started) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.throttle = throttle;
        this.visits = visits;
        this.started = started;
    }

    @PostMapping("/api/workrooms")
    ResponseEntity<SessionController.AccountView> open(
            @RequestBody OpenRequest asked, HttpServletRequest request, HttpServletResponse response) {
        if (!started.signUpOpen()) {
            throw new NotAllowed("No workrooms are opened here; ask whoever runs this one");
        }
        String workroom = TextRules.name("workroom", asked.workroom(), "A workroom needs a name");
        String name = TextRules.name("name", asked.name(), "Say who you are");
        String email = asked.email() == null ? "" : Accounts.normal(asked.email());
        if (email.length() > LONGEST_ADDRESS || !ADDRESS.matcher(email).matches()) {
            throw new Refusal("email", "This is not an address: name@place.example");
        }
        throttle.take(Tries.WORKROOMS, request.getRemoteAddr());
        String hash = passwords.hash("password", asked.password(), List.of(workroom, name, email, "bright plumb"));
        Member member = accounts.open(workroom, name, email, hash, false)
                .orElseThrow(() -> new Refusal("email", "This address has a workroom already; sign in with it"));
        accounts.signedIn(member.account(), request.getRemoteAddr());
        visits.begin(member, request, response);
        return ResponseEntity.created(URI.create("/api/session"))
                .body(new SessionController.AccountView(
                        member.account(), member.name(), member.email(), member.workroomName()));
    }

    @PutMapping("/api/session/password")
    ResponseEntity<Void> changePassword(
            @AuthenticationPrincipal Member member, @RequestBody PasswordRequest asked, HttpServletRequest request) {
        proven("current", member, asked.current(), request);
        String hash = passwords.hash(
                "password", asked.password(), List.of(member.workroomName(), member.name(), member.email()));
        accounts.changePassword(member.account(), hash);
        visits.endOthers(member, request);
        return ResponseEntity.noContent().build();
    }

    @DeleteMapping("/api/session/others")
    EndedView endOthers(@AuthenticationPrincipal Member member, HttpServletRequest request) {
        return new EndedView(visits.endOthers(member, request));
    }

    /** Leaves for good; with the last who leaves, the workroom and every figure in it goes. */
    @PostMapping("/api/session/leave")
    ResponseEntity<Void> leave(
            @AuthenticationPrincipal Member member, @RequestBody LeaveRequest asked, HttpServletRequest request) {
        proven("password", member, asked.password(), request);
        accounts.leave(member.account(), member.workroom());
        visits.endOthers(member, request);
        visits.end(request);
        return ResponseEntity.noContent().build();
    }

    /** Somebody at an unlocked table is not its owner: what cannot be taken back asks for the password. */
    private void proven(String field, Member member, String password, HttpServletRequest request) {
        String both = member.email() + '\n' + request.getRemoteAddr();
        throttle.take(Tries.ADDRESS_FROM_CLIENT, both);
        if (!Passwords.readable(password)
                || !passwords.matches(
                        password, accounts.password(member.account()).orElse(null))) {
            throw new Refusal(field, "This is not your password");
        }
        throttle.forget(Tries.ADDRESS_FROM_CLIENT, both);
    }
}
