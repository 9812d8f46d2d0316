package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is on offer, and that what is offered can be asked for. */
class CatalogueTest {

    private static final String BODY = """
            {"waistGirth":711.2,"hipGirth":965.2,"outsideLeg":1030,"bustGirth":910,"shoulderWidth":390}""";

    private final Client demo = Application.demo();

    @Test
    void every_cut_drafts_in_every_way_it_is_offered_in_with_its_own_defaults() {
        JsonNode cuts = demo.get("/api/cuts").json().get("items");
        JsonNode ways = demo.get("/api/ways").json().get("items");
        assertThat(cuts.findValuesAsString("id")).contains("straight-skirt");
        for (JsonNode cut : cuts) {
            for (JsonNode way : cut.get("ways")) {
                String body = "{\"cut\":" + cut.get("id") + ",\"way\":" + way + ",\"measures\":" + BODY + "}";
                var answer = demo.send("POST", "/api/drafts/preview", body);
                assertThat(answer.status()).as(body).isEqualTo(200);
                JsonNode settings = answer.json().get("settings");
                assertThat(cut.get("settings").findValuesAsString("key"))
                        .as("every setting that is told is on offer")
                        .containsAll(settings.propertyNames());
                for (JsonNode setting : cut.get("settings")) {
                    if (setting.get("readBy")
                            .valueStream()
                            .anyMatch(by -> cut.get("parts").valueStream().anyMatch(by::equals))) {
                        assertThat(settings.propertyNames())
                                .as("what the part reads is told as it stands")
                                .contains(setting.get("key").asString());
                    }
                }
            }
            assertThat(ways.valueStream()
                            .filter(way -> way.get("id").asString().equals("bench")
                                    && cut.get("id").equals(way.get("cut")))
                            .count())
                    .isEqualTo(cut.get("ways")
                            .valueStream()
                            .filter(way -> way.asString().equals("bench"))
                            .count());
        }
    }

    @Test
    void every_choice_that_is_offered_is_taken() {
        JsonNode cut = demo.get("/api/cuts").json().get("items").get(0);
        for (JsonNode setting : cut.get("settings")) {
            // What only an operation reads is told once the garment is made with it.
            boolean own = setting.get("readBy")
                    .valueStream()
                    .anyMatch(by -> cut.get("parts").valueStream().anyMatch(by::equals));
            String with = own ? "" : setting.get("readBy").get(0).toString();
            for (JsonNode choice : setting.get("choices")) {
                String body = asking("straight-skirt", with, setting, choice);
                JsonNode draft = demo.send("POST", "/api/drafts/preview", body).json();
                if (draft.has("errors")
                        && draft.get("errors").get(0).get("field").asString().equals("with")) {
                    // A turn-up wants a leg.
                    body = asking("shorts-block", with, setting, choice);
                    draft = demo.send("POST", "/api/drafts/preview", body).json();
                }
                assertThat(draft.has("settings")).as(body + " " + draft).isTrue();
                JsonNode inForce = draft.get("settings").get(setting.get("key").asString());
                assertThat(inForce).as(body + " " + draft.get("detail")).isNotNull();
                assertThat(inForce.get("choice")).isEqualTo(choice.get("id"));
                assertThat(inForce.get("byHand").asBoolean()).isTrue();
            }
        }
    }

    private static String asking(String cut, String with, JsonNode setting, JsonNode choice) {
        return "{\"cut\":\"" + cut
                + "\",\"measures\":" + BODY + ",\"with\":["
                + with + "],\"settings\":{" + setting.get("key") + ":" + choice.get("id") + "}}";
    }

    @Test
    void every_measure_says_how_it_is_taken() {
        for (JsonNode measure : demo.get("/api/measures").json().get("items")) {
            assertThat(measure.get("how").asString())
                    .as(measure.get("key").asString())
                    .hasSizeGreaterThan(15);
        }
    }

    @Test
    void an_unknown_address_is_a_problem_not_a_page() {
        var answer = demo.get("/api/nowhere");
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.header("content-type")).startsWith("application/problem+json");
        assertThat(demo.send("PATCH", "/api/people", "{}").status()).isEqualTo(405);
    }
}
