package brightplumb.app.door;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import org.apache.coyote.CloseNowException;
import org.springframework.util.FastByteArrayOutputStream;

/**
 * An answer whose body is held until it is whole, or too large to be held: from there on it is written straight
 * through.
 */
final class BufferedResponse extends HttpServletResponseWrapper {

    /** What is larger is not held, bytes. */
    static final int MOST = 2 << 20;

    private static final int BLOCK = 1 << 13;

    private final FastByteArrayOutputStream body = new FastByteArrayOutputStream(BLOCK);
    private final long until;
    private final ServletOutputStream into = new Held();
    private PrintWriter writer;
    private ServletOutputStream straight;

    /** @param within how long a body that is written straight through may take, ms */
    BufferedResponse(HttpServletResponse response, long within) {
        super(response);
        this.until = System.nanoTime() + within * 1_000_000;
    }

    /** Ends the writing; answers how many bytes are still held. */
    int finish() throws IOException {
        if (writer != null) {
            writer.flush();
        }
        if (straight != null) {
            straight.flush();
        }
        return body.size();
    }

    InputStream held() {
        return body.getInputStream();
    }

    @Override
    public ServletOutputStream getOutputStream() {
        return into;
    }

    @Override
    public PrintWriter getWriter() throws IOException {
        if (writer == null) {
            writer = new PrintWriter(new OutputStreamWriter(into, getCharacterEncoding()));
        }
        return writer;
    }

    /** Nothing goes out before all is there. */
    @Override
    public void flushBuffer() {}

    @Override
    public void resetBuffer() {
        super.resetBuffer();
        body.reset();
    }

    @Override
    public void reset() {
        super.reset();
        body.reset();
    }

    @Override
    public void sendError(int status, String message) throws IOException {
        body.reset();
        super.sendError(status, message);
    }

    @Override
    public void sendError(int status) throws IOException {
        body.reset();
        super.sendError(status);
    }

    private final class Held extends ServletOutputStream {

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            throw new IllegalStateException("What is held is written at once");
        }

        @Override
        public void write(int one) throws IOException {
            write(new byte[] {(byte) one}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            if (straight == null && body.size() + length <= MOST) {
                body.write(bytes, from, length);
                return;
            }
            if (straight == null) {
                straight = getResponse().getOutputStream();
                body.writeTo(straight);
                body.reset();
            }
            for (int at = from; at < from + length; at += BLOCK) {
                if (System.nanoTime() > until) {
                    throw new CloseNowException("The answer was not read in time");
                }
                straight.write(bytes, at, Math.min(BLOCK, from + length - at));
            }
        }
    }
}
