package brightplumb.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * The application as it is packaged, run as its own process on a free port and a fresh database with the demo world.
 */
public final class Packaged implements AutoCloseable {

    private static final Path JAR = Path.of("../app/target/bright-plumb-exec.jar");

    private final Process process;
    private final String address;

    private Packaged(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /**
     * Starts it and waits until it answers.
     *
     * @param flags of the machine it runs on, as {@code -Xint}
     */
    public static Packaged start(String database, String... flags) {
        String pgPort = required("PLUMB_TEST_PG_PORT");
        String password = required("PLUMB_TEST_PG_PASSWORD");
        try (Connection db = DriverManager.getConnection(
                        "jdbc:postgresql://127.0.0.1:" + pgPort + "/postgres", "brightplumb", password);
                ServerSocket free = new ServerSocket(0)) {
            db.createStatement().execute("drop database if exists " + database);
            db.createStatement().execute("create database " + database + " owner " + required("PLUMB_TEST_PG_USER"));
            int port = free.getLocalPort();
            free.close();
            List<String> command = new ArrayList<>();
            command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
            command.add("-Xmx512m");
            command.add("-Dspring.aot.enabled=true");
            command.addAll(List.of(flags));
            command.add("-jar");
            command.add(JAR.toString());
            command.add("--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + pgPort + "/" + database);
            ProcessBuilder builder = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(Path.of("target", database + ".log").toFile());
            Files.createDirectories(Path.of("target"));
            builder.environment().put("PLUMB_PORT", String.valueOf(port));
            builder.environment().put("PLUMB_PG_USER", required("PLUMB_TEST_PG_USER"));
            builder.environment().put("PLUMB_PG_PASSWORD", required("PLUMB_TEST_PG_USER_PASSWORD"));
            builder.environment().put("PLUMB_DEMO", "on");
            Packaged packaged = new Packaged(builder.start(), "http://127.0.0.1:" + port);
            packaged.awaitAnswer();
            return packaged;
        } catch (SQLException | IOException e) {
            throw new IllegalStateException("The packaged application did not start", e);
        }
    }

    private static String required(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set: run this with ./plumb test or ./plumb bench");
        }
        return value;
    }

    private void awaitAnswer() {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest health = HttpRequest.newBuilder(URI.create(address + "/actuator/health"))
                .timeout(Duration.ofSeconds(2))
                .build();
        for (int i = 0; i < 600 && process.isAlive(); i++) {
            try {
                if (http.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // it is still starting
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
            pause();
        }
        process.destroyForcibly();
        throw new IllegalStateException("The packaged application did not answer; see e2e/target");
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    public String address() {
        return address;
    }

    /** How much memory it holds, kB; 0 where the machine does not tell. */
    public long residentKilobytes() {
        try {
            return Files.readAllLines(Path.of("/proc", String.valueOf(process.pid()), "status")).stream()
                    .filter(line -> line.startsWith("VmRSS:"))
                    .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                    .findFirst()
                    .orElse(0);
        } catch (IOException unknown) {
            return 0;
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(15, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
