package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.app.limits.Work;
import brightplumb.app.limits.WorkLimits;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Costly work of one account: so much at once, given up when nobody waits for it, and never an error. */
class LimitsTest {

    private final WorkLimits limits = Application.bean(WorkLimits.class);

    private static final Map<String, Object> TROUSERS = Map.of(
            "cut",
            "classic-trousers",
            "measures",
            Map.of("waistGirth", 711.2, "hipGirth", 965.2, "bodyRise", 266.7, "outsideLeg", 1041.4));

    private static Map<String, Object> lay(int copies) {
        Map<String, Object> asked = new LinkedHashMap<>(TROUSERS);
        asked.put("lay", Map.of("copies", copies));
        return asked;
    }

    /** A ticket of somebody measured, in the workroom of a client; answers its address. */
    static String ticket(Client client, String cut) {
        String person = client.post("/api/people", Map.of("name", "Measured Once"))
                .json()
                .get("id")
                .asString();
        Map<String, Object> readings = new LinkedHashMap<>();
        Map.of(
                        "waistGirth", "28 3/4",
                        "hipGirth", "38 1/2",
                        "hipDepth", "8",
                        "bodyRise", "10 3/4",
                        "outsideLeg", "41 1/4")
                .forEach((key, typed) -> readings.put(key, Map.of("typed", typed, "unit", "in")));
        Client.Answer sheet = client.post("/api/people/" + person + "/sheets", Map.of("readings", readings));
        assertThat(sheet.status()).as(sheet.response().body()).isEqualTo(201);
        Client.Answer made = client.post(
                "/api/tickets", Map.of("personId", person, "name", "Tried", "cut", cut, "settings", Map.of()));
        assertThat(made.status()).as(made.response().body()).isEqualTo(201);
        return "/api/tickets/" + made.json().get("id").asString();
    }

