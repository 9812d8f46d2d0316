package brightplumb.app.door;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Answers with a problem like all others what the server itself refuses, before the application has seen it. */
final class ProblemReportValve extends ErrorReportValve {

    @Override
    protected void report(Request request, Response response, Throwable failure) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            HttpStatus known = HttpStatus.resolve(status);
            byte[] body = Answer.body(
                            known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known,
                            known == null ? "Something broke here" : known.getReasonPhrase(),
                            status < 500 ? "This request could not be read." : "This could not be answered.")
                    .getBytes(StandardCharsets.UTF_8);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setContentLength(body.length);
            response.getOutputStream().write(body);
            response.finishResponse();
        } catch (IOException gone) {
            // Nobody is there to read it.
        }
    }
}
