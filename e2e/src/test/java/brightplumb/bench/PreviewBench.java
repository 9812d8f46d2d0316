package brightplumb.bench;

import brightplumb.e2e.Packaged;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.locks.LockSupport;

/** Previews over loopback at twenty a second, each another body, measured from when it was due. */
public final class PreviewBench {

    private static final int A_SECOND = 20;
    private static final int WARM = 400;
    private static final int COUNTED = 600;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    private PreviewBench(String address) {
        this.address = address;
    }

    public static void main(String[] args) throws Exception {
        try (Packaged application = Packaged.start("bench_preview")) {
            PreviewBench bench = new PreviewBench(application.address());
            bench.signIn();
            bench.run(WARM);
            System.out.println("preview over loopback at 20 a second: " + bench.run(COUNTED));
        }
    }

    private void signIn() throws IOException, InterruptedException {
        send("GET", "/api/session", "");
        int status =
                send("POST", "/api/session", "{\"email\":\"demo@brightplumb.test\",\"password\":\"calico-and-chalk\"}");
        if (status != 204) {
            throw new IllegalStateException("Not signed in: " + status);
        }
    }

    private Spread run(int count) throws IOException, InterruptedException {
        double[] timings = new double[count];
        long start = System.nanoTime();
        for (int i = 0; i < count; i++) {
            long due = start + i * 1_000_000_000L / A_SECOND;
            while (System.nanoTime() < due) {
                LockSupport.parkNanos(due - System.nanoTime());
            }
            int status = send("POST", "/api/drafts/preview", body(i));
            if (status != 200) {
                throw new IllegalStateException("Preview answered " + status);
            }
            timings[i] = (System.nanoTime() - due) / 1e6;
        }
        return Spread.of(timings);
    }

    private static String body(int i) {
        return "{\"cut\":\"straight-skirt\",\"way\":\"house\",\"measures\":{\"waistGirth\":" + (650 + i % 200)
                + ",\"hipGirth\":" + (930 + i % 170)
                + ",\"hipDepth\":205},\"settings\":{\"hemTaper\":25.4,\"length\":640}}";
    }

    private int send(String method, String path, String body) throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode();
    }
}
