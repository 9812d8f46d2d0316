package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class SessionTest {

    @Test
    void nobody_signed_in_gets_401_and_the_csrf_cookie() {
        Client client = Application.client();
        var answer = client.get("/api/session");
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.header("content-type")).startsWith("application/problem+json");
        assertThat(client.cookie("XSRF-TOKEN")).isNotBlank();
        assertThat(client.get("/api/people").status()).isEqualTo(401);
        assertThat(client.get("/actuator/health").status()).isEqualTo(200);
    }

    @Test
    void signing_in_gives_a_session_that_signing_out_ends() {
        Client client = Application.client();
        client.get("/api/session");
        String before = client.cookie("XSRF-TOKEN");
        var answer =
                client.post("/api/session", Map.of("email", "Demo@BrightPlumb.test ", "password", Client.PASSWORD));
        assertThat(answer.status()).isEqualTo(204);
        assertThat(answer.response().headers().allValues("set-cookie"))
                .anySatisfy(c -> assertThat(c)
                        .startsWith("PLUMB_SESSION=")
                        .contains("HttpOnly")
                        .contains("SameSite=Lax"));
        assertThat(client.cookie("XSRF-TOKEN")).isNotEqualTo(before);
        assertThat(client.get("/api/session").json().get("workroom").asString()).isEqualTo("Saltmarsh Playhouse");
        assertThat(client.delete("/api/session").status()).isEqualTo(204);
        assertThat(client.get("/api/people").status()).isEqualTo(401);
    }

    @Test
    void an_unsafe_request_without_the_token_is_refused() {
        Client client = Application.demo();
        assertThat(client.send("POST", "/api/people", "{\"name\":\"X\"}", null).status())
                .isEqualTo(403);
        assertThat(client.send("POST", "/api/people", "{\"name\":\"X\"}", "made-up")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void wrong_passwords_and_unknown_addresses_are_told_alike_and_throttled() {
        Client client = Application.client();
        client.get("/api/session");
        var unknown = client.post("/api/session", Map.of("email", "nobody@brightplumb.test", "password", "x"));
        assertThat(unknown.status()).isEqualTo(401);
        int last = 0;
        for (int i = 0; i < 12; i++) {
            last = client.post("/api/session", Map.of("email", "nobody@brightplumb.test", "password", "x" + i))
                    .status();
        }
        assertThat(last).isEqualTo(429);
        assertThat(Application.demo().get("/api/session").status())
                .as("others are not held up")
                .isEqualTo(200);
    }

    @Test
    void missing_fields_are_told_at_their_fields() {
        Client client = Application.client();
        client.get("/api/session");
        var answer = client.post("/api/session", Map.of());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").findValuesAsString("field")).containsExactly("email", "password");
    }

    @Test
    void pages_carry_a_strict_policy() {
        var answer = Application.client().get("/tickets/anything/draft");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.response().body()).contains("<div id=\"root\">");
        assertThat(answer.header("content-security-policy"))
                .contains("default-src 'self'")
                .contains("frame-ancestors 'none'");
        assertThat(answer.header("x-content-type-options")).isEqualTo("nosniff");
    }
}
