package brightplumb.app.door;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.apache.coyote.CloseNowException;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;

/**
 * Sends what was answered as fast as its reader takes it, without a thread that waits for them, and ends a reader who
 * takes too long. What is answered is held meanwhile, so much in all. An answer too large to be held is written
 * straight through by the thread that makes it: only those are, for which {@code limits} gives room, so that few
 * threads wait so.
 */
public final class ResponseBodyFilter implements Filter {

    /** So many bytes of answers nobody has read yet are held. */
    private static final long MOST_HELD = 64L << 20;

    private static final int PORTION = 1 << 14;
    private static final String AFTER = ResponseBodyFilter.class.getName() + ".after";
    private static final String READER = ResponseBodyFilter.class.getName() + ".reader";
    private static final String NOBODY = "nobody";
    private static final String TOO_SLOW = ResponseBodyFilter.class.getName() + ".slow";

    private final long within;
    private final HeldAnswers held = new HeldAnswers(MOST_HELD);

    /** What is to be done when a request's last byte is out, or it is sure that none will be. */
    private static final class After {
        private final List<Runnable> tasks = new ArrayList<>();
        private boolean done;

        /** What is told of a problem after the answer is done holds nothing any more. */
        synchronized void add(Runnable task) {
            if (done) {
                task.run();
            } else {
                tasks.add(task);
            }
        }

        synchronized void run() {
            if (!done) {
                done = true;
                tasks.forEach(Runnable::run);
            }
        }
    }

    /** Returns how many bytes of answers are held, because nobody has read them yet. */
    public long unread() {
        return held.all();
    }

    /** Says whose answer it is, so that what they do not read takes no room of others. */
    public static void isFor(HttpServletRequest request, Object account) {
        request.setAttribute(READER, account);
    }

    /** Has something done once the answer's last byte is out, or its reader is gone; once, and in any case. */
    public static void whenSent(HttpServletRequest request, Runnable task) {
        if (request.getAttribute(AFTER) instanceof After after) {
            after.add(task);
        } else {
            throw new IllegalStateException("This request came in by another door");
        }
    }

    /** @param within how long an answer may take to be read */
    ResponseBodyFilter(Duration within) {
        this.within = within.toMillis();
    }

    @Override
    public void doFilter(ServletRequest asked, ServletResponse answer, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest request = (HttpServletRequest) asked;
        HttpServletResponse response = (HttpServletResponse) answer;
        if (request.getAttribute(TOO_SLOW) != null) {
            throw new CloseNowException("The answer was not read in time");
        }
        After after = new After();
        request.setAttribute(AFTER, after);
        boolean sending = false;
        try {
            BufferedResponse buffered = new BufferedResponse(response, within);
            chain.doFilter(request, buffered);
            sending = send(request, response, buffered, after);
        } finally {
            if (!sending) {
                after.run();
            }
        }
    }

    /** Sends what is held; answers whether that goes on when this returns. */
    private boolean send(
            HttpServletRequest request, HttpServletResponse response, BufferedResponse buffered, After after)
            throws IOException {
        int size = buffered.finish();
        if (size == 0 || HttpMethod.HEAD.matches(request.getMethod())) {
            return false;
        }
        Object reader = request.getAttribute(READER) == null ? NOBODY : request.getAttribute(READER);
        if (!held.take(reader, size)) {
            response.reset();
            Answer.problem(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Too many answers are waiting",
                    "Too many answers wait to be read. Try again in a moment.");
            return false;
        }
        after.add(() -> held.release(reader, size));
        response.setContentLength(size);
        AsyncContext sending = request.startAsync(request, response);
        sending.setTimeout(within);
        Sending writer = new Sending(response.getOutputStream(), buffered.held(), sending, request, after);
        sending.addListener(writer);
        response.getOutputStream().setWriteListener(writer);
        return true;
    }

    /** Writes portion by portion whenever the reader has taken the one before. */
    private static final class Sending implements WriteListener, AsyncListener {

        private final byte[] portion = new byte[PORTION];
        private final ServletOutputStream out;
        private final InputStream body;
        private final AsyncContext context;
        private final HttpServletRequest request;
        private final After after;
        private boolean settled;

        Sending(
                ServletOutputStream out,
                InputStream body,
                AsyncContext context,
                HttpServletRequest request,
                After after) {
            this.out = out;
            this.body = body;
            this.context = context;
            this.request = request;
            this.after = after;
        }

        @Override
        public void onWritePossible() throws IOException {
            while (!isSettled() && out.isReady()) {
                int more = body.read(portion);
                if (more < 0) {
                    settle(context::complete);
                    return;
                }
                out.write(portion, 0, more);
            }
        }

        private synchronized boolean isSettled() {
            return settled;
        }

        private synchronized void settle(Runnable how) {
            if (!settled) {
                settled = true;
                how.run();
            }
        }

        /** The connection is closed by a dispatch that throws: completing it would wait for the reader once more. */
        @Override
        public void onTimeout(AsyncEvent event) {
            settle(() -> {
                request.setAttribute(TOO_SLOW, true);
                context.dispatch();
            });
        }

        @Override
        public void onError(Throwable broken) {
            settle(context::complete);
        }

        @Override
        public void onError(AsyncEvent event) {
            after.run();
        }

        @Override
        public void onComplete(AsyncEvent event) {
            after.run();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {}
    }
}
