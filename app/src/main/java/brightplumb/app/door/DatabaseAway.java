package brightplumb.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions live in the database, so that it can be away before any page is reached: then, too, the answer is a problem
 * that says so.
 */
final class DatabaseAway extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | IOException | RuntimeException failure) {
            if (!Database.away(failure)) {
                throw failure;
            }
            LOG.error("The database does not answer: {}", failure.getClass().getSimpleName());
            response.setHeader(HttpHeaders.RETRY_AFTER, "2");
            Answer.problem(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "The books are out of reach",
                    "The database does not answer. Nothing was saved; try again in a moment.");
        }
    }
}
