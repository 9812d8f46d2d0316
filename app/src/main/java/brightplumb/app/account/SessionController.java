package brightplumb.app.account;

import brightplumb.app.PlumbProperties;
import brightplumb.app.account.Throttle.Tries;
import brightplumb.app.problems.NotSignedIn;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    record SignIn(String email, String password) {}

    /**
     * @param id the account, by which a page knows whose it is
     * @param demo whether it is of an invented workroom, which everybody shares
     */
    record AccountView(UUID id, String name, String email, String workroom, boolean demo) {}

    private final Accounts accounts;
    private final Passwords passwords;
    private final Throttle throttle;
    private final Visits visits;
    private final PlumbProperties started;

    SessionController(
            Accounts accounts, Passwords passwords, Throttle throttle, Visits visits, PlumbProperties started) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.throttle = throttle;
        this.visits = visits;
        this.started = started;
    }

    /** Who is signed in; where nobody is, the problem says how one gets in: by the demo, by a workroom of one's own. */
    @GetMapping
    AccountView who(@AuthenticationPrincipal Member member, @Parameter(hidden = true) CsrfToken csrf) {
        csrf.getToken();
        if (member == null) {
            throw new NotSignedIn(
                    "Nobody is signed in", Map.of("demo", started.demo(), "signUp", started.signUpOpen()));
        }
        return new AccountView(
                member.account(),
                member.name(),
                member.email(),
                member.workroomName(),
                accounts.isDemo(member.account()));
    }

    @PostMapping
    ResponseEntity<Void> signIn(@RequestBody SignIn signIn, HttpServletRequest request, HttpServletResponse response) {
        String email = Accounts.normal(required(signIn));
        String client = request.getRemoteAddr();
        String both = email + '\n' + client;
        // What one address is refused does not use up what the client has for others.
        // A client with no tries left makes no bucket for every address that it makes up.
        throttle.check(Tries.CLIENT, client);
        throttle.take(Tries.ADDRESS_FROM_CLIENT, both);
        throttle.take(Tries.CLIENT, client);
        boolean known = accounts.isKnown(email, client);
        if (!known) {
            throttle.take(Tries.ADDRESS_FROM_STRANGERS, email);
        }
        var stored = accounts.find(email);
        boolean right = passwords.matches(
                signIn.password(), stored.map(Accounts.Stored::password).orElse(null));
        if (!right || stored.isEmpty()) {
            throw new NotSignedIn("The address and the password do not belong together");
        }
        throttle.giveBack(Tries.CLIENT, client);
        throttle.forget(Tries.ADDRESS_FROM_CLIENT, both);
        if (!known) {
            throttle.giveBack(Tries.ADDRESS_FROM_STRANGERS, email);
        }
        accounts.signedIn(stored.get().member().account(), client, Visits.browser(request));
        visits.begin(stored.get().member(), request, response);
        return ResponseEntity.noContent().build();
    }

    private static String required(SignIn signIn) {
        List<Refusal.Fault> faults = new ArrayList<>();
        if (signIn.email() == null
                || signIn.email().isBlank()
                || signIn.email().length() > 254
                || signIn.email().indexOf('\0') >= 0) {
            faults.add(new Refusal.Fault(new FieldPath("email"), "Type the address you sign in with"));
        }
        if (!Passwords.readable(signIn.password())) {
            faults.add(new Refusal.Fault(new FieldPath("password"), "Type your password, at most 72 letters"));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return signIn.email();
    }

    @DeleteMapping
    ResponseEntity<Void> signOut(HttpServletRequest request) {
        visits.end(request);
        return ResponseEntity.noContent().build();
    }
}
