package brightplumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.util.FileSystemUtils;

/**
 * The application as a user starts it, with {@code ./plumb start}: two side by side, killed, and robbed of their
 * database. All but the second are one copy, started over a database that was killed in the making.
 */
class StartedByHandTest {

    private static final Duration LONG_ENOUGH = Duration.ofMinutes(5);

    private static Copy first;

    /** A copy of the application on a data folder of its own. */
    private static final class Copy {
        final Path data;
        final int port;
        final int pgPort;
        Process plumb;

        Copy() throws IOException {
            data = Files.createTempDirectory("plumb-hand");
            Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwxr-xr-x"));
            try (ServerSocket one = new ServerSocket(0);
                    ServerSocket other = new ServerSocket(0)) {
                port = one.getLocalPort();
                pgPort = other.getLocalPort();
            }
        }

        /** Starts it and waits until it is ready, or has ended. */
        void start() throws IOException {
            ProcessBuilder builder = new ProcessBuilder("./plumb", "start")
                    .directory(Path.of("..").toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(data.resolve("plumb.log").toFile());
            builder.environment().put("PLUMB_DATA", data.toString());
            builder.environment().put("PLUMB_PORT", String.valueOf(port));
            builder.environment().put("PLUMB_PG_PORT", String.valueOf(pgPort));
            builder.environment().put("PLUMB_REHEARSAL", "off");
            // What lives for seconds is not worth the slow compiler, beside all the other tests.
            builder.environment().put("JAVA_TOOL_OPTIONS", Table.QUICK_TO_COMPILE);
            plumb = builder.start();
            await(() -> said().contains("Bright Plumb is ready at http://127.0.0.1:" + port) || !plumb.isAlive());
        }

        String said() {
            try {
                return Files.readString(data.resolve("plumb.log"));
            } catch (IOException e) {
                return "";
            }
        }

        long number(String file) throws IOException {
            return Long.parseLong(Files.readAllLines(data.resolve(file)).get(0).strip());
        }

        ProcessHandle application() throws IOException {
            return ProcessHandle.of(number("application.pid")).orElseThrow();
        }

        void stop() throws IOException, InterruptedException {
            plumb.destroy();
            plumb.waitFor(40, TimeUnit.SECONDS);
            FileSystemUtils.deleteRecursively(data);
        }
    }

    /** Somebody at a copy, signed in to its demo workroom. */
    private static final class Visitor {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(Duration.ofSeconds(5))
                .build();
        private final int port;

        Visitor(int port) {
            this.port = port;
            send("GET", "/api/session", null);
            assertThat(send(
                                    "POST",
                                    "/api/session",
                                    "{\"email\":\"demo@brightplumb.test\",\"password\":\"calico-and-chalk\"}")
                            .statusCode())
                    .isEqualTo(204);
        }

        /** An answer, or null where there was none. */
        HttpResponse<String> send(String method, String path, String body) {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .timeout(Duration.ofSeconds(30))
                    .header("Content-Type", "application/json")
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
            try {
                return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            } catch (IOException noAnswer) {
                return null;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return null;
            }
        }

        boolean adds(String name) {
            HttpResponse<String> answer = send("POST", "/api/people", "{\"name\":\"" + name + "\"}");
            return answer != null && answer.statusCode() == 201;
        }

        String people(String like) {
            return send("GET", "/api/people?size=200&q=" + like, null).body();
        }
    }

    @BeforeAll
    static void start() throws IOException {
        first = new Copy();
        // As a database that was killed while it was made leaves it: some files, and no version yet in its place.
        Files.createDirectories(first.data.resolve("pg.making").resolve("base"));
        Files.writeString(first.data.resolve("pg.making").resolve("PG_VERSION"), "15");
        first.start();
    }

    @BeforeEach
    void is_running() {
        assertThat(first.plumb.isAlive()).as(first.said()).isTrue();
    }

    @AfterAll
    static void stop() throws IOException, InterruptedException {
        first.stop();
    }

