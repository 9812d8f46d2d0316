package brightplumb.app.door;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * A problem as it is answered where nothing of the application has begun yet. Its words are ours, never the sender's.
 */
public final class Answer {

    private Answer() {}

    /** Answers with a problem, unless something was answered already. */
    public static void problem(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = body(status, title, detail).getBytes(StandardCharsets.UTF_8);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
        response.flushBuffer();
    }

    /** Returns a problem as JSON. */
    static String body(HttpStatus status, String title, String detail) {
        return "{\"type\":\"about:blank\",\"status\":" + status.value() + ",\"title\":\"" + title + "\",\"detail\":\""
                + detail + "\"}";
    }
}
