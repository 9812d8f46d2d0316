package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A workroom of one's own, its password, and what guessing comes to. */
class AccountTest {

    private static final String PASSWORD = "seven geese on a wet slate roof";

    private static String address() {
        return UUID.randomUUID() + "@workroom.test";
    }

    private static Client opened(String email) {
        Client client = Application.client();
        client.get("/api/session");
        var answer = client.post(
                "/api/workrooms",
                Map.of("workroom", "Quayside Tailors", "name", "Ida Marsh", "email", email, "password", PASSWORD));
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(201);
        return client;
    }

    private static int signIn(Client client, String email, String password) {
        client.get("/api/session");
        return client.post("/api/session", Map.of("email", email, "password", password))
                .status();
    }

    @Test
    void a_workroom_is_opened_with_its_first_session_and_is_empty() {
        String email = address();
        Client ida = opened(email);
        assertThat(ida.get("/api/session").json().get("workroom").asString()).isEqualTo("Quayside Tailors");
        assertThat(ida.get("/api/people").json().get("total").asInt()).isZero();
        assertThat(ida.get("/api/tickets").json().get("total").asInt()).isZero();
        assertThat(signIn(Application.client(), email.toUpperCase(java.util.Locale.ROOT), PASSWORD))
                .isEqualTo(204);
    }

    @Test
    void whoever_is_not_signed_in_is_told_the_ways_in() {
        var nobody = Application.client().get("/api/session");
        assertThat(nobody.status()).isEqualTo(401);
        assertThat(nobody.json().get("demo").asBoolean()).isTrue();
        assertThat(nobody.json().get("signUp").asBoolean())
                .as("open on loopback")
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "workroom,'',Ida,a@b.test," + PASSWORD,
        "name,Quay,' ',a@b.test," + PASSWORD,
        "email,Quay,Ida,no-address," + PASSWORD,
        "email,Quay,Ida,demo@brightplumb.test," + PASSWORD,
        "password,Quay,Ida,a@b.test,short",
        "password,Quay,Ida,a@b.test,password123",
        "password,Quay,Ida,a@b.test,qwertyuiop",
        "password,Quay,Ida,a@b.test,1234567890",
    })
    void what_is_wrong_with_a_new_workroom_is_told_at_its_field(
            String field, String workroom, String name, String email, String password) {
        Client client = Application.client();
        client.get("/api/session");
        var answer = client.post(
                "/api/workrooms", Map.of("workroom", workroom, "name", name, "email", email, "password", password));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
    }

    @Test
    void a_changed_password_ends_all_other_sessions_and_the_old_one_opens_nothing() {
        String email = address();
        Client here = opened(email);
        Client there = Application.client();
        signIn(there, email, PASSWORD);
        String next = "a lantern behind the third door";
        assertThat(here.put("/api/session/password", Map.of("current", "not it at all", "password", next))
                        .json()
                        .get("errors")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("current");
        assertThat(here.put("/api/session/password", Map.of("current", PASSWORD, "password", next))
                        .status())
                .isEqualTo(204);
        assertThat(here.get("/api/people").status()).isEqualTo(200);
        assertThat(there.get("/api/people").status()).isEqualTo(401);
        assertThat(signIn(Application.client(), email, PASSWORD)).isEqualTo(401);
        assertThat(signIn(Application.client(), email, next)).isEqualTo(204);
    }

    @Test
    void other_sessions_are_ended_when_asked() {
        String email = address();
        Client here = opened(email);
        Client there = Application.client();
        signIn(there, email, PASSWORD);
        assertThat(here.delete("/api/session/others").json().get("ended").asInt())
                .isEqualTo(1);
        assertThat(there.get("/api/people").status()).isEqualTo(401);
        assertThat(here.get("/api/people").status()).isEqualTo(200);
    }

    @Test
    void the_last_who_leaves_takes_the_workroom_and_every_figure_along() {
        String email = address();
        Client ida = opened(email);
        ida.post("/api/people", Map.of("name", "Somebody"));
        assertThat(ida.post("/api/session/leave", Map.of("password", "not it")).status())
                .isEqualTo(422);
        assertThat(ida.post("/api/session/leave", Map.of("password", PASSWORD)).status())
                .isEqualTo(204);
        assertThat(ida.get("/api/people").status()).isEqualTo(401);
        assertThat(signIn(Application.client(), email, PASSWORD)).isEqualTo(401);
        opened(email);
    }

    @Test
    void sixty_guesses_at_once_are_no_more_than_eight_and_the_wait_that_is_told_is_true() throws Exception {
        String email = address();
        opened(email);
        ExecutorService crowd = Executors.newFixedThreadPool(60);
        try {
            List<Callable<Integer>> guesses = IntStream.range(0, 60)
                    .mapToObj(i -> (Callable<Integer>) () -> signIn(Application.client(), email, "guess " + i))
                    .toList();
            int tried = 0;
            for (Future<Integer> guess : crowd.invokeAll(guesses)) {
                assertThat(guess.get()).isIn(401, 429);
                tried += guess.get() == 401 ? 1 : 0;
            }
            assertThat(tried).isBetween(1, 8);
        } finally {
            crowd.shutdownNow();
        }
        Client late = Application.client();
        late.get("/api/session");
        var answer = late.post("/api/session", Map.of("email", email, "password", PASSWORD));
        assertThat(answer.status()).isEqualTo(429);
        assertThat(Integer.parseInt(answer.header("retry-after")))
                .as("eight in ten minutes")
                .isBetween(1, 75);
        assertThat(fromElsewhere(email)).as("its owner, at another machine").contains("HTTP/1.1 204");
    }

    /** Signs in from another address of loopback. */
    private static String fromElsewhere(String email) throws Exception {
        String body = "{\"email\":\"" + email + "\",\"password\":\"" + PASSWORD + "\"}";
        Client client = Application.client();
        client.get("/api/session");
        String token = client.cookie("XSRF-TOKEN");
        try (Socket socket = new Socket(
                InetAddress.getByName("127.0.0.1"), Application.port(), InetAddress.getByName("127.0.0.9"), 0)) {
            socket.getOutputStream()
                    .write(
                            ("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nCookie: XSRF-TOKEN="
                                            + token + "\r\nX-XSRF-TOKEN: " + token + "\r\nContent-Length: "
                                            + body.length()
                                            + "\r\nConnection: close\r\n\r\n" + body)
                                    .getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
