package brightplumb.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Sessions live in the database. That somebody was here is written down at most once a minute: a durable write with
 * every preview would cost more than the draft.
 */
@Configuration
class SessionKeeping {

    private static final Pattern ID = Pattern.compile("[0-9a-f-]{36}");
    private static final String NOTE_ONCE_A_MINUTE = """
            with now_seen (session_id, seen, idle, expiry, principal, id) as (
                values (cast(? as char(36)), cast(? as bigint), cast(? as int), cast(? as bigint),
                        cast(? as varchar(100)), cast(? as char(36))))
            update %TABLE_NAME% s
            set session_id = n.session_id, last_access_time = n.seen, max_inactive_interval = n.idle,
                expiry_time = n.expiry, principal_name = n.principal
            from now_seen n
            where s.primary_id = n.id
              and (n.seen - s.last_access_time > 60000
                   or s.session_id <> n.session_id
                   or s.max_inactive_interval <> n.idle
                   or s.principal_name is distinct from n.principal)""";

    /**
     * A cookie that cannot be one of ours is no cookie: it is not looked for in the database, which could not even hold
     * some.
     */
    @Bean
    CookieSerializer sessionCookie(ServerProperties server) {
        var asked = server.getServlet().getSession().getCookie();
        DefaultCookieSerializer cookie = new DefaultCookieSerializer() {
            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return super.readCookieValues(request).stream()
                        .filter(id -> ID.matcher(id).matches())
                        .toList();
            }
        };
        cookie.setCookieName(asked.getName());
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        cookie.setCookiePath("/");
        cookie.setCookieMaxAge((int) asked.getMaxAge().toSeconds());
        return cookie;
    }

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> onceAMinute() {
        return sessions -> sessions.setUpdateSessionQuery(NOTE_ONCE_A_MINUTE);
    }
}
