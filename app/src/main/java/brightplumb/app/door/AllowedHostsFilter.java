package brightplumb.app.door;

import brightplumb.app.PlumbProperties;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only to the names this copy was started for: a page of elsewhere whose name was turned to this address gets
 * nothing. A proxy on this machine may say that it was asked over HTTPS; cookies are then Secure.
 */
final class AllowedHostsFilter extends OncePerRequestFilter {

    private final Set<String> names;

    AllowedHostsFilter(PlumbProperties started) {
        this.names = started.names();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!names.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            Answer.problem(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "Not here",
                    "This workroom does not go by that name; start it with PLUMB_HOSTS if it should.");
            return;
        }
        boolean https = "https".equalsIgnoreCase(request.getHeader("X-Forwarded-Proto"));
        chain.doFilter(https && ofThisMachine(request) ? new Secure(request) : request, response);
    }

    private static boolean ofThisMachine(HttpServletRequest request) {
        try {
            return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
        } catch (UnknownHostException nowhere) {
            return false;
        }
    }

    private static final class Secure extends HttpServletRequestWrapper {

        Secure(HttpServletRequest request) {
            super(request);
        }

        @Override
        public boolean isSecure() {
            return true;
        }

        @Override
        public String getScheme() {
            return "https";
        }
    }
}
