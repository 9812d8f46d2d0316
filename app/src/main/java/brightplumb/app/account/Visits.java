package brightplumb.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/** Sessions begun and ended. */
@Component
class Visits {

    private static final int LONGEST_BROWSER = 200;

    private final SecurityContextRepository contexts;
    private final CookieCsrfTokenRepository csrfTokens;
    private final JdbcIndexedSessionRepository sessions;

    Visits(
            SecurityContextRepository contexts,
            CookieCsrfTokenRepository csrfTokens,
            JdbcIndexedSessionRepository sessions) {
        this.contexts = contexts;
        this.csrfTokens = csrfTokens;
        this.sessions = sessions;
    }

    /** Begins a session of a member, under a new id and with a new token. */
    void begin(Member member, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(member, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        csrfTokens.saveToken(csrfTokens.generateToken(request), request, response);
    }

    /** The browser of a request as it calls itself, as much of it as is kept. */
    static String browser(HttpServletRequest request) {
        String name = request.getHeader(HttpHeaders.USER_AGENT);
        return name == null
                ? ""
                : name.codePoints()
                        .filter(c -> c >= ' ' && c < 127)
                        .limit(LONGEST_BROWSER)
                        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                        .toString();
    }

    /** Ends all sessions of an account. */
    void endAll(UUID account) {
        sessions.findByPrincipalName(account.toString()).keySet().forEach(sessions::deleteById);
    }

    void end(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** Ends all sessions of a member but this one; answers how many. */
    int endOthers(Member member, HttpServletRequest request) {
        var session = request.getSession(false);
        String own = session == null ? "" : session.getId();
        List<String> others = sessions.findByPrincipalName(member.getName()).keySet().stream()
                .filter(id -> !id.equals(own))
                .toList();
        others.forEach(sessions::deleteById);
        return others.size();
    }
}
