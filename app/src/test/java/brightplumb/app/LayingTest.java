package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Pieces on cloth: asked for without a ticket, and kept with one. */
class LayingTest {

    private static final Map<String, Object> SKIRT = Map.of(
            "cut", "straight-skirt", "measures", Map.of("waistGirth", 711.2, "hipGirth", 965.2, "hipDepth", 203.2));

    private final Client demo = Application.demo();
    private String path;

    @BeforeEach
    void a_ticket_to_be_laid() {
        path = "/api/tickets/" + ticket("Laid trousers");
    }

    private String ticket(String name) {
        String person = demo.post("/api/people", Map.of("name", "Laid Person"))
                .json()
                .get("id")
                .asString();
        demo.post(
                "/api/people/" + person + "/sheets",
                Map.of(
                        "readings",
                        Map.of(
                                "waistGirth", Map.of("typed", "29"),
                                "hipGirth", Map.of("typed", "40"),
                                "outsideLeg", Map.of("typed", "41"))));
        return demo.post("/api/tickets", Map.of("personId", person, "name", name, "cut", "classic-trousers"))
                .json()
                .get("id")
                .asString();
    }

    private static Map<String, Object> with(Map<String, Object> lay, Map<String, Object> cloth) {
        Map<String, Object> request = new LinkedHashMap<>(SKIRT);
        request.put("lay", lay);
        request.put("cloth", cloth);
        return request;
    }

    @Test
    void a_draft_is_laid_with_what_to_buy_and_what_would_save() {
        Client.Answer answer = demo.post("/api/lays/preview", with(Map.of("tries", 40), Map.of("width", 1150)));
        JsonNode lay = answer.json();
        double length = lay.get("length").asDouble();
        assertThat(lay.get("buy").asDouble()).isBetween(length, length + 50);
        assertThat(lay.get("buyYards").asDouble() * 914.4).isBetween(length, length + 115);
        assertThat(lay.get("width").asDouble()).isEqualTo(1150);
        assertThat(length)
                .isBetween(lay.get("bound").asDouble(), lay.get("baseline").asDouble());
        assertThat(lay.get("placements").findValuesAsString("piece")).contains("front", "back", "band");
        assertThat(demo.post("/api/lays/preview", with(Map.of("tries", 40), Map.of("width", 1150)))
                        .response()
                        .body())
                .as("the same request, the same answer")
                .isEqualTo(answer.response().body());
        JsonNode shrinks = demo.post(
                        "/api/lays/preview", with(Map.of("tries", 40), Map.of("width", 1150, "shrinkage", 0.1)))
                .json();
        assertThat(shrinks.get("buy").asDouble()).isGreaterThan(lay.get("buy").asDouble());
        assertThat(demo.post("/api/lays/savings", with(Map.of("tries", 40), Map.of("width", 1150)))
                        .json()
                        .get("items")
                        .findValuesAsString("id"))
                .contains("width");
    }

    @Test
    void the_longest_from_a_cloth_and_what_stops_it() {
        JsonNode longest = demo.post("/api/lays/longest", with(Map.of("along", 1000), Map.of()))
                .json();
        assertThat(longest.get("length").asDouble()).isBetween(800.0, 1000.0);
        assertThat(longest.get("stops").asString()).contains("reaches the end of the cloth");
        assertThat(demo.post("/api/lays/longest", with(Map.of(), Map.of())).status())
                .isEqualTo(422);
    }

    private static List<String> fields(Client.Answer answer) {
        assertThat(answer.status()).isEqualTo(422);
        return answer.json().get("errors").findValuesAsString("field");
    }

    @Test
    void bad_cloth_is_named_at_its_field() {
        List<List<Integer>> crossed = List.of(List.of(0, 0), List.of(900, 900), List.of(900, 0), List.of(0, 900));
        Map<String, Map<String, Object>> wrong = Map.of(
                "lay.copies", with(Map.of("copies", 0), Map.of()),
                "cloth.width", with(Map.of(), Map.of("width", 450)),
                "lay.sheet", with(Map.of("sheet", crossed), Map.of()),
                "lay.layer", with(Map.of("layer", "felt"), Map.of()),
                "cloth.repeat", with(Map.of(), Map.of("repeat", 9000)));
        wrong.forEach((field, request) ->
                assertThat(fields(demo.post("/api/lays/preview", request))).containsExactly(field));
    }

    @Test
    void a_lay_by_hand_is_kept_until_the_pieces_change() {
        JsonNode found = demo.get(path + "/lay?tries=30").json();
        assertThat(found.get("kept").asBoolean()).isFalse();
        List<Map<String, Object>> hands = hands(found, 40);
        JsonNode kept = demo.put(path + "/lay", Map.of("layer", "shell", "placements", hands))
                .json();
        assertThat(kept.get("kept").asBoolean()).isTrue();
        JsonNode again = demo.get(path + "/lay").json();
        assertThat(again.get("kept").asBoolean()).isTrue();
        assertThat(again.get("lay").get("length").asDouble())
                .isCloseTo(found.get("lay").get("length").asDouble() + 40, within(1e-6));
        Client.Answer piled = demo.put(path + "/lay", Map.of("placements", piled(hands)));
        assertThat(fields(piled)).containsExactly("placements");
        assertThat(demo.get(path + "/lay").json().get("kept").asBoolean())
                .as("what was refused changed nothing")
                .isTrue();
        JsonNode ticket = demo.get(path).json();
        Map<String, Object> changed = new LinkedHashMap<>();
        changed.put("name", ticket.get("name").asString());
        changed.put("cut", "classic-trousers");
        changed.put("settings", Map.of("hipEase", 60));
        changed.put("version", ticket.get("version").asInt());
        assertThat(demo.put(path, changed).status()).isEqualTo(200);
        JsonNode outgrown = demo.get(path + "/lay?tries=30").json();
        assertThat(outgrown.get("kept").asBoolean()).isFalse();
        assertThat(outgrown.get("outgrown").asBoolean()).isTrue();
        demo.delete(path + "/lay");
        assertThat(demo.get(path + "/lay?tries=30").json().get("outgrown").asBoolean())
                .isFalse();
    }

