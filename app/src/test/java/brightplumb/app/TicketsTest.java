package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

class TicketsTest {

    private final Client demo = Application.demo();
    private String person;
    private JsonNode ticket;

    @BeforeEach
    void a_measured_person_with_a_ticket() {
        person = demo.post("/api/people", Map.of("name", "Ticket Holder"))
                .json()
                .get("id")
                .asString();
        demo.post(
                "/api/people/" + person + "/sheets",
                Map.of(
                        "readings",
                        Map.of(
                                "waistGirth",
                                Map.of("typed", "29"),
                                "hipGirth",
                                Map.of("typed", "39 1/2"),
                                "hipDepth",
                                Map.of("typed", "8 1/2"))));
        ticket = demo.post(
                        "/api/tickets",
                        Map.of(
                                "personId",
                                person,
                                "name",
                                "Test skirt",
                                "cut",
                                "straight-skirt",
                                "settings",
                                Map.of("hipEase", 30),
                                "promised",
                                "2026-12-24"))
                .json();
    }

    private String path(String rest) {
        return "/api/tickets/" + ticket.get("id").asString() + rest;
    }

    private Map<String, Object> change(int version, Object hipEase) {
        Map<String, Object> change = new HashMap<>();
        change.put("name", "Test skirt");
        change.put("cut", "straight-skirt");
        change.put("way", "quarter");
        change.put("settings", Map.of("hipEase", hipEase));
        change.put("version", version);
        return change;
    }

    @Test
    void a_ticket_keeps_what_it_was_given() {
        JsonNode kept = demo.get(path("")).json();
        assertThat(kept.get("way").asString()).as("the cut's own way").isEqualTo("house");
        assertThat(kept.get("settings").get("hipEase").asDouble()).isEqualTo(30);
        assertThat(kept.get("promised").asString()).isEqualTo("2026-12-24");
        assertThat(kept.get("cloth").get("width").asDouble()).isEqualTo(1500);
        assertThat(kept.get("version").asInt()).isEqualTo(1);
    }

