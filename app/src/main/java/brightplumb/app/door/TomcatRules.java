package brightplumb.app.door;

import brightplumb.app.PlumbProperties;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.catalina.Host;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;

/**
 * What the server does before the application sees a request: whose word is taken for where it comes from, and how it
 * refuses.
 */
@Configuration
class TomcatRules {

    /** Bytes that a connection holds of what its reader has not taken. */
    private static final String UNREAD = String.valueOf(1 << 17);

    /** Last, so that nothing is reported before it. */
    @Bean
    @Order
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> serverRules(PlumbProperties properties) {
        return server -> {
            if (!properties.proxies().isEmpty()) {
                server.addEngineValves(forwarded(properties));
            }
            server.addEngineValves(new ClientPresence.Valve());
            server.setProtocol(GuardedConnections.class.getName());
            server.addConnectorCustomizers(connector -> ((GuardedConnections) connector.getProtocolHandler())
                    .limit(properties.connections(), unlimited(properties)));
            // A reader who takes nothing is sent no more than this; the system would go on to some megabytes.
            server.addConnectorCustomizers(connector -> connector.setProperty("socket.txBufSize", UNREAD));
            server.addContextCustomizers(context -> {
                Host host = (Host) context.getParent();
                host.getPipeline().addValve(new ProblemReportValve());
            });
        };
    }

    /** Behind each of these stand many people. */
    private static Set<InetAddress> unlimited(PlumbProperties properties) {
        return Stream.concat(Stream.of("127.0.0.1", "::1"), properties.proxies().stream())
                .map(TomcatRules::address)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static InetAddress address(String proxy) {
        try {
            return InetAddress.getByName(proxy);
        } catch (UnknownHostException unknown) {
            throw new IllegalArgumentException("PLUMB_PROXIES names " + proxy + ", which is no address.", unknown);
        }
    }

    /** Takes a proxy's word for where a request comes from and whether it came over HTTPS; nobody else's. */
    private static RemoteIpValve forwarded(PlumbProperties properties) {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(
                properties.proxies().stream().map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        return valve;
    }
}
