package brightplumb.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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
