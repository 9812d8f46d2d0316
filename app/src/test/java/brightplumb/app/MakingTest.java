package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The order of making of a ticket: sorted by a habit that is kept, ticked, and timed. */
class MakingTest {

    private final Client demo = Application.demo();
    private String path;

    @BeforeEach
    void a_ticket_to_be_made() {
        String person = demo.post("/api/people", Map.of("name", "Sewn Person"))
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
        path = "/api/tickets/"
                + demo.post(
                                "/api/tickets",
                                Map.of("personId", person, "name", "Sewn trousers", "cut", "classic-trousers"))
                        .json()
                        .get("id")
                        .asString();
    }

    private JsonNode making() {
        return demo.get(path + "/making").json();
    }

    private static List<String> ids(JsonNode making) {
        List<String> ids = new ArrayList<>();
        making.get("steps").forEach(s -> ids.add(s.get("id").asString()));
        return ids;
    }

    private static JsonNode step(JsonNode making, String id) {
        return making.get("steps")
                .valueStream()
                .filter(s -> s.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void steps_say_what_is_sewn_how_wide_and_what_is_in_hand() {
        JsonNode side = step(making(), "side");
        assertThat(side.get("widths").get(0).asDouble()).isEqualTo(25.4);
        assertThat(side.get("looks").get(0).get("value").asDouble())
                .isCloseTo(side.get("looks").get(1).get("value").asDouble(), within(1e-6));
        assertThat(side.get("drawing").get("strokes").findValuesAsString("ink")).contains("front", "back", "seam");
        assertThat(side.get("drawing").get("notes").findValuesAsString("text")).contains("hip", "knee");
        assertThat(demo.get(path + "/making.pdf").status()).isEqualTo(200);
        assertThat(demo.get(path + "/making.pdf?unit=furlong").status()).isEqualTo(422);
    }

    @Test
    void a_habit_is_kept_and_one_that_is_none_is_refused_at_its_field() {
        assertThat(making().get("habit").asString()).isEqualTo("leg-first");
        assertThat(ids(making())).containsSubsequence("inseam", "crotch");
        demo.put(path + "/making", Map.of("habit", "crotch-first"));
        assertThat(making().get("habit").asString()).isEqualTo("crotch-first");
        assertThat(ids(making())).containsSubsequence("crotch.front", "crotch.back", "side", "inseam");
        var wrong = demo.put(path + "/making", Map.of("habit", "upside-down"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().get("errors").get(0).get("field").asString()).isEqualTo("habit");
    }

    @Test
    void what_is_ticked_stays_ticked_when_another_habit_does_it_in_one_pass() {
        demo.put(path + "/making/steps/crotch", Map.of("done", true));
        assertThat(step(making(), "crotch").get("done").asBoolean()).isTrue();
        demo.put(path + "/making", Map.of("habit", "crotch-first"));
        assertThat(step(making(), "crotch.front").get("done").asBoolean()).isTrue();
        assertThat(step(making(), "crotch.back").get("doneBy").asString()).isEqualTo("Winifred Hale");
        demo.put(path + "/making/steps/crotch.back", Map.of("done", false));
        demo.put(path + "/making", Map.of("habit", "leg-first"));
        assertThat(step(making(), "crotch").get("done").asBoolean())
                .as("half of it is undone")
                .isFalse();
    }

    @Test
    void time_is_kept_one_clock_at_a_time_and_said_by_hand() {
        demo.put(path + "/making/steps/darts", Map.of("clock", true));
        assertThat(step(making(), "darts").get("clockSince").isNull()).isFalse();
        demo.put(path + "/making/steps/side", Map.of("clock", true));
        assertThat(step(making(), "darts").get("clockSince").isNull())
                .as("who works at one thing does not work at another")
                .isTrue();
        demo.put(path + "/making/steps/side", Map.of("seconds", 2880));
        demo.put(path + "/making/steps/side", Map.of("done", true));
        JsonNode side = step(making(), "side");
        assertThat(side.get("seconds").asLong()).isEqualTo(2880);
        assertThat(side.get("clockSince").isNull()).isTrue();
        assertThat(demo.put(path + "/making/steps/side", Map.of("seconds", -1)).status())
                .isEqualTo(422);
        assertThat(demo.put(path + "/making/steps/sleeve", Map.of("done", true)).status())
                .isEqualTo(404);
    }
}
