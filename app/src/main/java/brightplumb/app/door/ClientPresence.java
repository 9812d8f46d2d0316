package brightplumb.app.door;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.function.BooleanSupplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/** Whether whoever sent a request still waits for its answer. It may be asked by the request's own thread alone. */
public final class ClientPresence {

    private static final String NAME = ClientPresence.class.getName();

    /** The connection is looked at no more often than this, ns. */
    private static final long EVERY = 100_000_000;

    private final BooleanSupplier connected;
    private long looked = System.nanoTime();
    private boolean here = true;

    private ClientPresence(BooleanSupplier connected) {
        this.connected = connected;
    }

    /** Returns the presence of whoever sent a request. */
    public static ClientPresence of(HttpServletRequest request) {
        return request.getAttribute(NAME) instanceof ClientPresence known ? known : new ClientPresence(() -> true);
    }

    /** Returns whether they are still there, as far as is known. */
    public boolean here() {
        long now = System.nanoTime();
        if (here && now - looked > EVERY) {
            looked = now;
            here = connected.getAsBoolean();
        }
        return here;
    }

    /**
     * Hands every request its presence. Only the server itself sees the connection, so this stands before everything.
     */
    static final class Valve extends ValveBase {

        Valve() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            request.setAttribute(NAME, new ClientPresence(() -> isConnected(request)));
            getNext().invoke(request, response);
        }

        /**
         * Reads ahead without waiting. A closed connection says that one byte is there, so that the next read fails; a
         * next request would be many.
         */
        private static boolean isConnected(Request request) {
            request.getCoyoteRequest().action(ActionCode.AVAILABLE, true);
            return request.getCoyoteRequest().getAvailable() != 1;
        }
    }
}