    private static void await(BooleanSupplier done) {
        long until = System.nanoTime() + LONG_ENOUGH.toNanos();
        while (!done.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited long enough").isLessThan(until);
            try {
                TimeUnit.MILLISECONDS.sleep(50);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    @Test
    void a_second_start_beside_the_first_harms_neither() throws Exception {
        Visitor early = new Visitor(first.port);
        Copy second = new Copy();
        second.start();
        try {
            assertThat(new Visitor(second.port).people("ottoline")).contains("Ottoline Varga");
        } finally {
            second.stop();
        }
        // What the first has not loaded yet is still there to be loaded: it prints.
        String tickets = early.send("GET", "/api/tickets?q=lamplighter", null).body();
        String id = tickets.replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
        assertThat(early.send("GET", "/api/tickets/" + id + "/print.pdf", null).statusCode())
                .isEqualTo(200);
        assertThat(Files.readString(first.data.resolve("application.log"))).doesNotContain("NoClassDefFound");
    }

    @Test
    void what_was_killed_is_cleared_by_the_next_start_and_every_acknowledged_write_is_there() throws Exception {
        Visitor visitor = new Visitor(first.port);
        Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
        Thread writer = new Thread(() -> {
            for (int i = 0; i < 5_000 && visitor.adds("Killed " + i); i++) {
                acknowledged.add("Killed " + i);
            }
        });
        writer.start();
        await(() -> acknowledged.size() > 40);
        ProcessHandle application = first.application();
        first.plumb.destroyForcibly().waitFor();
        assertThat(application.isAlive()).as("it outlives its start").isTrue();
        first.start();
        writer.join();
        assertThat(first.said()).contains("left over");
        assertThat(first.application().pid()).isNotEqualTo(application.pid());
        Visitor after = new Visitor(first.port);
        for (String name : acknowledged) {
            assertThat(after.people(name.replace(" ", "%20"))).contains("\"" + name + "\"");
        }
    }

    @Test
    void an_application_that_dies_is_brought_back() throws Exception {
        Visitor visitor = new Visitor(first.port);
        assertThat(visitor.adds("Before")).isTrue();
        first.application().destroyForcibly();
        await(() -> first.said().contains("the application is back"));
        assertThat(visitor.people("Before")).contains("\"Before\"");
    }

    @Test
    void a_log_is_its_owners_alone() throws IOException {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(first.data.resolve("application.log"))))
                .isEqualTo("rw-------");
    }

    @Test
    void a_database_of_another_version_is_told_with_the_way_to_take_it_over() throws Exception {
        Copy older = new Copy();
        Path made = Files.createDirectories(older.data.resolve("pg"));
        Files.writeString(made.resolve("PG_VERSION"), "9\n");
        Files.setPosixFilePermissions(made, PosixFilePermissions.fromString("rwxr-xr-x"));
        older.start();
        assertThat(older.said())
                .contains("made by PostgreSQL 9")
                .contains("apt-get install postgresql-9")
                .contains("pg_dump")
                .contains("nothing was changed");
        older.stop();
    }

    @Test
    void a_database_that_dies_is_brought_back_and_meanwhile_the_answer_says_so() throws Exception {
        Visitor visitor = new Visitor(first.port);
        visitor.people("");
        // Who would bring it back is held still until its absence was told: otherwise a request may just wait long
        // enough.
        signal(first.plumb, "STOP");
        ProcessHandle.of(first.number("pg/postmaster.pid")).orElseThrow().destroyForcibly();
        try {
            await(() -> asked(visitor).statusCode() == 503);
        } finally {
            signal(first.plumb, "CONT");
        }
        await(() -> asked(visitor).statusCode() == 200 && first.said().contains("the database is back"));
        assertThat(visitor.adds("Afterwards")).isTrue();
    }

    /** What is answered while the database may be away: it, or that it is away, and the page itself in any case. */
    private static HttpResponse<String> asked(Visitor visitor) {
        assertThat(visitor.send("GET", "/", null).statusCode())
                .as("the page itself needs no database")
                .isEqualTo(200);
        HttpResponse<String> answer = visitor.send("GET", "/api/people", null);
        assertThat(answer.statusCode()).isIn(200, 503);
        if (answer.statusCode() == 503) {
            assertThat(answer.headers().firstValue("content-type").orElse("")).startsWith("application/problem+json");
        }
        return answer;
    }

    private static void signal(Process process, String name) throws IOException, InterruptedException {
        new ProcessBuilder("kill", "-" + name, String.valueOf(process.pid()))
                .start()
                .waitFor();
    }
}
