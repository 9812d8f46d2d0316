package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

class PeopleTest {

    private final Client demo = Application.demo();

    private String person(String name) {
        var answer = demo.post("/api/people", Map.of("name", name));
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
                .isEqualTo(400);
    }
}
