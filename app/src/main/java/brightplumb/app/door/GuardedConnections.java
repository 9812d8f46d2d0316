package brightplumb.app.door;

import brightplumb.app.PlumbProperties.ConnectionLimits;
import java.io.IOException;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.channels.SocketChannel;
import java.time.Duration;
import java.util.Arrays;
import java.util.Set;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.AbstractProcessor;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.NioEndpoint;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP over connections of which no address has more than its share, and none takes long over the head of a request.
 *
 * <p>Tomcat ends a connection that is silent. It has no limit for one that sends a letter now and then, and none for
 * how many come from one place.
 */
public final class GuardedConnections extends Http11NioProtocol {

    private final Guard guard;

    /** Tomcat makes its protocols by name, without arguments. */
    public GuardedConnections() {
        this(new Guard());
    }

    private GuardedConnections(Guard guard) {
        super(guard);
        this.guard = guard;
    }

    /**
     * Sets the limits. Call it before the start.
     *
     * @param limits how many connections an address may have, and how long a head may take from its first byte to its
     *     last; an IPv6 network of 64 bits counts as one address
     * @param unlimited addresses that may have as many connections as they like
     */
    void limit(ConnectionLimits limits, Set<InetAddress> unlimited) {
        guard.headWithin = limits.headWithin().toNanos();
        guard.each = limits.each();
        guard.unlimited = Set.copyOf(unlimited);
    }

    @Override
    public void start() throws Exception {
        super.start();
        long often = Math.max(1, TimeUnit.NANOSECONDS.toMillis(guard.headWithin / 4));
        guard.sweeping =
                getUtilityExecutor().scheduleWithFixedDelay(guard::endSlowHeads, often, often, TimeUnit.MILLISECONDS);
    }

    @Override
    public void stop() throws Exception {
        if (guard.sweeping != null) {
            guard.sweeping.cancel(false);
        }
        super.stop();
    }

    /** The connections themselves. */
    private static final class Guard extends NioEndpoint {

        private static final int NETWORK_BYTES = 8;

        private volatile long headWithin = Duration.ofSeconds(15).toNanos();
        private volatile int each = Integer.MAX_VALUE;
        private volatile Set<InetAddress> unlimited = Set.of();
        private volatile ScheduledFuture<?> sweeping;

        /** Answers false for one too many from its address, having closed it. */
        @Override
        protected boolean setSocketOptions(SocketChannel socket) {
            if (!hasRoom(socket)) {
                destroySocket(socket);
                return false;
            }
            return super.setSocketOptions(socket);
        }

        private boolean hasRoom(SocketChannel socket) {
            InetAddress from = address(socket);
            return from == null
                    || unlimited.contains(from)
                    || connections.keySet().stream()
                                    .filter(open -> samePlace(from, address(open)))
                                    .limit(each)
                                    .count()
                            < each;
        }

        private static InetAddress address(SocketChannel socket) {
            try {
                return socket.getRemoteAddress() instanceof InetSocketAddress internet ? internet.getAddress() : null;
            } catch (IOException closed) {
                return null;
            }
        }

        private static boolean samePlace(InetAddress one, InetAddress other) {
            return one instanceof Inet6Address && other instanceof Inet6Address
                    ? Arrays.equals(one.getAddress(), 0, NETWORK_BYTES, other.getAddress(), 0, NETWORK_BYTES)
                    : one.equals(other);
        }

        private void endSlowHeads() {
            getConnections().stream().filter(this::isSlowHead).forEach(SocketWrapperBase::close);
        }

        /** A processor that waits between two reads is in the middle of a head, unless its answer is still to come. */
        private boolean isSlowHead(SocketWrapperBase<NioChannel> connection) {
            return connection.getCurrentProcessor() instanceof AbstractProcessor processor
                    && !processor.isAsync()
                    && !processor.isUpgrade()
                    && processor.getRequest().getStartTimeNanos() >= 0
                    && System.nanoTime() - processor.getRequest().getStartTimeNanos() > headWithin;
        }
    }
}
