package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PeopleTest {

    private final Client demo = Application.demo();

    private String person(String name) {
        var answer = demo.send("POST", "/api/people", "{\"name\":\"" + name + "\"}");
        assertThat(answer.status()).isEqualTo(201);
        return answer.json().get("id").asString();
    }

    private static Map<String, String> typed(String text) {
        return Map.of("typed", text);
    }

    @Test
    void measures_are_kept_as_they_were_typed_and_sheets_are_only_added() {
        String id = person("Sheet Keeper");
        var first = demo.post(
                "/api/people/" + id + "/sheets",
                Map.of(
                        "readings",
                        Map.of("waistGirth", typed("29 1/2"), "hipGirth", Map.of("typed", "97,8 cm", "unit", "in"))));
        assertThat(first.status()).isEqualTo(201);
        var hip = first.json().get("readings").get("hipGirth");
        assertThat(hip.get("typed").asString()).isEqualTo("97,8 cm");
        assertThat(hip.get("mm").asDouble()).isCloseTo(978, within(1e-9));
        demo.post("/api/people/" + id + "/sheets", Map.of("readings", Map.of("waistGirth", typed("30"))));
        var sheets = demo.get("/api/people/" + id + "/sheets").json().get("items");
        assertThat(sheets.findValuesAsString("number")).containsExactly("2", "1");
        assertThat(sheets.get(1).get("readings").get("waistGirth").get("typed").asString())
                .isEqualTo("29 1/2");
    }

    @Test
    void what_is_no_reading_is_told_at_its_field_and_nothing_is_kept() {
        String id = person("Misread");
        var answer = demo.post(
                "/api/people/" + id + "/sheets",
                Map.of(
                        "readings",
                        Map.of(
                                "waistGirth",
                                typed("29 1/2"),
                                "hipGirth",
                                typed("fourty"),
                                "hipDepth",
                                typed("-8"),
                                "nose",
                                typed("3"))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").findValuesAsString("field"))
                .containsExactlyInAnyOrder("readings.hipGirth", "readings.hipDepth", "readings.nose");
        assertThat(demo.get("/api/people/" + id + "/sheets").json().get("total").asInt())
                .isZero();
    }

    @Test
    void doubts_and_guesses_are_told_while_typing() {
        var review = demo.post(
                        "/api/measures/review",
                        Map.of("measures", Map.of("waistGirth", 760, "hipGirth", 1000, "bodyRise", 200)))
                .json();
        assertThat(review.get("doubts").findValuesAsString("measure")).contains("bodyRise");
        assertThat(review.get("estimates").findValuesAsString("measure"))
                .contains("hipDepth", "kneeGirth")
                .doesNotContain("bodyRise");
        var half = demo.post("/api/measures/review", Map.of("measures", Map.of("waistGirth", 760)))
                .json();
        assertThat(half.get("faults")).isEmpty();
        var wrong = demo.post("/api/measures/review", Map.of("measures", Map.of("hipGirth", 38, "waistGirth", 700)))
                .json();
        assertThat(wrong.get("faults").findValuesAsString("field")).containsExactly("measures.hipGirth");
    }

    @Test
    void removing_a_person_removes_their_figures_and_tickets() {
        String id = person("Leaver");
        demo.post(
                "/api/people/" + id + "/sheets",
                Map.of("readings", Map.of("waistGirth", typed("30"), "hipGirth", typed("40"))));
        String ticket = demo.post("/api/tickets", Map.of("personId", id, "name", "Gone", "cut", "straight-skirt"))
                .json()
                .get("id")
                .asString();
        demo.post("/api/tickets/" + ticket + "/revisions", Map.of());
        assertThat(demo.delete("/api/people/" + id).status()).isEqualTo(204);
        assertThat(demo.get("/api/people/" + id).status()).isEqualTo(404);
        assertThat(demo.get("/api/tickets/" + ticket).status()).isEqualTo(404);
        assertThat(demo.delete("/api/people/" + id).status()).isEqualTo(404);
    }

    @Test
    void finding_takes_wildcards_literally_and_pages_stay_within_limits() {
        person("Percy 100% Wool");
        assertThat(demo.get("/api/people?q=100%25").json().get("items").findValuesAsString("name"))
                .containsExactly("Percy 100% Wool");
        assertThat(demo.get("/api/people?q=_____________________")
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
        var page = demo.get("/api/people?size=100000&page=-3").json();
        assertThat(page.get("size").asInt()).isEqualTo(200);
        assertThat(page.get("page").asInt()).isZero();
        assertThat(demo.get("/api/people?page=many").status()).isEqualTo(422);
    }

    @Test
    void two_letters_find_how_a_word_of_a_name_begins_and_three_find_any_part() {
        person("Quilla Oxbow");
        person("Equus Proxy");
        assertThat(found("Q")).contains("Quilla Oxbow").doesNotContain("Equus Proxy");
        assertThat(found("ox")).contains("Quilla Oxbow").doesNotContain("Equus Proxy");
        assertThat(found("illa")).containsExactly("Quilla Oxbow");
        assertThat(found("rox")).containsExactly("Equus Proxy");
        assertThat(found("%")).isEmpty();
    }

    private List<String> found(String q) {
        return demo.get("/api/people?size=200&q=" + URLEncoder.encode(q, StandardCharsets.UTF_8))
                .json()
                .get("items")
                .findValuesAsString("name");
    }

    @Test
    void a_person_needs_a_name() {
        var answer = demo.post("/api/people", Map.of("name", "  "));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("name");
        assertThat(demo.get("/api/people/not-an-id").status()).isEqualTo(404);
    }

    @Test
    void what_the_database_cannot_hold_is_answered_not_broken_by() {
        assertThat(demo.get("/api/people?q=%00").status()).isEqualTo(400);
        String id = person("Calendar");
        var answer = demo.post(
                "/api/people/" + id + "/sheets",
                Map.of("takenOn", "+999999999-01-01", "readings", Map.of("waistGirth", typed("30"))));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(demo.post("/api/people", Map.of("name", "N", "note", "a\u0000b"))
                        .status())
                .isEqualTo(422);
        assertThat(demo.post("/api/session", Map.of("email", "a\u0000@b.test", "password", "x"))
                        .status())
                .isEqualTo(422);
        assertThat(demo.get("/api/people?q=%FF").status()).isEqualTo(400);
    }

    @Test
    void a_day_is_written_as_text_and_lies_within_sense() {
        String id = person("Day Keeper");
        for (String day :
                new String[] {"[2026,1,1]", "20454", "\"2026-1-1\"", "\"+2026-01-01\"", "\"2026-02-30\"", "true"}) {
            var answer = demo.send(
                    "POST",
                    "/api/people/" + id + "/sheets",
                    "{\"takenOn\":" + day + ",\"readings\":{\"waistGirth\":{\"typed\":\"30\"}}}");
            assertThat(answer.status()).as(day).isEqualTo(400);
            assertThat(answer.json().get("errors").get(0).get("field").asString())
                    .isEqualTo("takenOn");
        }
        for (String day : new String[] {
            "1066-10-14", "2400-01-01", java.time.LocalDate.now().plusDays(3).toString()
        }) {
            var answer = demo.post(
                    "/api/people/" + id + "/sheets",
                    Map.of("takenOn", day, "readings", Map.of("waistGirth", typed("30"))));
            assertThat(answer.status()).as(day).isEqualTo(422);
            assertThat(answer.json().get("errors").get(0).get("field").asString())
                    .isEqualTo("takenOn");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Ann\\u202Egnp", "A\\u0007b", "A\\u200Fb", "half \\uD83D", "A\\nB", "A\\u2066B"})
    void letters_that_cannot_be_seen_are_no_part_of_a_name(String name) {
        var answer = demo.send("POST", "/api/people", "{\"name\":\"" + name + "\"}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("name");
    }

    @Test
    void names_in_any_letters_are_kept_and_a_note_has_lines() {
        var kept = demo.post("/api/people", Map.of("name", "Œdipa 李 O’Hara-Ünal 🧵", "note", "one\n\ttwo"));
        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.json().get("name").asString()).isEqualTo("Œdipa 李 O’Hara-Ünal 🧵");
        assertThat(kept.json().get("note").asString()).isEqualTo("one\n\ttwo");
    }

    @Test
    void the_second_of_two_changes_to_a_person_is_shown_the_first() {
        String id = person("Before");
        assertThat(demo.put("/api/people/" + id, Map.of("name", "First", "note", "", "version", 1))
                        .json()
                        .get("version")
                        .asInt())
                .isEqualTo(2);
        var late = demo.put("/api/people/" + id, Map.of("name", "Second", "note", "", "version", 1));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("current").get("name").asString()).isEqualTo("First");
        assertThat(demo.put("/api/people/" + id, Map.of("name", "Without", "note", ""))
                        .status())
                .as("a version may be left out")
                .isEqualTo(200);
    }

    @Test
    void the_second_of_two_sheets_after_one_another_is_shown_the_first() {
        String id = person("Taped Twice");
        String sheets = "/api/people/" + id + "/sheets";
        Map<String, Object> first = Map.of("after", 0, "readings", Map.of("waistGirth", typed("30")));
        Map<String, Object> second = Map.of("after", 0, "readings", Map.of("waistGirth", typed("31")));
        assertThat(demo.post(sheets, first).status()).isEqualTo(201);
        var late = demo.post(sheets, second);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("current").get("number").asInt()).isEqualTo(1);
        assertThat(late.json()
                        .get("current")
                        .get("readings")
                        .get("waistGirth")
                        .get("typed")
                        .asString())
                .isEqualTo("30");
        assertThat(demo.get(sheets).json().get("total").asInt())
                .as("nothing was added")
                .isEqualTo(1);
        assertThat(demo.post(sheets, Map.of("after", 1, "readings", Map.of("waistGirth", typed("31"))))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void a_person_removed_meanwhile_is_not_here_any_more() {
        String id = person("Short Stay");
        demo.delete("/api/people/" + id);
        assertThat(demo.post("/api/people/" + id + "/sheets", Map.of("readings", Map.of("waistGirth", typed("30"))))
                        .status())
                .isEqualTo(404);
        assertThat(demo.post("/api/tickets", Map.of("personId", id, "name", "Late", "cut", "straight-skirt"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_second_reading_beyond_all_sense_is_told_at_its_field() {
        String id = person("Overflow");
        var answer = demo.post(
                "/api/people/" + id + "/sheets",
                Map.of("readings", Map.of("waistGirth", Map.of("typed", "30", "second", "9".repeat(400)))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("readings.waistGirth");
    }

    @Test
    void of_very_many_faults_the_first_are_told_and_how_many_more_there_are() {
        String id = person("Faulty");
        Map<String, Object> readings = new java.util.HashMap<>();
        for (int i = 0; i < 500; i++) {
            readings.put("nothing" + i, typed("x"));
        }
        var answer = demo.post("/api/people/" + id + "/sheets", Map.of("readings", readings));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").size()).isEqualTo(51);
        assertThat(answer.json().get("errors").get(50).get("message").asString())
                .isEqualTo("And 450 more");
    }
}
