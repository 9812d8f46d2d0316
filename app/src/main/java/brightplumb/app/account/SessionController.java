package brightplumb.app.account;

import brightplumb.app.problems.NotSignedIn;
import brightplumb.app.problems.TooManyTries;
import brightplumb.core.measure.Refusal;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
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

    private static final int TRIES = 8;
    private static final int MINUTES = 10;
    // bcrypt reads no more than this; longer would silently be cut off.
    private static final int LONGEST = 72;

    record SignIn(String email, String password) {}

    record AccountView(String name, String email, String workroom) {}

    private final Accounts accounts;
    private final PasswordEncoder passwords;
    private final SecurityContextRepository contexts;
    private final CookieCsrfTokenRepository csrfTokens;
    private final String nobodysPassword;

    SessionController(
            Accounts accounts,
            PasswordEncoder passwords,
            SecurityContextRepository contexts,
            CookieCsrfTokenRepository csrfTokens) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.contexts = contexts;
        this.csrfTokens = csrfTokens;
        this.nobodysPassword = passwords.encode("nobody");
    }

    @GetMapping
    AccountView who(@AuthenticationPrincipal Member member, @Parameter(hidden = true) CsrfToken csrf) {
        csrf.getToken();
        if (member == null) {
            throw new NotSignedIn("Nobody is signed in");
        }
        return new AccountView(member.name(), member.email(), member.workroomName());
    }

    @PostMapping
    ResponseEntity<Void> signIn(@RequestBody SignIn signIn, HttpServletRequest request, HttpServletResponse response) {
        String email = required(signIn);
        if (accounts.failures(email, MINUTES) >= TRIES) {
            throw new TooManyTries(MINUTES * 60L);
        }
        var stored = accounts.find(email);
        // The same work for an unknown address, so that the time taken tells nothing.
        boolean right = passwords.matches(
                signIn.password(), stored.map(Accounts.Stored::password).orElse(nobodysPassword));
        if (stored.isEmpty() || !right) {
            accounts.failed(email);
            throw new NotSignedIn("The address and the password do not belong together");
        }
        accounts.succeeded(email);
        open(stored.get().member(), request, response);
        return ResponseEntity.noContent().build();
    }

    private static String required(SignIn signIn) {
        List<Refusal.Fault> faults = new ArrayList<>();
        if (signIn.email() == null || signIn.email().isBlank() || signIn.email().length() > 254) {
            faults.add(new Refusal.Fault("email", "Type the address you sign in with"));
        }
        if (signIn.password() == null
                || signIn.password().isEmpty()
                || signIn.password().length() > LONGEST) {
            faults.add(new Refusal.Fault("password", "Type your password, at most 72 letters"));
        }
        if (!faults.isEmpty()) {
            throw new Refusal(faults);
        }
        return signIn.email();
    }

    private void open(Member member, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(member, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        csrfTokens.saveToken(csrfTokens.generateToken(request), request, response);
    }

    @DeleteMapping
    ResponseEntity<Void> signOut(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        return ResponseEntity.noContent().build();
    }
}