    @Test
    void a_band_is_cut_in_two_where_that_is_taken_up_and_whole_again() {
        JsonNode whole = demo.put(path + "/lay", Map.of("pieced", false)).json();
        JsonNode pieced = demo.put(path + "/lay", Map.of("pieced", true)).json();
        assertThat(pieced.get("pieced").asBoolean()).isTrue();
        assertThat(demo.get(path + "/lay?tries=30").json().get("pieced").asBoolean())
                .isTrue();
        assertThat(whole.get("pieced").asBoolean()).isFalse();
    }

    @Test
    void another_ticket_of_the_same_cloth_is_offered_with_what_it_saves_and_one_of_other_cloth_is_not() {
        List<String> saving = new ArrayList<>();
        demo.get(path + "/lay/savings").json().get("items").forEach(s -> {
            if (s.get("id").asString().equals("together")) {
                saving.add(s.get("beside").asString());
                assertThat(s.get("saved").asDouble()).isGreaterThan(12);
            }
        });
        assertThat(saving).isNotEmpty();
        for (String other : saving) {
            JsonNode cloth = demo.get("/api/tickets/" + other).json().get("cloth");
            assertThat(cloth).isEqualTo(demo.get(path).json().get("cloth"));
        }
        JsonNode both = demo.put(path + "/lay", Map.of("beside", List.of(saving.get(0))))
                .json();
        assertThat(both.get("beside").findValuesAsString("id")).containsExactly(saving.get(0));
    }

    @Test
    void a_hands_lay_that_other_cloth_does_not_hold_is_found_anew_on_the_screen_and_on_paper_alike() {
        JsonNode found = demo.get(path + "/lay?tries=30").json();
        demo.put(path + "/lay", Map.of("placements", hands(found, 400)));
        List<Double> saved = new ArrayList<>();
        demo.get(path + "/lay/savings")
                .json()
                .get("items")
                .forEach(s -> saved.add(s.get("saved").asDouble()));
        assertThat(saved)
                .as("against the lay that is there, not one that could be")
                .anyMatch(s -> s > 200);
        JsonNode ticket = demo.get(path).json();
        demo.put(
                path,
                Map.of(
                        "name",
                        "Laid trousers",
                        "cut",
                        "classic-trousers",
                        "cloth",
                        Map.of("width", 1150, "folded", false),
                        "version",
                        ticket.get("version").asInt()));
        JsonNode anew = demo.get(path + "/lay?tries=30").json();
        assertThat(anew.get("kept").asBoolean()).isFalse();
        assertThat(anew.get("outgrown").asBoolean()).isTrue();
        assertThat(demo.get(path + "/lay.pdf").status()).isEqualTo(200);
    }

    private static List<Map<String, Object>> hands(JsonNode view, double along) {
        List<Map<String, Object>> hands = new ArrayList<>();
        view.get("lay").get("placements").forEach(p -> {
            double x = p.get("outline")
                    .valueStream()
                    .mapToDouble(at -> at.get(0).asDouble())
                    .min()
                    .orElseThrow();
            double y = p.get("outline")
                    .valueStream()
                    .mapToDouble(at -> at.get(1).asDouble())
                    .min()
                    .orElseThrow();
            hands.add(Map.of(
                    "garment", p.get("garment").asString(),
                    "piece", p.get("piece").asString(),
                    "copy", p.get("copy").asInt(),
                    "flipped", p.get("flipped").asBoolean(),
                    "angle", p.get("angle").asInt(),
                    "x", x + along,
                    "y", y));
        });
        return hands;
    }

    private static List<Map<String, Object>> piled(List<Map<String, Object>> hands) {
        return hands.stream()
                .map(h -> {
                    Map<String, Object> moved = new LinkedHashMap<>(h);
                    moved.put("x", 0.0);
                    moved.put("y", 0.0);
                    return moved;
                })
                .toList();
    }

    @Test
    void two_tickets_share_a_cloth_and_no_other_workroom_sees_them() {
        String other = ticket("Laid beside");
        JsonNode alone = demo.get(path + "/lay?tries=60").json();
        JsonNode both =
                demo.put(path + "/lay", Map.of("beside", List.of(other))).json();
        assertThat(both.get("beside").findValuesAsString("title")).containsExactly("Laid beside");
        assertThat(both.get("lay").get("length").asDouble())
                .isLessThan(2 * alone.get("lay").get("length").asDouble());
        Client stranger = Application.other();
        assertThat(stranger.get(path + "/lay").status()).isEqualTo(404);
        assertThat(stranger.put(path + "/lay", Map.of("copies", 2)).status()).isEqualTo(404);
        JsonNode fusing = demo.get(path + "/lay?layer=fusing").json();
        assertThat(fusing.get("layers").toString()).contains("shell", "fusing");
        assertThat(fusing.get("lay").get("layer").asString()).isEqualTo("fusing");
    }
}
