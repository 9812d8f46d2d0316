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
        "email,Quay,Ida,a\u200Bb@place.test," + PASSWORD,
        "email,Quay,Ida,a\u202Eb@place.test," + PASSWORD,
        "password,Quay,Ida,a@b.test,calico-and-chalk",
        "password,Quay,Ida,a@b.test,brightplumb",
        "password,Quay,Ida,a@b.test,Saltmarsh Playhouse",
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
    void half_a_letter_is_none_in_an_address() {
        Client client = Application.client();
        client.get("/api/session");
        String half = "{\"workroom\":\"Q\",\"name\":\"I\",\"email\":\"\\ud800a@place.test\",\"password\":\"" + PASSWORD
                + "\"}";
        assertThat(client.send("POST", "/api/workrooms", half).status()).isEqualTo(422);
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
    void a_known_address_is_refused_as_any_other_and_asked_for_no_more_often_than_a_wrong_password() {
        String email = address();
        opened(email);
        Client stranger = Application.client("203.0.113.5");
        stranger.get("/api/session");
        Map<String, String> known =
                Map.of("workroom", "Quay", "name", "Ida", "email", email, "password", "nine herons in the reeds");
        String wrong = stranger.post(
                        "/api/workrooms", Map.of("workroom", "Q", "name", "I", "email", "x", "password", PASSWORD))
                .json()
                .get("detail")
                .asString();
        Client.Answer first = stranger.post("/api/workrooms", known);
        assertThat(first.json().get("detail").asString()).isEqualTo(wrong);
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = stranger.post("/api/workrooms", known).status();
        }
        assertThat(last).isEqualTo(429);
    }

    @Test
    void a_lost_password_is_set_anew_by_the_code_once_and_every_session_ends() {
        String email = address();
        Client here = Application.client();
        here.get("/api/session");
        String code = here.post(
                        "/api/workrooms",
                        Map.of("workroom", "Quay", "name", "Ida", "email", email, "password", PASSWORD))
                .json()
                .get("recovery")
                .asString();
        assertThat(code.replace("-", "")).as("128 bits").hasSize(32);
        Client lost = Application.client("203.0.113.6");
        lost.get("/api/session");
        String next = "nine herons in the reeds";
        Map<String, String> wrong = Map.of("email", email, "code", "0".repeat(32), "password", next);
        assertThat(lost.post("/api/session/recover", wrong)
                        .json()
                        .get("errors")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("code");
        Map<String, String> right =
                Map.of("email", email, "code", code.toUpperCase(java.util.Locale.ROOT), "password", next);
        assertThat(lost.post("/api/session/recover", right).status()).isEqualTo(204);
        assertThat(here.get("/api/people").status()).isEqualTo(401);
        assertThat(signIn(here, email, PASSWORD)).isEqualTo(401);
        assertThat(signIn(here, email, next)).isEqualTo(204);
        assertThat(lost.post("/api/session/recover", right).status())
                .as("it is used up")
                .isEqualTo(422);
        assertThat(here.post("/api/session/recovery", Map.of("password", "not it"))
                        .status())
                .isEqualTo(422);
        String anew = here.post("/api/session/recovery", Map.of("password", next))
                .json()
                .get("code")
                .asString();
        assertThat(lost.post("/api/session/recover", Map.of("email", email, "code", anew, "password", PASSWORD))
                        .status())
                .isEqualTo(204);
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = lost.post("/api/session/recover", wrong).status();
        }
        assertThat(last).as("and guessing is throttled").isEqualTo(429);
    }

    @Test
    void the_latest_sign_ins_are_told_with_their_addresses_and_no_more_than_twenty() {
        String email = address();
        Client here = opened(email);
        for (int i = 0; i < 22; i++) {
            assertThat(signIn(Application.client("203.0.113." + (20 + i)), email, PASSWORD))
                    .isEqualTo(204);
        }
        var items = here.get("/api/session/sign-ins").json().get("items");
        assertThat(items).hasSize(20);
        assertThat(items.get(0).get("client").asString()).isEqualTo("203.0.113.41");
        assertThat(items.get(0).get("browser").asString()).contains("Java");
    }

    @Test
    void behind_a_proxy_one_client_that_guesses_does_not_lock_out_the_others_nor_is_anybody_elses_word_taken() {
        String email = address();
        opened(email);
        Client guesser = Application.client("203.0.113.60");
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = signIn(guesser, email, "guess " + i);
        }
        assertThat(last).isEqualTo(429);
        assertThat(signIn(Application.client("203.0.113.61"), email, PASSWORD)).isEqualTo(204);
    }

    @Test
    void nobody_shuts_the_others_out_of_the_demo() {
        Client demo = Application.demo();
        assertThat(demo.put("/api/session/password", Map.of("current", Client.PASSWORD, "password", PASSWORD))
                        .status())
                .isEqualTo(403);
        assertThat(demo.post("/api/session/leave", Map.of("password", Client.PASSWORD))
                        .status())
                .isEqualTo(403);
        assertThat(demo.post("/api/session/recovery", Map.of("password", Client.PASSWORD))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void a_page_of_one_account_is_not_answered_for_another_that_has_signed_in_since() {
        Client here = opened(address());
        String other = UUID.randomUUID().toString();
        assertThat(here.as(here.get("/api/session").json().get("id").asString())
                        .get("/api/people")
                        .status())
                .isEqualTo(200);
        assertThat(here.as(other).get("/api/people").status()).isEqualTo(401);
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
                InetAddress.getLoopbackAddress(), Application.port(), InetAddress.getByName("127.0.0.9"), 0)) {
            socket.getOutputStream()
                    .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: "
                                    + "application/json\r\nCookie: XSRF-TOKEN="
                                    + token + "\r\nX-XSRF-TOKEN: " + token + "\r\nContent-Length: "
                                    + body.length()
                                    + "\r\nConnection: close\r\n\r\n" + body)
                            .getBytes(StandardCharsets.UTF_8));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
