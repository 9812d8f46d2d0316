package brightplumb.app.account;

import brightplumb.app.Page;
import brightplumb.app.PlumbProperties;
import brightplumb.app.TextRules;
import brightplumb.app.account.Throttle.Tries;
import brightplumb.app.problems.NotAllowed;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A workroom of one's own: opened, kept safe, left. */
@RestController
class AccountController {

    /** One sentence for whatever is wrong with an address: who has a workroom here is nobody's business. */
    private static final String NO_ADDRESS =
            "No workroom can be opened with this address; it is written name@place.example, and if it is yours,"
                    + " sign in with it";

    private static final int LONGEST_ADDRESS = 254;
    private static final Pattern ADDRESS =
            Pattern.compile("[^\\s@\\p{Cntrl}]+@[^\\s@\\p{Cntrl}]+\\.[^\\s@\\p{Cntrl}]+");

    record OpenRequest(String workroom, String name, String email, String password) {}

    record PasswordRequest(String current, String password) {}

    record LeaveRequest(String password) {}

    record EndedView(int ended) {}

    record RecoverRequest(String email, String code, String password) {}

    /** @param password the password now: whoever has the code has the account */
    record RecoveryRequest(String password) {}

    /** @param code shown once */
    record RecoveryView(String code) {}

    /** @param recovery the recovery code, shown once */
    record OpenedView(UUID id, String name, String email, String workroom, String recovery) {}

    record SignInView(Instant at, String client, String browser) {}

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
    ResponseEntity<OpenedView> open(
            @RequestBody OpenRequest asked, HttpServletRequest request, HttpServletResponse response) {
        if (!started.signUpOpen()) {
            throw new NotAllowed("No workrooms are opened here; ask whoever runs this one");
        }
        String workroom = TextRules.name(new FieldPath("workroom"), asked.workroom(), "A workroom needs a name");
        String name = TextRules.name(new FieldPath("name"), asked.name(), "Say who you are");
        String client = request.getRemoteAddr();
        String email = address(asked.email());
        throttle.take(Tries.WORKROOMS, client);
        throttle.check(Tries.CLIENT, client);
        throttle.take(Tries.ADDRESS_FROM_CLIENT, email + '\n' + client);
        // The same work is done whether the address is known or not.
        String hash = passwords.hash(new FieldPath("password"), asked.password(), List.of(workroom, name, email));
        Member member = accounts.open(workroom, name, email, hash, false).orElseThrow(() -> {
            throttle.take(Tries.CLIENT, client);
            return new Refusal(new FieldPath("email"), NO_ADDRESS);
        });
        throttle.forget(Tries.ADDRESS_FROM_CLIENT, email + '\n' + client);
        String code = renewed(member.account());
        accounts.signedIn(member.account(), client, Visits.browser(request));
        visits.begin(member, request, response);
        return ResponseEntity.created(URI.create("/api/session"))
                .body(new OpenedView(member.account(), member.name(), member.email(), member.workroomName(), code));
    }

    private static String address(String typed) {
        String email = typed == null ? "" : Accounts.normal(typed);
        boolean hidden = email.codePoints()
                .anyMatch(c -> Character.getType(c) == Character.FORMAT
                        || Character.getType(c) == Character.SURROGATE
                        || Character.getType(c) == Character.PRIVATE_USE
                        || Character.getType(c) == Character.UNASSIGNED);
        if (hidden
                || email.length() > LONGEST_ADDRESS
                || !ADDRESS.matcher(email).matches()) {
            throw new Refusal(new FieldPath("email"), NO_ADDRESS);
        }
        return email;
    }

    /** Sets a new password by the recovery code; every session ends, and the code is used up. */
    @PostMapping("/api/session/recover")
    ResponseEntity<Void> recover(@RequestBody RecoverRequest asked, HttpServletRequest request) {
        String client = request.getRemoteAddr();
        String email = address(asked.email());
        String both = email + '\n' + client;
        throttle.check(Tries.CLIENT, client);
        throttle.take(Tries.ADDRESS_FROM_CLIENT, both);
        throttle.take(Tries.CLIENT, client);
        String hash = passwords.hash(new FieldPath("password"), asked.password(), List.of(email));
        UUID account = accounts.recover(email, RecoveryCode.hash(asked.code() == null ? "" : asked.code()), hash)
                .orElseThrow(
                        () -> new Refusal(new FieldPath("code"), "The address and the code do not belong together"));
        throttle.forget(Tries.ADDRESS_FROM_CLIENT, both);
        throttle.giveBack(Tries.CLIENT, client);
        visits.endAll(account);
        return ResponseEntity.noContent().build();
    }

    /** Makes a new recovery code in place of the one before. */
    @PostMapping("/api/session/recovery")
    RecoveryView recovery(
            @AuthenticationPrincipal Member member, @RequestBody RecoveryRequest asked, HttpServletRequest request) {
        notDemo(member);
        proven(new FieldPath("password"), member, asked.password(), request);
        return new RecoveryView(renewed(member.account()));
    }

    private String renewed(UUID account) {
        String code = RecoveryCode.create();
        accounts.keepRecovery(account, RecoveryCode.hash(code));
        return code;
    }

    /** When and from where this account was signed in to, the newest first. */
    @GetMapping("/api/session/sign-ins")
    Page<SignInView> signIns(@AuthenticationPrincipal Member member) {
        return Page.whole(accounts.signIns(member.account()).stream()
                .map(s -> new SignInView(s.at(), s.client(), s.browser()))
                .toList());
    }

    /** The demo is everybody's: nobody shuts the others out of it. */
    private void notDemo(Member member) {
        if (accounts.isDemo(member.account())) {
            throw new NotAllowed("The demo is shared: its password and its account stay as they are");
        }
    }

    @PutMapping("/api/session/password")
    ResponseEntity<Void> changePassword(
            @AuthenticationPrincipal Member member, @RequestBody PasswordRequest asked, HttpServletRequest request) {
        notDemo(member);
        proven(new FieldPath("current"), member, asked.current(), request);
        String hash = passwords.hash(
                new FieldPath("password"),
                asked.password(),
                List.of(member.workroomName(), member.name(), member.email()));
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
        notDemo(member);
        proven(new FieldPath("password"), member, asked.password(), request);
        accounts.leave(member.account(), member.workroom());
        visits.endOthers(member, request);
        visits.end(request);
        return ResponseEntity.noContent().build();
    }

    /** Somebody at an unlocked table is not its owner: what cannot be taken back asks for the password. */
    private void proven(FieldPath field, Member member, String password, HttpServletRequest request) {
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
