package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import brightplumb.app.door.ResponseBodyFilter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What stands before everything: whose name is answered, how much is taken in, and how what cannot be read is answered.
 */
class DoorTest {

    private static final String PREVIEW =
            "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2}}";

    /** Sends a request word for word and reads the whole answer. */
    private static String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", Application.port())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return answer(socket.getInputStream());
        }
    }

    private static String answer(InputStream in) throws IOException {
        ByteArrayOutputStream read = new ByteArrayOutputStream();
        in.transferTo(read);
        return read.toString(StandardCharsets.UTF_8);
    }

    private static String get(String path, String... headers) throws IOException {
        return raw("GET " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                + String.join("", List.of(headers).stream().map(h -> h + "\r\n").toList()) + "\r\n");
    }

    @ParameterizedTest
    @CsvSource({
        "localhost,401",
        "127.0.0.1:9,401",
        "LOCALHOST,401",
        "elsewhere.test,421",
        "127.0.0.1.elsewhere.test,421",
        "10.0.0.7,421"
    })
    void only_the_names_it_is_started_for_are_answered(String host, String status) throws IOException {
        assertThat(raw("GET /api/session HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 " + status);
    }

    @Test
    void a_megabyte_is_the_most_that_is_taken_in_before_anybody_is_asked_who_they_are() throws IOException {
        String much = "x".repeat((1 << 20) + 1);
        String head = "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n";
        assertThat(raw(head + "Content-Length: " + much.length() + "\r\nConnection: close\r\n\r\n" + much))
                .startsWith("HTTP/1.1 413");
        long began = System.nanoTime();
        assertThat(raw(head + "Content-Length: 999999999\r\n\r\n"))
                .as("what is announced is not waited for")
                .startsWith("HTTP/1.1 413");
        assertThat(System.nanoTime() - began).isLessThan(5_000_000_000L);
        StringBuilder chunks = new StringBuilder(head + "Transfer-Encoding: chunked\r\nConnection: close\r\n\r\n");
        chunks.append(Integer.toHexString(much.length()))
                .append("\r\n")
                .append(much)
                .append("\r\n0\r\n\r\n");
        assertThat(raw(chunks.toString())).startsWith("HTTP/1.1 413");
        assertThat(Application.demo()
                        .send("POST", "/api/people", "{\"name\":\"A\",\"note\":\"" + "n".repeat(1 << 19) + "\"}")
                        .status())
                .as("half a megabyte comes in and is read")
                .isEqualTo(422);
    }

    /** Slow senders outnumber the threads there are; nobody is held up by them, and soon they are gone. */
    @ParameterizedTest
    @ValueSource(strings = {"application/json", "multipart/form-data; boundary=x", "application/x-www-form-urlencoded"})
    void those_who_send_slowly_hold_up_nobody_and_are_ended(String type) throws IOException {
        Client demo = Application.demo();
        demo.send("POST", "/api/drafts/preview", PREVIEW);
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket("127.0.0.1", Application.port());
                socket.setSoTimeout(20_000);
                socket.getOutputStream()
                        .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type
                                        + "\r\nContent-Length: 1000\r\n\r\n{")
                                .getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().flush();
                slow.add(socket);
            }
            long began = System.nanoTime();
            assertThat(demo.send("POST", "/api/drafts/preview", PREVIEW).status())
                    .isEqualTo(200);
            assertThat(System.nanoTime() - began).isLessThan(2_000_000_000L);
            for (Socket socket : slow) {
                assertThat(answer(socket.getInputStream())).startsWith("HTTP/1.1 408");
            }
            assertThat(System.nanoTime() - began).as("and their lines are cut").isLessThan(15_000_000_000L);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    /** Silence is ended by the server anyhow; a letter now and then is not silence. */
    @Test
    void a_head_that_comes_letter_by_letter_is_ended() throws Exception {
        try (Socket socket = new Socket("127.0.0.1", Application.port())) {
            socket.setSoTimeout(200);
            for (byte letter : ("GET /" + "a".repeat(100)).getBytes(StandardCharsets.ISO_8859_1)) {
                try {
                    socket.getOutputStream().write(letter);
                    if (socket.getInputStream().read() < 0) {
                        return;
                    }
                } catch (SocketTimeoutException open) {
                    // It waits for the next letter.
                } catch (IOException ended) {
                    return;
                }
            }
        }
        fail("Twenty seconds for a head, and it is still waited for.");
    }

    @Test
    void one_address_has_its_share_of_the_connections_and_others_have_theirs() throws IOException {
        List<Socket> taken = new ArrayList<>();
        try {
            for (int i = 0; i < 20; i++) {
                taken.add(from("127.0.0.2"));
                assertThat(isAnswered(taken.get(i))).as("connection " + (i + 1)).isTrue();
            }
            try (Socket tooMany = from("127.0.0.2");
                    Socket another = from("127.0.0.3")) {
                assertThat(isAnswered(tooMany)).isFalse();
                assertThat(isAnswered(another)).isTrue();
            }
            taken.remove(0).close();
            Waiting.until(() -> {
                try (Socket next = from("127.0.0.2")) {
                    return isAnswered(next);
                } catch (IOException refused) {
                    return false;
                }
            });
        } finally {
            for (Socket socket : taken) {
                socket.close();
            }
        }
    }

    private static Socket from(String address) throws IOException {
        Socket socket = new Socket("127.0.0.1", Application.port(), InetAddress.getByName(address), 0);
        socket.setSoTimeout(20_000);
        return socket;
    }

    private static boolean isAnswered(Socket socket) {
        try {
            socket.getOutputStream()
                    .write("GET /api/session HTTP/1.1\r\nHost: localhost\r\n\r\n"
                            .getBytes(StandardCharsets.ISO_8859_1));
            return socket.getInputStream().read() == 'H';
        } catch (IOException refused) {
            return false;
        }
    }

    /** Those who ask much and read nothing outnumber the threads there are, too. */
    @Test
    void those_who_do_not_read_hold_up_nobody_and_are_ended() throws IOException {
        Client demo = Application.demo();
        demo.send("POST", "/api/drafts/preview", PREVIEW);
        String page = Application.client().get("/").response().body();
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"").matcher(page);
        assertThat(script.find()).isTrue();
        String ask = ("GET " + script.group(1) + " HTTP/1.1\r\nHost: localhost\r\n\r\n").repeat(90);
        List<Socket> unread = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket();
                socket.setReceiveBufferSize(2048);
                socket.setSoTimeout(60_000);
                socket.connect(new InetSocketAddress("127.0.0.1", Application.port()));
                socket.getOutputStream().write(ask.getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().flush();
                unread.add(socket);
            }
            long began = System.nanoTime();
            for (int i = 0; i < 20; i++) {
                assertThat(demo.send("POST", "/api/drafts/preview", PREVIEW).status())
                        .isEqualTo(200);
            }
            assertThat(System.nanoTime() - began).isLessThan(10_000_000_000L);
            Waiting.until(() -> Application.bean(ResponseBodyFilter.class).unread() == 0);
            assertThat(answer(unread.get(0).getInputStream()).split("HTTP/1.1 200").length)
                    .as("what they are sent ends long before all that they asked for")
                    .isLessThan(20);
        } finally {
            for (Socket socket : unread) {
                socket.close();
            }
        }
    }

    @Test
    void what_the_server_itself_refuses_is_a_problem_too() throws IOException {
        for (String nonsense : List.of(
                "GET /%zz HTTP/1.1\r\nHost: localhost\r\n\r\n",
                "GET /a|b HTTP/1.1\r\nHost: localhost\r\n\r\n",
                "NONSENSE\r\n\r\n",
                "GET / HTTP/1.1\r\n\r\n",
                "GET / HTTP/1.1\r\nHost: a b\r\n\r\n",
                "GET / HTTP/1.1\r\nHost: localhost\r\nX: " + "x".repeat(20_000) + "\r\n\r\n",
                "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Length: -5\r\n\r\n")) {
            String head = nonsense.substring(0, Math.min(40, nonsense.length()));
            assertThat(raw(nonsense)).as(head).startsWith("HTTP/1.1 4").doesNotContain("<html");
        }
    }

    @Test
    void what_cannot_be_read_is_the_senders_fault() throws IOException {
        Client demo = Application.demo();
        String session = "Cookie: PLUMB_SESSION=" + demo.cookie("PLUMB_SESSION");
        assertThat(get("/api/people?q=%FF", session)).startsWith("HTTP/1.1 400").contains("application/problem+json");
        assertThat(raw("POST /api/drafts/preview HTTP/1.1\r\nHost: localhost\r\nContent-Type: */*\r\nContent-Length: "
                        + PREVIEW.length() + "\r\n" + session + "; XSRF-TOKEN=" + demo.cookie("XSRF-TOKEN")
                        + "\r\nX-XSRF-TOKEN: " + demo.cookie("XSRF-TOKEN") + "\r\nConnection: close\r\n\r\n" + PREVIEW))
                .startsWith("HTTP/1.1 415");
        // A NUL, as the cookie's base 64 would have it, and other things no session was ever called.
        for (String cookie : List.of("AA==", "AAAA", "x", "%00", "'or'1'='1")) {
            assertThat(get("/api/people", "Cookie: PLUMB_SESSION=" + cookie))
                    .as(cookie)
                    .startsWith("HTTP/1.1 401");
        }
        assertThat(get("/error")).startsWith("HTTP/1.1 404").contains("application/problem+json");
        assertThat(get("/api/people/%E0%80", session)).startsWith("HTTP/1.1 4");
    }

    @Test
    void the_document_of_the_interface_is_for_those_inside() throws IOException {
        assertThat(get("/v3/api-docs")).startsWith("HTTP/1.1 401");
    }

    @Test
    void behind_https_on_this_machine_the_cookies_are_secure() throws IOException {
        assertThat(get("/api/session", "X-Forwarded-Proto: https")).containsPattern("XSRF-TOKEN=[^\r\n]*Secure");
        assertThat(get("/api/session")).doesNotContain("Secure");
    }

    @Test
    void a_draft_read_in_one_piece_or_in_many_is_the_same() throws IOException {
        Client demo = Application.demo();
        String whole =
                demo.send("POST", "/api/drafts/preview", PREVIEW).response().body();
        String head = "POST /api/drafts/preview HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Transfer-Encoding: chunked\r\nCookie: PLUMB_SESSION=" + demo.cookie("PLUMB_SESSION")
                + "; XSRF-TOKEN="
                + demo.cookie("XSRF-TOKEN") + "\r\nX-XSRF-TOKEN: " + demo.cookie("XSRF-TOKEN")
                + "\r\nConnection: close\r\n\r\n";
        StringBuilder chunks = new StringBuilder(head);
        for (int i = 0; i < PREVIEW.length(); i += 7) {
            String part = PREVIEW.substring(i, Math.min(PREVIEW.length(), i + 7));
            chunks.append(Integer.toHexString(part.length()))
                    .append("\r\n")
                    .append(part)
                    .append("\r\n");
        }
        assertThat(raw(chunks.append("0\r\n\r\n").toString()))
                .startsWith("HTTP/1.1 200")
                .contains(whole.substring(0, 60));
    }

    @Test
    void without_the_token_a_body_taken_in_whole_is_refused_all_the_same() {
        assertThat(Application.demo()
                        .send("POST", "/api/drafts/preview", PREVIEW, null)
                        .status())
                .isEqualTo(403);
        assertThat(Application.client()
                        .send("POST", "/api/people", "{\"name\":\"X\"}")
                        .status())
                .isIn(401, 403);
        assertThat(Application.demo()
                        .post("/api/people", Map.of("name", "In Order"))
                        .status())
                .isEqualTo(201);
    }
}
