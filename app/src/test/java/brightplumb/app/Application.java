package brightplumb.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application, started once for the whole suite on a free port and a fresh database. */
final class Application {

    private static final Application ONLY = new Application();

    private final ConfigurableApplicationContext context;

    private Application() {
        TestDatabase database = TestDatabase.start();
        String server = "jdbc:postgresql://127.0.0.1:" + database.port() + "/";
        try (Connection db =
                DriverManager.getConnection(server + "postgres", "brightplumb", database.keeperPassword())) {
            db.createStatement().execute("drop database if exists apptest");
            db.createStatement().execute("create database apptest owner " + database.user());
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        context = new SpringApplicationBuilder(BrightPlumb.class)
                .run(
                        "--server.port=0",
                        "--plumb.demo=on",
                        "--plumb.rehearsal=off",
                        "--plumb.connections.head-within=3s",
                        "--plumb.connections.each=20",
                        "--plumb.connections.body-within=3s",
                        "--plumb.connections.answer-within=3s",
                        "--plumb.proxies=127.0.0.1",
                        "--spring.datasource.url=" + server + "apptest",
                        "--spring.datasource.username=" + database.user(),
                        "--spring.datasource.password=" + database.userPassword());
    }

    static Client client() {
        return new Client("http://127.0.0.1:" + port());
    }

    /** Somebody at another address, behind the proxy whose word is taken. */
    static Client client(String address) {
        return new Client("http://127.0.0.1:" + port(), address);
    }

    static int port() {
        return ((WebServerApplicationContext) ONLY.context).getWebServer().getPort();
    }

    /** Somebody signed in to the demo workroom. */
    static Client demo() {
        return client().signIn("demo@brightplumb.test");
    }

    /** Somebody signed in to the other workroom. */
    static Client other() {
        return client().signIn("other@brightplumb.test");
    }

    static <T> T bean(Class<T> type) {
        return ONLY.context.getBean(type);
    }
}
