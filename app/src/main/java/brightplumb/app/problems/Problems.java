package brightplumb.app.problems;

import brightplumb.core.measure.Refusal;
import java.sql.SQLException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns what went wrong into an answer. Nothing that was sent is repeated in a log: it may be a body's measure. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be done as it stands", message(refusal.faults()));
        problem.setProperty("errors", refusal.faults());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notHere(NotHere notHere) {
        return answer(problem(HttpStatus.NOT_FOUND, "Not here", notHere.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notSignedIn(NotSignedIn nobody) {
        return answer(problem(HttpStatus.UNAUTHORIZED, "Not signed in", nobody.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(Stale stale) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed meanwhile", stale.getMessage());
        problem.setProperty("current", stale.current());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyTries tries) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(tries.seconds()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", tries.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongParameter(MethodArgumentTypeMismatchException mismatch) {
        boolean id = mismatch.getRequiredType() == java.util.UUID.class;
        if (id) {
            return notHere(new NotHere("entry"));
        }
        return refused(new Refusal(mismatch.getName(), "This is not a value " + mismatch.getName() + " can have"));
    }

    @ExceptionHandler({
        CannotGetJdbcConnectionException.class,
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class
    })
    ResponseEntity<ProblemDetail> noDatabase(Exception e) {
        LOG.error("The database does not answer: {}", e.getClass().getSimpleName());
        return answer(problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The books are out of reach",
                "The database does not answer. Nothing was saved; try again in a moment."));
    }

    /** What the database cannot hold (a NUL letter, a day beyond its calendar) is the sender's fault, not ours. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> notToBeKept(DataAccessException e) {
        boolean badValue = e.getRootCause() instanceof SQLException sql
                && sql.getSQLState() != null
                && sql.getSQLState().startsWith("22");
        return badValue
                ? answer(problem(
                        HttpStatus.BAD_REQUEST,
                        "This cannot be kept",
                        "There is a letter or a day in it that cannot be written down."))
                : anythingElse(e);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anythingElse(Exception e) {
        LOG.error(
                "Unexpected: {} at {}",
                e.getClass().getName(),
                e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "?");
        return answer(problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something broke here",
                "It is our fault, not yours. Nothing was saved."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST, "This could not be read", "What was sent is not what this address takes.");
        if (e.getCause() instanceof DatabindException bind && !bind.getPath().isEmpty()) {
            Refusal.Fault fault = new Refusal.Fault(
                    field(bind.getPath()),
                    bind instanceof UnrecognizedPropertyException
                            ? "There is no such field"
                            : "This is not a value this field can have");
            problem.setDetail(fault.message());
            problem.setProperty("errors", List.of(fault));
        }
        return ResponseEntity.badRequest()
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    private static String field(List<JacksonException.Reference> path) {
        StringBuilder field = new StringBuilder();
        for (JacksonException.Reference step : path) {
            if (step.getPropertyName() != null) {
                field.append(field.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                field.append('[').append(step.getIndex()).append(']');
            }
        }
        return field.toString();
    }

    private static String message(List<Refusal.Fault> faults) {
        return faults.size() == 1 ? faults.get(0).message() : faults.size() + " fields need another look";
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
