package brightplumb.app.door;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Arrays;
import org.apache.coyote.CloseNowException;
import org.springframework.http.HttpStatus;

/**
 * Takes in what was sent, whole, before anything is made of it: at most a megabyte, within some seconds. No thread
 * waits meanwhile, so that many who send slowly hold up nobody. Whatever it calls itself, no body is larger: an address
 * that takes uploads names its own limit here.
 */
final class RequestBodyFilter implements Filter {

    static final int MOST = 1 << 20;
    /**
     * Up to here what is too much is still heard out, so that its sender reads the answer; beyond it the line is cut.
     */
    private static final long HEARD_OUT = 8L * MOST;

    /** What may come with its head, bytes. */
    private static final int SMALL = 1 << 14;

    private static final String OUTCOME = RequestBodyFilter.class.getName();

    private final long within;

    /** @param within how long a body may take to come in */
    RequestBodyFilter(Duration within) {
        this.within = within.toMillis();
    }

    /** What became of a body. */
    private sealed interface Outcome {}

    private record Whole(byte[] body) implements Outcome {}

    /** @param heardOut whether all of it was read, so that the line can end in good order */
    private record Refused(HttpStatus status, String title, String detail, boolean heardOut) implements Outcome {

        static Refused tooMuch(boolean heardOut) {
            return new Refused(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too much at once",
                    "At most a megabyte is taken in at a time.",
                    heardOut);
        }

        static Refused tooSlow() {
            return new Refused(HttpStatus.REQUEST_TIMEOUT, "Too slow", "What was sent did not arrive in time.", false);
        }

        void answer(HttpServletResponse response) throws IOException {
            Answer.problem(response, status, title, detail);
            if (!heardOut) {
                // Otherwise a thread would wait here for the rest of what was announced.
                throw new CloseNowException(title);
            }
        }
    }

    @Override
    public void doFilter(ServletRequest asked, ServletResponse answer, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest request = (HttpServletRequest) asked;
        HttpServletResponse response = (HttpServletResponse) answer;
        Object outcome = request.getAttribute(OUTCOME);
        if (outcome instanceof Whole whole) {
            chain.doFilter(new BufferedRequest(request, whole.body()), response);
        } else if (outcome instanceof Refused refused) {
            refused.answer(response);
        } else if (request.getDispatcherType() != DispatcherType.REQUEST || !hasBody(request)) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > HEARD_OUT) {
            Refused.tooMuch(false).answer(response);
        } else if (request.getContentType() != null && request.getContentType().contains("*")) {
            new Refused(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Not in this shape", "Send it as application/json.", false)
                    .answer(response);
        } else {
            byte[] here = here(request);
            if (here.length == request.getContentLengthLong()) {
                chain.doFilter(new BufferedRequest(request, here), response);
            } else {
                takeIn(request, response, here);
            }
        }
    }

    /**
     * What came with the head, which is all of it where it is small: nobody has to be waited for. The stream tells only
     * that there is some.
     */
    private static byte[] here(HttpServletRequest request) throws IOException {
        ServletInputStream in = request.getInputStream();
        byte[] here = new byte[(int) Math.max(0, Math.min(request.getContentLengthLong(), SMALL))];
        int read = 0;
        while (read < here.length && in.available() > 0) {
            int more = in.read(here, read, here.length - read);
            if (more < 0) {
                break;
            }
            read += more;
        }
        return Arrays.copyOf(here, read);
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private void takeIn(HttpServletRequest request, HttpServletResponse response, byte[] here) throws IOException {
        AsyncContext waiting = request.startAsync(request, response);
        waiting.setTimeout(within);
        Reading reading = new Reading(request.getInputStream(), waiting, request, here);
        waiting.addListener(reading);
        request.getInputStream().setReadListener(reading);
    }

    /** Reads what has come, and goes on with the request once all has, or too much, or too slowly. */
    private static final class Reading implements ReadListener, AsyncListener {

        private final ByteArrayOutputStream body = new ByteArrayOutputStream();
        private final byte[] some = new byte[8192];
        private final ServletInputStream in;
        private final AsyncContext waiting;
        private final HttpServletRequest request;
        private long read;
        private boolean settled;

        Reading(ServletInputStream in, AsyncContext waiting, HttpServletRequest request, byte[] here) {
            this.in = in;
            this.waiting = waiting;
            this.request = request;
            body.writeBytes(here);
            read = here.length;
        }

        @Override
        public void onDataAvailable() throws IOException {
            while (!settled && in.isReady()) {
                int more = in.read(some);
                if (more < 0) {
                    return;
                }
                read += more;
                if (read <= MOST) {
                    body.write(some, 0, more);
                } else {
                    body.reset();
                }
                if (read > HEARD_OUT) {
                    settle(Refused.tooMuch(false));
                }
            }
        }

        @Override
        public void onAllDataRead() {
            settle(read > MOST ? Refused.tooMuch(true) : new Whole(body.toByteArray()));
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            settle(Refused.tooSlow());
        }

        private synchronized void settle(Outcome outcome) {
            if (!settled) {
                settled = true;
                request.setAttribute(OUTCOME, outcome);
                waiting.dispatch();
            }
        }

        /** The line broke: there is nobody to answer. */
        @Override
        public synchronized void onError(Throwable broken) {
            if (!settled) {
                settled = true;
                waiting.complete();
            }
        }

        @Override
        public void onComplete(AsyncEvent event) {}

        @Override
        public void onError(AsyncEvent event) {}

        @Override
        public void onStartAsync(AsyncEvent event) {}
    }
}
