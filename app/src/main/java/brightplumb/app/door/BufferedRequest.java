package brightplumb.app.door;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** A request whose body has been taken in. To all that follow it is a first request like any other. */
final class BufferedRequest extends HttpServletRequestWrapper {

    private final byte[] body;

    BufferedRequest(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
    }

    /** Those who guard a request skip a second dispatch; this is the first that they see. */
    @Override
    public DispatcherType getDispatcherType() {
        return DispatcherType.REQUEST;
    }

    @Override
    public int getContentLength() {
        return body.length;
    }

    @Override
    public long getContentLengthLong() {
        return body.length;
    }

    @Override
    public BufferedReader getReader() {
        Charset letters =
                getCharacterEncoding() == null ? StandardCharsets.UTF_8 : Charset.forName(getCharacterEncoding());
        return new BufferedReader(new InputStreamReader(new ByteArrayInputStream(body), letters));
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream in = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return in.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("It has all been read");
            }

            @Override
            public int read() {
                return in.read();
            }

            @Override
            public int read(byte[] into, int from, int most) {
                return in.read(into, from, most);
            }
        };
    }
}
