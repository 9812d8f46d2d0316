package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a fitting says becomes a correction of the draft, with the revisions before and after it kept. */
class FittingsTest {

    private final Client demo = Application.demo();
    private String path;

    @BeforeEach
    void a_ticket_that_is_being_fitted() {
        String person = demo.post("/api/people", Map.of("name", "Fitted Person"))
                .json()
                .get("id")
                .asString();
        demo.post(
                "/api/people/" + person + "/sheets",
                Map.of("readings", Map.of("waistGirth", Map.of("typed", "29"), "hipGirth", Map.of("typed", "40"))));
        path = "/api/tickets/"
                + demo.post("/api/tickets", Map.of("personId", person, "name", "Fitted skirt", "cut", "straight-skirt"))
                        .json()
                        .get("id")
                        .asString();
    }

    private JsonNode ticket() {
        return demo.get(path).json();
    }

    private static List<String> ids(JsonNode items) {
        List<String> ids = new ArrayList<>();
        items.forEach(i -> ids.add(i.get("id").asString()));
        return ids;
    }

    @Test
    void remarks_say_what_they_would_change_in_this_draft() {
        JsonNode items = demo.get(path + "/remarks").json().get("items");
        assertThat(ids(items)).contains("folds-below-front-waist", "side-swings-back");
        JsonNode folds = items.get(ids(items).indexOf("folds-below-front-waist"));
        assertThat(folds.get("settings").get("centreFrontDrop").asDouble()).isEqualTo(0.75 * 25.4);
        JsonNode knit = items.get(ids(items).indexOf("loose-at-the-side"));
        assertThat(knit.get("settings").isEmpty())
                .as("woven cloth has no negative ease to take in")
                .isTrue();
    }

    @Test
    void a_remark_applied_corrects_the_ticket_and_keeps_both_revisions() {
        var applied = demo.post(
                path + "/fittings",
                Map.of("version", 1, "remark", "folds-below-front-waist", "note", "stood in folds when she breathed"));
        assertThat(applied.status()).isEqualTo(201);
        assertThat(applied.json().get("before").asInt()).isEqualTo(1);
        assertThat(applied.json().get("after").asInt()).isEqualTo(2);
        assertThat(ticket().get("settings").get("centreFrontDrop").asDouble()).isEqualTo(0.75 * 25.4);
        assertThat(ticket().get("version").asInt()).isEqualTo(2);
        JsonNode revisions = demo.get(path + "/revisions").json().get("items");
        assertThat(revisions.get(0).get("reason").asString())
                .startsWith("Fitting: Cloth lies in folds")
                .endsWith("when she breathed");
        assertThat(revisions.get(1).get("request").get("settings").isEmpty()).isTrue();
        var again = demo.post(path + "/fittings", Map.of("version", 2, "remark", "side-swings-back"));
        assertThat(again.json().get("before").asInt())
                .as("what was frozen and not changed is not frozen twice")
                .isEqualTo(2);
        assertThat(demo.get(path + "/fittings").json().get("items").size()).isEqualTo(2);
    }

    @Test
    void the_cutter_may_put_her_own_amount_in_place_of_the_usual_one() {
        demo.post(
                path + "/fittings",
                Map.of("version", 1, "remark", "folds-below-front-waist", "settings", Map.of("centreFrontDrop", 12.0)));
        assertThat(ticket().get("settings").get("centreFrontDrop").asDouble()).isEqualTo(12);
    }

    @Test
    void every_remark_that_gives_something_can_be_applied_as_it_is_told() {
        int version = 1;
        for (JsonNode remark : demo.get(path + "/remarks").json().get("items")) {
            if (!remark.get("settings").isEmpty()) {
                var applied = demo.post(
                        path + "/fittings",
                        Map.of("version", version++, "remark", remark.get("id").asString()));
                assertThat(applied.status()).as(remark.get("id").asString()).isEqualTo(201);
            }
        }
        assertThat(version).isGreaterThan(5);
    }

    private static Map<String, Object> narrow(String way) {
        return Map.of(
                "cut",
                "straight-skirt",
                "way",
                way,
                "measures",
                Map.of("waistGirth", 720, "hipGirth", 980, "hipDepth", 205),
                "settings",
                Map.of("sideAllowance", 12.7));
    }