    private static <T> List<T> atOnce(int times, Callable<T> what) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(times);
        try {
            List<Future<T>> all = hands.invokeAll(
                    IntStream.range(0, times).mapToObj(i -> what).toList());
            List<T> came = new ArrayList<>();
            for (Future<T> one : all) {
                came.add(one.get());
            }
            return came;
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void a_hundred_prints_at_once_end_in_answers_or_in_a_time_to_come_again() throws Exception {
        Client demo = Application.demo();
        String ticket = ticket(demo, "classic-trousers");
        List<Client.Answer> answers = atOnce(100, () -> demo.get(ticket + "/print.pdf"));
        assertThat(answers).extracting(Client.Answer::status).containsOnly(200, 429);
        assertThat(answers)
                .filteredOn(a -> a.status() == 429)
                .isNotEmpty()
                .allSatisfy(a ->
                        assertThat(Integer.parseInt(a.header("Retry-After"))).isBetween(1, 60));
        assertThat(demo.get(ticket + "/print.pdf").status()).isEqualTo(200);
    }

    @Test
    void a_lay_nobody_waits_for_is_given_up() throws Exception {
        Client demo = Application.demo();
        String body = new JsonMapper().writeValueAsString(lay(20));
        try (Socket left = new Socket("127.0.0.1", Application.port())) {
            left.getOutputStream()
                    .write(("POST /api/lays/savings HTTP/1.1\r\nHost: localhost\r\nContent-Type: "
                                    + "application/json\r\nCookie: PLUMB_SESSION="
                                    + demo.cookie("PLUMB_SESSION") + "; XSRF-TOKEN=" + demo.cookie("XSRF-TOKEN")
                                    + "\r\nX-XSRF-TOKEN: " + demo.cookie("XSRF-TOKEN") + "\r\nContent-Length: "
                                    + body.length() + "\r\n\r\n" + body)
                            .getBytes(StandardCharsets.UTF_8));
            left.getOutputStream().flush();
            Waiting.until(() -> limits.underWay(Work.LAY_SEARCH) == 1);
        }
        long began = System.nanoTime();
        Waiting.until(() -> limits.underWay(Work.LAY_SEARCH) == 0);
        assertThat(System.nanoTime() - began)
                .as("it would take many seconds more")
                .isLessThan(2_000_000_000L);
    }

    @Test
    void another_account_is_not_held_up_by_one_that_asks_for_all_it_can() throws Exception {
        Client demo = Application.demo();
        Client other = Application.other();
        CompletableFuture<Client.Answer> long_ =
                CompletableFuture.supplyAsync(() -> demo.post("/api/lays/preview", lay(12)));
        Waiting.until(() -> limits.underWay(Work.LAY) == 1);
        assertThat(other.post("/api/lays/preview", lay(1)).status()).isEqualTo(200);
        assertThat(demo.post("/api/drafts/line", TROUSERS).status()).isEqualTo(200);
        assertThat(long_.get().status()).isEqualTo(200);
    }

    @Test
    void what_no_cloth_holds_is_refused_at_its_field() {
        Client demo = Application.demo();
        Map<String, Object> asked = new LinkedHashMap<>(TROUSERS);
        List<List<Double>> large =
                List.of(List.of(0.0, 0.0), List.of(50_000.0, 0.0), List.of(50_000.0, 3_000.0), List.of(0.0, 3_000.0));
        asked.put("lay", Map.of("sheet", large));
        assertThat(fault(demo.post("/api/lays/preview", asked))).isEqualTo("lay.sheet");
        List<List<List<Double>>> seams = IntStream.range(0, 201)
                .mapToObj(i -> List.of(List.of(i * 10.0, 0.0), List.of(i * 10.0, 10.0)))
                .toList();
        asked.put(
                "lay",
                Map.of(
                        "sheet",
                        List.of(
                                List.of(0.0, 0.0),
                                List.of(3_000.0, 0.0),
                                List.of(3_000.0, 1_500.0),
                                List.of(0.0, 1_500.0)),
                        "avoided",
                        seams));
        assertThat(fault(demo.post("/api/lays/preview", asked))).isEqualTo("lay.avoided");
    }

    @Test
    void nothing_on_the_cloth_and_one_piece_laid_twice_are_refused_at_their_fields() {
        Client demo = Application.demo();
        String ticket = ticket(demo, "straight-skirt");
        assertThat(fault(demo.get(ticket + "/lay/longest?layer=lining&along=3000")))
                .isEqualTo("lay.layer");
        JsonNode lay = demo.get(ticket + "/lay?tries=1").json().get("lay");
        List<Map<String, Object>> hands = new ArrayList<>();
        for (JsonNode p : lay.get("placements")) {
            hands.add(Map.of(
                    "garment",
                    p.get("garment").asString(),
                    "piece",
                    p.get("piece").asString(),
                    "copy",
                    p.get("copy").asInt(),
                    "flipped",
                    p.get("flipped").asBoolean(),
                    "angle",
                    p.get("angle").asInt(),
                    "x",
                    0.0,
                    "y",
                    0.0));
        }
        hands.add(hands.get(0));
        assertThat(fault(demo.put(ticket + "/lay", Map.of("placements", hands))))
                .isEqualTo("placements");
    }

    @Test
    void numbers_beyond_sense_and_nothing_in_a_list_are_told_at_their_fields() {
        Client demo = Application.demo();
        String ticket = ticket(demo, "straight-skirt");
        String hand =
                "{\"garment\":\"\",\"piece\":\"front\",\"copy\":1,\"flipped\":false,\"angle\":0,\"x\":%s,\"y\":0}";
        for (String x : List.of("1e308", "\"NaN\"", "\"Infinity\"", "1e999")) {
            Client.Answer answer = demo.send("PUT", ticket + "/lay", "{\"placements\":[" + hand.formatted(x) + "]}");
            assertThat(answer.status()).as(x).isEqualTo(400);
            assertThat(fault(answer)).as(x).isEqualTo("placements[0].x");
        }
        for (String field : List.of("placements", "avoided", "beside")) {
            Client.Answer answer = demo.send("PUT", ticket + "/lay", "{\"" + field + "\":[null]}");
            assertThat(answer.status()).as(field).isEqualTo(400);
            assertThat(fault(answer)).as(field).startsWith(field);
        }
        for (String field : List.of("with", "without")) {
            Client.Answer answer = demo.send(
                    "POST",
                    "/api/drafts/preview",
                    "{\"cut\":\"straight-skirt\",\"measures\":{},\"" + field + "\":[null]}");
            assertThat(answer.status()).as(field).isEqualTo(400);
            assertThat(fault(answer)).as(field).startsWith(field);
        }
        assertThat(demo.get(ticket + "/lay.pdf").status()).isEqualTo(200);
    }

    @Test
    void steps_that_are_ticked_at_once_are_all_kept() throws Exception {
        Client demo = Application.demo();
        String ticket = ticket(demo, "flap-pocket-shorts");
        List<String> steps = demo.get(ticket + "/making").json().get("steps").findValuesAsString("id").stream()
                .filter(id -> !id.isBlank())
                .toList();
        for (int round = 0; round < 3; round++) {
            boolean done = round % 2 == 0;
            ExecutorService hands = Executors.newFixedThreadPool(8);
            try {
                List<Future<Integer>> all = hands.invokeAll(IntStream.range(0, steps.size())
                        .<Callable<Integer>>mapToObj(
                                i -> () -> demo.put(ticket + "/making/steps/" + steps.get(i), Map.of("done", done))
                                        .status())
                        .toList());
                for (Future<Integer> one : all) {
                    assertThat(one.get()).isIn(200, 404);
                }
            } finally {
                hands.shutdownNow();
            }
        }
    }

    private static String fault(Client.Answer answer) {
        JsonNode errors = answer.json().get("errors");
        assertThat(errors).as(answer.response().body()).isNotNull();
        return errors.get(0).get("field").asString();
    }
}
