package brightplumb.app.problems;

import brightplumb.app.door.Database;
import brightplumb.app.limits.TooBusy;
import brightplumb.core.lay.NotWanted;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.coyote.CloseNowException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
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
    private static final int MOST_FAULTS = 50;
    private static final int LONGEST_NAME = 200;

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be done as it stands", message(refusal.faults()));
        problem.setProperty("errors", told(refusal.faults()));
        return answer(problem);
    }

    /** What is told of many faults: the first, and how many more there are. */
    private static List<FaultView> told(List<Refusal.Fault> faults) {
        List<FaultView> first =
                faults.stream().limit(MOST_FAULTS).map(FaultView::of).collect(Collectors.toList());
        if (faults.size() > MOST_FAULTS) {
            first.add(new FaultView(FieldPath.REQUEST.path(), "And " + (faults.size() - MOST_FAULTS) + " more"));
        }
        return first;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notHere(NotHere notHere) {
        return answer(problem(HttpStatus.NOT_FOUND, "Not here", notHere.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notSignedIn(NotSignedIn nobody) {
        ProblemDetail problem = problem(HttpStatus.UNAUTHORIZED, "Not signed in", nobody.getMessage());
        nobody.told().forEach(problem::setProperty);
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notAllowed(NotAllowed refused) {
        return answer(problem(HttpStatus.FORBIDDEN, "Not allowed", refused.getMessage()));
    }

    /** Letters in an address that are no letters. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadableAddress(InvalidParameterException unreadable) {
        return answer(problem(
                HttpStatus.BAD_REQUEST, "This could not be read", "The address has letters that cannot be read."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(Stale stale) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, "Changed meanwhile", stale.getMessage());
        problem.setProperty("current", stale.current());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyTries tries) {
        return later(tries.seconds()).body(problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", tries.getMessage()));
    }

    /**
     * A file that is opened in a page of its own is asked for again by the browser, which knows {@code Refresh} alone.
     * The connection is closed, so that what was sent along it without waiting for the answer is not looked at either.
     */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooBusy(TooBusy busy) {
        return later(busy.seconds())
                .header("Refresh", String.valueOf(busy.seconds()))
                .header(HttpHeaders.CONNECTION, "close")
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "Busy", busy.getMessage()));
    }

    private static ResponseEntity.BodyBuilder later(long seconds) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongParameter(MethodArgumentTypeMismatchException mismatch) {
        boolean id = mismatch.getRequiredType() == java.util.UUID.class;
        if (id) {
            return notHere(new NotHere("entry"));
        }
        return refused(new Refusal(
                new FieldPath(mismatch.getName()), "This is not a value " + mismatch.getName() + " can have"));
    }

    /** What the database cannot hold is the sender's fault, what it cannot do is ours, and when it is away nobody's. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> ofTheDatabase(RuntimeException e) {
        if (Database.away(e)) {
            LOG.error("The database does not answer: {}", e.getClass().getSimpleName());
            return answer(problem(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "The books are out of reach",
                    "The database does not answer. Nothing was saved; try again in a moment."));
        }
        // Somebody took away meanwhile what this was to be written beside.
        if (e instanceof DataIntegrityViolationException && state(e).equals("23503")) {
            return notHere(new NotHere("entry any more"));
        }
        return state(e).startsWith("22")
                ? answer(problem(
                        HttpStatus.BAD_REQUEST,
                        "This cannot be kept",
                        "There is a letter or a day in it that cannot be written down."))
                : anythingElse(e);
    }

    private static String state(RuntimeException e) {
        return NestedExceptionUtils.getMostSpecificCause(e) instanceof SQLException sql && sql.getSQLState() != null
                ? sql.getSQLState()
                : "";
    }

    /** Whoever asked has gone, or took too long to read. */
    @ExceptionHandler({ClientAbortException.class, CloseNowException.class})
    ResponseEntity<ProblemDetail> gone(IOException broken) {
        LOG.info("An answer was not read to its end");
        return null;
    }

    /** Nobody is there to read the lay. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> notWanted(NotWanted given) {
        LOG.info("A lay was given up, because whoever asked for it had gone");
        return null;
    }

    /** Logged whole but for its words, which may hold a measure, under a number that the answer carries. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> anythingElse(Exception e) {
        String number = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Unexpected, number {}:\n{}", number, RedactedStackTrace.trace(e));
        ProblemDetail problem = problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something broke here",
                "It is our fault, not yours. Nothing was saved. Its number in the log is " + number + ".");
        problem.setProperty("number", number);
        return answer(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMediaTypeNotSupported(
            HttpMediaTypeNotSupportedException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.UNSUPPORTED_MEDIA_TYPE)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Not in this shape", "Send it as application/json."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST, "This could not be read", "What was sent is not what this address takes.");
        if (e.getCause() instanceof DatabindException bind && !bind.getPath().isEmpty()) {
            FaultView fault = new FaultView(
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
                String name = step.getPropertyName();
                field.append(field.isEmpty() ? "" : ".").append(name, 0, Math.min(name.length(), LONGEST_NAME));
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