    private static JsonNode named(JsonNode pieces, String piece) {
        return pieces.valueStream()
                .filter(p -> p.get("piece").asString().equals(piece))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void cloth_that_is_cut_says_what_it_still_gives_and_what_would_spare_it() {
        Map<String, Object> wider = Map.of("hipEase", 76.2);
        JsonNode found = demo.post(
                        "/api/drafts/cut-cloth",
                        Map.of("worn", narrow("house"), "settings", wider, "cut", List.of("front")))
                .json();
        JsonNode front = named(found.get("pieces"), "front");
        assertThat(front.get("cutAnew").asBoolean()).isTrue();
        JsonNode side = front.get("edges")
                .valueStream()
                .filter(e -> e.get("edge").asString().equals("side"))
                .findFirst()
                .orElseThrow();
        assertThat(side.get("does").asString()).isEqualTo("cut-anew");
        assertThat(side.get("room").asDouble()).isEqualTo(6.35);
        assertThat(found.get("offers").get(0).get("settings").has("hipAllocation"))
                .as("the back, not cut yet, takes it over")
                .isTrue();
        assertThat(demo.post(
                                "/api/drafts/cut-cloth",
                                Map.of("worn", narrow("house"), "settings", wider, "cut", List.of("sleeve")))
                        .json()
                        .get("errors")
                        .get(0)
                        .get("field")
                        .asString())
                .isEqualTo("cut");
    }

    @Test
    void a_rival_habit_is_told_with_what_is_set_for_it() {
        JsonNode rise = demo.post("/api/drafts/preview", narrow("house"))
                .json()
                .get("steps")
                .valueStream()
                .filter(s -> s.get("id").asString().equals("side.rise"))
                .findFirst()
                .orElseThrow();
        assertThat(rise.get("rivals").valueStream())
                .anySatisfy(r -> {
                    assertThat(r.get("settings").path("waistTilt").asString("")).isEqualTo("side-and-back");
                    assertThat(r.get("value").asDouble()).isEqualTo(0.75 * 25.4);
                    assertThat(r.get("why").asString()).isNotBlank();
                })
                .anySatisfy(r -> assertThat(r.get("settings").isEmpty()).isTrue());
    }

    @Test
    void what_cannot_be_applied_is_refused_at_its_field_and_leaves_the_ticket_alone() {
        assertThat(refused(Map.of("version", 1, "remark", "no-such-remark"))).isEqualTo("remark");
        assertThat(refused(Map.of("version", 1, "remark", "loose-at-the-side"))).isEqualTo("remark");
        assertThat(refused(Map.of("remark", "side-swings-back"))).isEqualTo("version");
        assertThat(refused(
                        Map.of("version", 1, "remark", "side-swings-back", "settings", Map.of("hipAllocation", 5000))))
                .isEqualTo("settings.hipAllocation");
        assertThat(refused(Map.of("version", 1, "remark", "side-swings-back", "settings", Map.of("length", 500))))
                .isEqualTo("settings.length");
        assertThat(ticket().get("version").asInt()).isEqualTo(1);
        assertThat(demo.get(path + "/revisions").json().get("items").size()).isZero();
    }

    private String refused(Map<String, Object> body) {
        var answer = demo.post(path + "/fittings", body);
        assertThat(answer.status()).isEqualTo(422);
        return answer.json().get("errors").get(0).get("field").asString();
    }

    @Test
    void a_remark_on_a_ticket_somebody_changed_meanwhile_keeps_nothing() {
        demo.post(path + "/fittings", Map.of("version", 1, "remark", "side-swings-back"));
        var late = demo.post(path + "/fittings", Map.of("version", 1, "remark", "side-swings-forward"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(demo.get(path + "/revisions").json().get("items").size()).isEqualTo(2);
    }

    @Test
    void another_workroom_sees_no_fitting() {
        Client other = Application.other();
        assertThat(other.get(path + "/fittings").status()).isEqualTo(404);
        assertThat(other.get(path + "/remarks").status()).isEqualTo(404);
        assertThat(other.post(path + "/fittings", Map.of("version", 1, "remark", "side-swings-back"))
                        .status())
                .isEqualTo(404);
        assertThat(other.get(path + "/bench-sheet.pdf").status()).isEqualTo(404);
    }
}
