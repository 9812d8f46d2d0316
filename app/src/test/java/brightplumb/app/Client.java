package brightplumb.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser's part in talking to the application: cookies kept, the CSRF token echoed. */
final class Client {

    static final String PASSWORD = "calico-and-chalk";

    private final JsonMapper json = new JsonMapper();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;
    private final String address;
    private String account;

    Client(String base) {
        this(base, null);
    }

    /** @param address where a proxy says that it is; null without a proxy */
    Client(String base, String address) {
        this.base = base;
        this.address = address;
    }

    /** An answer: its status, its headers and its body. */
    record Answer(int status, HttpResponse<String> response) {

        JsonNode json() {
            return new JsonMapper().readTree(response.body());
        }

        String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }
    }

    Client signIn(String email) {
        get("/api/session");
        Answer answer = post("/api/session", Map.of("email", email, "password", PASSWORD));
        if (answer.status() != 204) {
            throw new IllegalStateException(
                    "Not signed in: " + answer.response().body());
        }
        return this;
    }

    /** From here on as a page that was opened by that account. */
    Client as(String of) {
        account = of;
        return this;
    }

    Answer get(String path) {
        return send("GET", path, null);
    }

    Answer post(String path, Object body) {
        return send("POST", path, json.writeValueAsString(body));
    }

    Answer put(String path, Object body) {
        return send("PUT", path, json.writeValueAsString(body));
    }

    Answer delete(String path) {
        return send("DELETE", path, null);
    }

    /** Sends a body as it is, well-formed or not. */
    Answer send(String method, String path, String body) {
        return send(method, path, body, cookie("XSRF-TOKEN"));
    }

    Answer send(String method, String path, String body, String token) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        if (address != null) {
            request.header("X-Forwarded-For", address);
        }
        if (account != null) {
            request.header("Plumb-Account", account);
        }
        if (token != null) {
            request.header("X-XSRF-TOKEN", token);
        }
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse(null);
    }
}
