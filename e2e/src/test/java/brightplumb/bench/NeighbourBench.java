package brightplumb.bench;

import brightplumb.e2e.Packaged;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * One account's previews while another asks for as much as it can of each costly kind, and while slow clients hold
 * connections: against the same previews alone, just before, in one run.
 */
public final class NeighbourBench {

    private static final int HANDS = 20;
    private static final int CONNECTIONS = 300;
    private static final int WARM = 300;
    private static final int COUNTED = 100;
    private static final long EVERY = 50_000_000;

    private static final String TROUSERS =
            "\"cut\":\"classic-trousers\",\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2,"
                    + "\"bodyRise\":266.7,\"outsideLeg\":1041.4}";

    private final Caller victim;
    private final Caller eager;
    private final URI address;

    private NeighbourBench(Packaged application) throws IOException, InterruptedException {
        this.victim = Caller.signedIn(application.address(), "other@brightplumb.test");
        this.eager = Caller.signedIn(application.address());
        this.address = URI.create(application.address());
    }

    public static void main(String[] args) throws Exception {
        try (Packaged application = Packaged.start("bench_neighbour")) {
            new NeighbourBench(application).run();
        }
    }

    /** Something that is asked for again and again. */
    private interface Asking {
        int ask() throws IOException, InterruptedException;
    }

    private void run() throws Exception {
        previews(WARM);
        slowClients();
        String ticket = "/api/tickets/" + eager.ticket("foam");
        Map<String, Asking> kinds = new LinkedHashMap<>();
        kinds.put("lays of twelve", posted("/api/lays/preview", "{" + TROUSERS + ",\"lay\":{\"copies\":12}}"));
        kinds.put("savings of twelve", posted("/api/lays/savings", "{" + TROUSERS + ",\"lay\":{\"copies\":12}}"));
        kinds.put("longest", posted("/api/lays/longest", "{" + TROUSERS + ",\"lay\":{\"along\":3000}}"));
        kinds.put("prints", () -> eager.ask("GET", ticket + "/print.pdf", "").statusCode());
        kinds.put("cut books", () -> eager.ask("GET", "/api/cut-book", "").statusCode());
        kinds.put("whole drafts", posted("/api/drafts/preview", "{" + TROUSERS + "}"));
        kinds.put("lines", posted("/api/drafts/line", "{" + TROUSERS + "}"));
        for (Map.Entry<String, Asking> kind : kinds.entrySet()) {
            beside(kind.getKey(), List.of(kind.getValue()));
        }
        beside("all kinds together", List.copyOf(kinds.values()));
    }

    private void slowClients() throws Exception {
        besideOpen(
                CONNECTIONS + " who send slowly",
                open("POST /api/session HTTP/1.1\r\nHost: localhost\r\n"
                        + "Content-Type: multipart/form-data; boundary=x\r\nContent-Length: 100000\r\n\r\nx"));
        besideOpen(
                CONNECTIONS + " who do not read",
                open(("GET /api/cuts HTTP/1.1\r\nHost: localhost\r\nCookie: PLUMB_SESSION="
                                + eager.cookie("PLUMB_SESSION") + "\r\n\r\n")
                        .repeat(40)));
    }

    private Asking posted(String path, String body) {
        return () -> eager.ask("POST", path, body).statusCode();
    }

    private void beside(String what, List<Asking> kinds) throws Exception {
        Spread alone = previews(COUNTED);
        AtomicBoolean on = new AtomicBoolean(true);
        Map<Integer, AtomicInteger> answers = new ConcurrentHashMap<>();
        List<Thread> hands = new ArrayList<>();
        for (int i = 0; i < HANDS; i++) {
            Asking asking = kinds.get(i % kinds.size());
            Thread hand = new Thread(() -> {
                while (on.get()) {
                    try {
                        answers.computeIfAbsent(asking.ask(), s -> new AtomicInteger())
                                .incrementAndGet();
                    } catch (IOException | InterruptedException ended) {
                        return;
                    }
                }
            });
            hand.start();
            hands.add(hand);
        }
        LockSupport.parkNanos(500_000_000);
        Spread with = previews(COUNTED);
        on.set(false);
        for (Thread hand : hands) {
            hand.join();
        }
        say(what, alone, with, answers.toString());
    }

    private void besideOpen(String what, List<Socket> connections) throws Exception {
        // They are open by now; alone is measured when they are gone.
        Spread with = previews(COUNTED);
        for (Socket socket : connections) {
            socket.close();
        }
        LockSupport.parkNanos(1_000_000_000);
        say(what, previews(COUNTED), with, "");
    }

    private List<Socket> open(String request) throws IOException {
        List<Socket> all = new ArrayList<>();
        for (int i = 0; i < CONNECTIONS; i++) {
            Socket socket = new Socket();
            socket.setReceiveBufferSize(2048);
            socket.connect(new InetSocketAddress(address.getHost(), address.getPort()));
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            all.add(socket);
        }
        return all;
    }

    private static void say(String what, Spread alone, Spread with, String answers) {
        System.out.printf(
                Locale.ROOT,
                "previews beside %-22s median %.1f ms, %.1f x alone; p95 %.1f ms, %.1f x alone  %s%n",
                what,
                with.percentile(50),
                with.percentile(50) / alone.percentile(50),
                with.percentile(95),
                with.percentile(95) / alone.percentile(95),
                answers);
    }

    private Spread previews(int count) throws IOException, InterruptedException {
        double[] timings = new double[count];
        for (int i = 0; i < count; i++) {
            long began = System.nanoTime();
            victim.must("POST", "/api/drafts/preview", PreviewBench.body(i));
            timings[i] = (System.nanoTime() - began) / 1e6;
            LockSupport.parkNanos(EVERY - (System.nanoTime() - began));
        }
        return Spread.of(timings);
    }
}
