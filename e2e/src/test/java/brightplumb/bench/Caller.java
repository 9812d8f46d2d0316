package brightplumb.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** Somebody signed in to the demo workroom, asking over loopback. */
final class Caller {

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    private Caller(String address) {
        this.address = address;
    }

    static Caller signedIn(String address) throws IOException, InterruptedException {
        return signedIn(address, "demo@brightplumb.test");
    }

    static Caller signedIn(String address, String email) throws IOException, InterruptedException {
        Caller caller = new Caller(address);
        caller.ask("GET", "/api/session", "");
        int status = caller.ask(
                        "POST", "/api/session", "{\"email\":\"" + email + "\",\"password\":\"calico-and-chalk\"}")
                .statusCode();
        if (status != 204) {
            throw new IllegalStateException("Not signed in: " + status);
        }
        return caller;
    }

    /** A cookie's value, for those who speak HTTP themselves. */
    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    HttpResponse<String> ask(String method, String path, String body) throws IOException, InterruptedException {
        String token = cookie("XSRF-TOKEN");
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** The answer to what must go well. */
    String must(String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = ask(method, path, body);
        if (answer.statusCode() >= 300) {
            throw new IllegalStateException(method + " " + path + " answered " + answer.statusCode());
        }
        return answer.body();
    }

    /** The id of the first ticket of that name. */
    String ticket(String like) throws IOException, InterruptedException {
        return must("GET", "/api/tickets?q=" + like, "").replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
    }
}
