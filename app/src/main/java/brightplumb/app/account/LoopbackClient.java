package brightplumb.app.account;

import brightplumb.app.PlumbProperties;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.springframework.core.env.Environment;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/**
 * The application coming in by its own door, as a browser does: with a session of nobody's, of a workroom that does not
 * exist.
 */
@Component
public class LoopbackClient {

    /** What is not ended in good order ends by itself. */
    private static final Duration LONGEST = Duration.ofMinutes(15);

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final JdbcIndexedSessionRepository sessions;
    private final Environment environment;
    private final PlumbProperties started;

    LoopbackClient(JdbcIndexedSessionRepository sessions, Environment environment, PlumbProperties started) {
        this.sessions = sessions;
        this.environment = environment;
        this.started = started;
    }

    /** Comes in; the application must be listening. */
    public Visit begin() {
        String door = "http://" + started.reachedAt() + ":" + environment.getRequiredProperty("local.server.port");
        return new Visit(
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build(), door, session(sessions));
    }

    private static <S extends Session> String session(SessionRepository<S> sessions) {
        Member nobody = new Member(UUID.randomUUID(), UUID.randomUUID(), "", "", "");
        S session = sessions.createSession();
        session.setMaxInactiveInterval(LONGEST);
        session.setAttribute(
                HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY,
                new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(nobody, null, List.of())));
        sessions.save(session);
        return session.getId();
    }

    /** One visit, by one line. */
    public final class Visit implements AutoCloseable {

        private final HttpClient line;
        private final String door;
        private final String session;
        private final String cookie;
        private final String token = UUID.randomUUID().toString();

        private Visit(HttpClient line, String door, String session) {
            this.line = line;
            this.door = door;
            this.session = session;
            this.cookie = environment.getRequiredProperty("server.servlet.session.cookie.name") + "="
                    + Base64.getEncoder().encodeToString(session.getBytes(StandardCharsets.US_ASCII));
        }

        /** Sends JSON; answers the status. */
        public int post(String path, byte[] json) throws IOException, InterruptedException {
            HttpRequest request = HttpRequest.newBuilder(URI.create(door + path))
                    .timeout(PATIENCE)
                    .header("Cookie", cookie + "; XSRF-TOKEN=" + token)
                    .header("X-XSRF-TOKEN", token)
                    .header("Accept-Encoding", "gzip")
                    .header("Content-Type", "application/json")
                    .POST(BodyPublishers.ofByteArray(json))
                    .build();
            return line.send(request, BodyHandlers.discarding()).statusCode();
        }

        @Override
        public void close() {
            sessions.deleteById(session);
        }
    }
}
