package brightplumb.app;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The database of the tests: the one that {@code ./plumb test} started, or one of their own where they were started in
 * a development environment. Their own lives until they end.
 *
 * @param port where it listens on loopback
 * @param keeperPassword the password of the cluster's keeper
 * @param user the role the application works as
 * @param userPassword that role's password
 */
record TestDatabase(String port, String keeperPassword, String user, String userPassword) {

    /** Returns the database that is there, or starts one. */
    static TestDatabase start() {
        String port = System.getenv("PLUMB_TEST_PG_PORT");
        return port == null
                ? own()
                : new TestDatabase(
                        port,
                        System.getenv("PLUMB_TEST_PG_PASSWORD"),
                        System.getenv("PLUMB_TEST_PG_USER"),
                        System.getenv("PLUMB_TEST_PG_USER_PASSWORD"));
    }

    private static TestDatabase own() {
        try {
            // It ends when its input does, and that is when these tests do.
            Process started = new ProcessBuilder("./plumb", "test-database")
                    .directory(root())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String line = new BufferedReader(new InputStreamReader(started.getInputStream(), StandardCharsets.UTF_8))
                    .readLine();
            if (line == null) {
                throw new IllegalStateException("./plumb test-database started no database");
            }
            String[] words = line.split(" ");
            return new TestDatabase(words[0], words[1], words[2], words[3]);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The folder of the project, wherever in it these tests were started. */
    private static File root() {
        Path folder = Path.of("").toAbsolutePath();
        while (!Files.exists(folder.resolve("plumb"))) {
            folder = folder.getParent();
        }
        return folder.toFile();
    }
}
