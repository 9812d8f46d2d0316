package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The evidence behind the plumb lines, the bench sheet, and measures that were read twice. */
class EvidenceTest {

    private final Client demo = Application.demo();

    private static Map<String, Object> request(Object hipDepth) {
        return Map.of(
                "cut", "straight-skirt", "measures", Map.of("waistGirth", 720, "hipGirth", 980, "hipDepth", hipDepth));
    }

    @Test
    void every_inspection_has_lines_and_figures_to_show() {
        JsonNode checks = demo.post("/api/drafts/preview", request(205)).json().get("checks");
        JsonNode evidence =
                demo.post("/api/drafts/evidence", request(205)).json().get("items");
        assertThat(evidence.size()).isEqualTo(checks.size());
        for (int i = 0; i < evidence.size(); i++) {
            assertThat(evidence.get(i).get("check").asString())
                    .isEqualTo(checks.get(i).get("id").asString());
            assertThat(evidence.get(i).get("strokes").size()).isPositive();
            assertThat(evidence.get(i).get("figures").size()).isPositive();
        }
    }

    @Test
    void a_skirt_too_narrow_to_step_in_says_so_and_how_to_mend_it() {
        JsonNode checks = demo.post("/api/drafts/preview", request(205)).json().get("checks");
        JsonNode strides = checks.valueStream()
                .filter(check -> check.get("id").asString().equals("strides"))
                .findFirst()
                .orElseThrow();
        assertThat(strides.get("verdict").asString()).isNotEqualTo("true");
        assertThat(strides.get("remedies").size()).isEqualTo(2);
        List<JsonNode> slits = strides.get("remedies").findValues("slit");
        assertThat(slits)
                .singleElement()
                .satisfies(slit -> assertThat(slit.asDouble())
                        .isGreaterThanOrEqualTo(strides.get("wanted").asDouble()));
    }

    @Test
    void the_bench_sheet_counts_its_points_from_one_and_measures_from_the_base_lines() {
        JsonNode panels =
                demo.post("/api/drafts/bench-sheet", request(205)).json().get("panels");
        assertThat(panels.findValuesAsString("panel")).startsWith("front", "back");
        JsonNode places = panels.get(0).get("places");
        for (int i = 0; i < places.size(); i++) {
            assertThat(places.get(i).get("number").asInt()).isEqualTo(i + 1);
        }
        assertThat(places.get(0).get("out").asDouble()).isCloseTo(0, within(1e-9));
    }

    @Test
    void a_tape_read_twice_drafts_with_the_middle_and_says_so() {
        JsonNode twice =
                demo.post("/api/drafts/preview", request(List.of(200, 210))).json();
        assertThat(twice.get("facts").get("hip.depth").asDouble()).isEqualTo(205);
        assertThat(twice.get("steps").get(0).get("formula").asString())
                .isEqualTo("(waist to hip left + waist to hip right) ÷ 2");
        var wrong = demo.post("/api/drafts/preview", request(List.of(200, 210, 220)));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().get("errors").get(0).get("field").asString()).isEqualTo("measures.hipDepth");
    }

    @Test
    void a_second_reading_is_kept_as_it_was_typed() {
        String person = demo.post("/api/people", Map.of("name", "Twice Taped"))
                .json()
                .get("id")
                .asString();
        var kept = demo.post(
                "/api/people/" + person + "/sheets",
                Map.of(
                        "readings",
                        Map.of(
                                "waistGirth",
                                Map.of("typed", "29", "second", "29 3/4"),
                                "hipGirth",
                                Map.of("typed", "40"))));
        JsonNode waist = kept.json().get("readings").get("waistGirth");
        assertThat(waist.get("secondTyped").asString()).isEqualTo("29 3/4");
        assertThat(waist.get("secondMm").asDouble()).isCloseTo(29.75 * 25.4, within(1e-9));
        assertThat(kept.json().get("doubts").get(0).get("id").asString()).isEqualTo("readings-apart");
        var wrong = demo.post(
                "/api/people/" + person + "/sheets",
                Map.of("readings", Map.of("waistGirth", Map.of("typed", "29", "second", "2x"))));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().get("errors").get(0).get("field").asString()).isEqualTo("readings.waistGirth");
    }

    @Test
    void a_value_from_a_table_is_a_guess_in_the_ticket_s_draft_and_the_request_says_where_it_came_from() {
        String body = "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":{\"mm\":711.2,\"from\":\"table\"},"
                + "\"hipGirth\":{\"mm\":[960,970],\"from\":\"measured\"},\"hipDepth\":203.2}}";
        var draft = demo.send("POST", "/api/drafts/preview", body).json();
        assertThat(draft.get("estimates").findValuesAsString("measure"))
                .contains("waistGirth")
                .doesNotContain("hipGirth", "hipDepth");
        for (String wrong : new String[] {
            "{\"mm\":711.2}", "{\"mm\":711.2,\"from\":\"hearsay\"}", "{\"mm\":\"x\",\"from\":\"table\"}"
        }) {
            var answer = demo.send(
                    "POST",
                    "/api/drafts/preview",
                    "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":" + wrong + ",\"hipGirth\":965}}");
            assertThat(answer.status()).as(wrong).isEqualTo(422);
            assertThat(answer.json().get("errors").get(0).get("field").asString())
                    .isEqualTo("measures.waistGirth");
        }
    }
}
