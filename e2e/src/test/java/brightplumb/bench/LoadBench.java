package brightplumb.bench;

import brightplumb.e2e.Packaged;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * Fifty people at work for a minute, each asking something every two seconds: seven previews, two saves and a print in
 * ten.
 */
public final class LoadBench {

    private static final int PEOPLE = 50;
    private static final long EVERY = 2_000_000_000L;
    private static final int ROUNDS = 30;
    private static final int WARM_ROUNDS = 5;

    private final Map<String, Queue<Double>> timings = new ConcurrentHashMap<>();
    private final AtomicInteger errors = new AtomicInteger();

    public static void main(String[] args) throws Exception {
        try (Packaged application = Packaged.start("bench_load")) {
            new LoadBench().run(application);
        }
    }

    private void run(Packaged application) throws Exception {
        List<Thread> people = new ArrayList<>();
        String person = Caller.signedIn(application.address())
                .must("GET", "/api/people?q=ottoline", "")
                .replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
        long start = System.nanoTime() + 3_000_000_000L;
        for (int i = 0; i < PEOPLE; i++) {
            int number = i;
            Caller caller = Caller.signedIn(application.address());
            String ticket = caller.must(
                            "POST",
                            "/api/tickets",
                            "{\"personId\":\"" + person + "\",\"name\":\"Load " + i + "\",\"cut\":\"straight-skirt\"}")
                    .replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
            Thread at = new Thread(() -> work(caller, ticket, number, start));
            at.start();
            people.add(at);
        }
        long began = 0;
        for (int second = 0; people.stream().anyMatch(Thread::isAlive); second++) {
            if (second == 20) {
                began = application.residentKilobytes();
            }
            Thread.sleep(1000);
        }
        for (Thread at : people) {
            at.join();
        }
        System.out.println("50 people for a minute: " + errors + " errors");
        for (String what : List.of("preview", "save", "print")) {
            double[] all =
                    timings.get(what).stream().mapToDouble(Double::doubleValue).toArray();
            System.out.println("  " + what + ": " + Spread.of(all));
        }
        System.out.printf(
                "  memory in use after 20 s %d MB, at the end %d MB%n",
                began / 1024, application.residentKilobytes() / 1024);
    }

    private void work(Caller caller, String ticket, int number, long start) {
        int version = 1;
        for (int round = 0; round < WARM_ROUNDS + ROUNDS; round++) {
            long due = start + round * EVERY + number * EVERY / PEOPLE;
            while (System.nanoTime() < due) {
                LockSupport.parkNanos(due - System.nanoTime());
            }
            int kind = (round * 7 + number) % 10;
            String what = kind < 7 ? "preview" : kind < 9 ? "save" : "print";
            try {
                switch (what) {
                    case "preview" -> caller.must("POST", "/api/drafts/preview", PreviewBench.body(number + round));
                    case "save" -> {
                        caller.must("PUT", "/api/tickets/" + ticket, change(number, version));
                        version++;
                    }
                    default -> caller.must("GET", "/api/tickets/" + ticket + "/print.pdf", "");
                }
                if (round >= WARM_ROUNDS) {
                    timings.computeIfAbsent(what, w -> new ConcurrentLinkedQueue<>())
                            .add((System.nanoTime() - due) / 1e6);
                }
            } catch (IOException | IllegalStateException failed) {
                errors.incrementAndGet();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private static String change(int number, int version) {
        return "{\"name\":\"Load " + number + "\",\"cut\":\"straight-skirt\",\"settings\":{\"hipEase\":"
                + (20 + version) + "},\"version\":" + version + "}";
    }
}
