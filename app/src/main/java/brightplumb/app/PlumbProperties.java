package brightplumb.app;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How this copy was started.
 *
 * @param demo whether the invented workrooms are there
 * @param address the address it listens on
 * @param hosts names it answers to beside those of its own machine
 * @param proxies addresses whose word is taken for where a request comes from
 * @param connections what one connection, and one address, may take of the server
 * @param signUp {@code open} or {@code closed}; blank means open on loopback only
 * @param rehearsal whether every cut is drafted some dozens of times after the start, so that the first of the morning
 *     is not slow; null means that it is
 */
@ConfigurationProperties("plumb")
public record PlumbProperties(
        boolean demo,
        String address,
        List<String> hosts,
        List<String> proxies,
        ConnectionLimits connections,
        String signUp,
        Boolean rehearsal) {

    /**
     * What one connection, and one address, may take of the server.
     *
     * @param each connections that one address may have open, this machine and the proxies apart; null means 300
     * @param headWithin how long the head of a request may take to come in; null means 15 s
     * @param bodyWithin how long a request's body may take to come in; null means 10 s
     * @param answerWithin how long an answer may take to be read; null means 30 s
     */
    public record ConnectionLimits(Integer each, Duration headWithin, Duration bodyWithin, Duration answerWithin) {
        public ConnectionLimits {
            each = each == null ? Integer.valueOf(300) : each;
            headWithin = headWithin == null ? Duration.ofSeconds(15) : headWithin;
            bodyWithin = bodyWithin == null ? Duration.ofSeconds(10) : bodyWithin;
            answerWithin = answerWithin == null ? Duration.ofSeconds(30) : answerWithin;
        }
    }

    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]");

    public PlumbProperties {
        rehearsal = rehearsal == null || rehearsal;
        hosts = hosts == null ? List.of() : List.copyOf(hosts);
        connections = connections == null ? new ConnectionLimits(null, null, null, null) : connections;
        proxies = proxies == null
                ? List.of()
                : proxies.stream().map(String::strip).filter(p -> !p.isEmpty()).toList();
    }

    /** Whether anybody may open a workroom of their own. */
    public boolean signUpOpen() {
        return signUp == null || signUp.isBlank()
                ? onLoopback()
                : signUp.strip().equals("open");
    }

    /** Every name it answers to, in lower case. */
    public Set<String> names() {
        return Stream.of(OWN.stream(), hosts.stream(), Stream.of(address))
                .flatMap(names -> names)
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .filter(name -> !name.isEmpty())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Where it is reached from its own machine: the address it listens on, or loopback where that is every one. */
    public String reachedAt() {
        try {
            InetAddress at = InetAddress.getByName(address);
            if (at.isAnyLocalAddress()) {
                return "127.0.0.1";
            }
            return at instanceof Inet6Address ? "[" + address + "]" : address;
        } catch (UnknownHostException nowhere) {
            return address;
        }
    }

    private boolean onLoopback() {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException nowhere) {
            return false;
        }
    }
}