    @Test
    void the_second_of_two_changes_on_one_version_is_shown_the_first() {
        assertThat(demo.put(path(""), change(1, 40)).status()).isEqualTo(200);
        var late = demo.put(path(""), change(1, 50));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("current").get("settings").get("hipEase").asDouble())
                .isEqualTo(40);
        assertThat(late.json().get("current").get("version").asInt()).isEqualTo(2);
        assertThat(demo.put(path(""), change(2, 50)).json().get("version").asInt())
                .isEqualTo(3);
    }

    @Test
    void a_change_that_cannot_be_is_told_at_its_field_and_not_kept() {
        var answer = demo.put(path(""), change(1, "plenty"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("settings.hipEase");
        Map<String, Object> noVersion = change(1, 20);
        noVersion.remove("version");
        assertThat(demo.put(path(""), noVersion)
                        .json()
                        .get("errors")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("version");
        assertThat(demo.get(path("")).json().get("settings").get("hipEase").asDouble())
                .isEqualTo(30);
    }

    @Test
    void a_revision_stays_as_it_was_frozen() {
        var frozen = demo.post(path("/revisions"), Map.of("reason", "first toile"));
        assertThat(frozen.status()).isEqualTo(201);
        demo.put(path(""), change(1, 60));
        JsonNode revision = demo.get(path("/revisions")).json().get("items").get(0);
        assertThat(revision.get("number").asInt()).isEqualTo(1);
        assertThat(revision.get("reason").asString()).isEqualTo("first toile");
        assertThat(revision.get("request").get("settings").get("hipEase").asDouble())
                .isEqualTo(30);
        assertThat(revision.get("moved").asBoolean(true)).isFalse();
        assertThat(demo.get(path("")).json().get("revisions").asInt()).isEqualTo(1);
    }

    @Test
    void whether_a_revision_would_come_out_otherwise_is_found_when_somebody_looks_and_remembered() {
        demo.post(path("/revisions"), Map.of());
        aged("result_hash = 'g1:of an older engine', engine = '0.0.1', compared_engine = '0.0.1'");
        JsonNode listed = demo.get(path("/revisions")).json().get("items").get(0);
        assertThat(listed.get("comparable").asBoolean()).isTrue();
        assertThat(listed.get("moved").isNull())
                .as("nothing is drafted for a list")
                .isTrue();
        assertThat(demo.get(path("/revisions/1")).json().get("moved").asBoolean())
                .isTrue();
        assertThat(demo.get(path("/revisions"))
                        .json()
                        .get("items")
                        .get(0)
                        .get("moved")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void a_revision_from_before_marks_were_alike_is_not_compared() {
        demo.post(path("/revisions"), Map.of());
        aged("result_hash = '901b094636a2f9de', compared_engine = null");
        JsonNode looked = demo.get(path("/revisions/1")).json();
        assertThat(looked.get("comparable").asBoolean()).isFalse();
        assertThat(looked.get("moved").isNull()).isTrue();
    }

    @Test
    void a_revision_prints_the_pattern_it_kept_and_not_what_would_be_drafted_today() {
        demo.post(path("/revisions"), Map.of());
        String cut = demo.get(path("/pattern.svg?revision=1")).response().body();
        // Were it drafted anew, this request would be refused.
        aged("request = jsonb_set(request, '{settings,hipEase}', '99999')");
        assertThat(demo.get(path("/pattern.svg?revision=1")).response().body()).isEqualTo(cut);
        assertThat(demo.get(path("/print.pdf?revision=1")).status()).isEqualTo(200);
        assertThat(demo.get(path("/bench-sheet.pdf?revision=1")).status()).isEqualTo(200);
    }

    @Test
    void one_from_before_patterns_were_kept_is_drawn_anew_and_says_so() {
        demo.post(path("/revisions"), Map.of());
        aged("drawn = null");
        assertThat(demo.get(path("/pattern.svg?revision=1")).response().body())
                .contains("revision 1, drawn anew by a newer engine");
    }

    @Test
    void a_revision_is_frozen_of_what_is_shown_or_not_at_all() {
        demo.put(path(""), change(1, 60));
        var late = demo.post(path("/revisions"), Map.of("version", 1));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.json().get("current").get("version").asInt()).isEqualTo(2);
        assertThat(demo.post(path("/revisions"), Map.of("version", 2)).status()).isEqualTo(201);
    }

    private void aged(String how) {
        Application.bean(JdbcClient.class)
                .sql("update revision set " + how + " where ticket_id = cast(:id as uuid)")
                .param("id", ticket.get("id").asString())
                .update();
    }

    @Test
    void the_pattern_prints_and_draws() {
        for (String paper : new String[] {"a4", "letter", "a0"}) {
            var pdf = demo.get(path("/print.pdf?paper=" + paper));
            assertThat(pdf.status()).isEqualTo(200);
            assertThat(pdf.header("content-type")).isEqualTo("application/pdf");
            assertThat(pdf.response().body()).startsWith("%PDF");
        }
        var svg = demo.get(path("/pattern.svg"));
        assertThat(svg.header("content-type")).startsWith("image/svg+xml");
        assertThat(svg.response().body()).contains("id=\"front.cut\"").contains("Ticket Holder");
        assertThat(demo.get(path("/print.pdf?paper=foolscap")).status()).isEqualTo(422);
        assertThat(demo.get(path("/print.pdf?revision=9")).status()).isEqualTo(404);
        assertThat(demo.get(path("/pages?paper=letter")).json().get("pages").size())
                .isGreaterThan(4);
    }

    @Test
    void without_measures_there_is_nothing_to_print_and_the_answer_says_why() {
        String bare = demo.post("/api/people", Map.of("name", "Unmeasured"))
                .json()
                .get("id")
                .asString();
        String id = demo.post("/api/tickets", Map.of("personId", bare, "name", "Early", "cut", "straight-skirt"))
                .json()
                .get("id")
                .asString();
        var answer = demo.get("/api/tickets/" + id + "/print.pdf");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("measures");
    }

    @Test
    void the_rack_is_sorted_by_promise_and_found_by_either_name() {
        demo.post(
                "/api/tickets",
                Map.of("personId", person, "name", "Sooner", "cut", "straight-skirt", "promised", "2026-12-01"));
        demo.post("/api/tickets", Map.of("personId", person, "name", "Whenever", "cut", "straight-skirt"));
        assertThat(demo.get("/api/tickets?person=" + person).json().get("items").findValuesAsString("name"))
                .containsExactly("Sooner", "Test skirt", "Whenever");
        assertThat(demo.get("/api/tickets?q=TICKET%20HOLDER&person=" + person)
                        .json()
                        .get("total")
                        .asInt())
                .isEqualTo(3);
    }

    @Test
    void a_change_the_draft_refuses_is_not_kept_and_says_why_and_the_rest_of_the_ticket_stays() {
        String ticket = LimitsTest.ticket(demo, "tailored-shorts");
        Map<String, Object> asked = new LinkedHashMap<>(
                Map.of("name", "Tried", "cut", "tailored-shorts", "settings", Map.of(), "version", 1));
        asked.put("with", List.of("in-seam-pocket"));
        Client.Answer refused = demo.put(ticket, asked);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("errors").get(0).get("message").asString())
                .isEqualTo("Pockets in the side seam and scoop pockets need the same place; take one of them off");
        assertThat(demo.get(ticket).json().get("with")).isEmpty();
        assertThat(demo.get(ticket).json().get("version").asInt()).isEqualTo(1);
        asked.put("without", List.of("scoop-pocket"));
        assertThat(demo.put(ticket, asked).status())
                .as("with its place free it is kept")
                .isEqualTo(200);
    }

    @Test
    void a_cut_whose_tape_is_still_missing_may_be_chosen_all_the_same() {
        String ticket = LimitsTest.ticket(demo, "straight-skirt");
        assertThat(demo.put(
                                ticket,
                                Map.of("name", "Tried", "cut", "sleeved-playsuit", "settings", Map.of(), "version", 1))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void frozen_twice_with_nothing_changed_it_is_one_revision() {
        String ticket = LimitsTest.ticket(demo, "straight-skirt");
        for (int i = 0; i < 2; i++) {
            assertThat(demo.post(ticket + "/revisions", Map.of("reason", "first toile", "version", 1))
                            .json()
                            .get("number")
                            .asInt())
                    .isEqualTo(1);
        }
        assertThat(demo.get(ticket + "/revisions").json().get("total").asInt()).isEqualTo(1);
    }
}
