package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Sentences are answered in the unit that is asked for, and their parts beside them. */
class WordsTest {

    private static final Map<String, Object> MEASURES = Map.of(
            "waistGirth",
            711.2,
            "hipGirth",
            965.2,
            "bodyRise",
            266.7,
            "outsideLeg",
            1041.4,
            "bustGirth",
            914.4,
            "shoulderWidth",
            390.0);
    private static final List<String> SENTENCES =
            List.of("text", "cause", "why", "how", "rule", "kind", "correction", "about", "rules");
    private static final Pattern INCHES = Pattern.compile("\\binch|[0-9½¼¾⅛⅜⅝⅞] in\\b(?! \\()");

    private final Client demo = Application.demo();

    private static Map<String, Object> asked(String cut) {
        return Map.of("cut", cut, "measures", MEASURES);
    }

    @Test
    void a_sentence_is_in_inches_where_nothing_is_asked_and_in_centimetres_where_it_is() {
        assertThat(step("", "hip.ease").get("why").asString()).contains("an inch all round");
        JsonNode metric = step("?unit=cm&mark=comma", "hip.ease");
        assertThat(metric.get("why").asString()).contains("2,5 cm all round");
        assertThat(metric.get("words").get("why").toString()).contains("{\"mm\":25.4}");
    }

    private JsonNode step(String query, String id) {
        for (JsonNode step : demo.post("/api/drafts/preview" + query, asked("straight-skirt"))
                .json()
                .get("steps")) {
            if (step.get("id").asString().equals(id)) {
                return step;
            }
        }
        throw new AssertionError("There is no step " + id);
    }

    @Test
    void in_centimetres_no_sentence_says_an_inch() {
        for (Cut cut : Catalogue.CUTS) {
            assertMetric(demo.post("/api/drafts/preview?unit=cm", asked(cut.id())));
        }
        for (String list : List.of("/api/cuts", "/api/ways", "/api/measures", "/api/cut-book")) {
            assertMetric(demo.get(list + "?unit=cm"));
        }
        for (String cut : List.of("tailored-shorts", "straight-skirt")) {
            String ticket = LimitsTest.ticket(demo, cut);
            assertMetric(demo.get(ticket + "/making?unit=cm"));
            assertMetric(demo.get(ticket + "/remarks?unit=cm"));
        }
    }

    private static void assertMetric(Client.Answer answer) {
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        assertThat(answer.response().body()).as("a length is written out").doesNotContainPattern("[^:]\\{[0-9]");
        List<String> said = new ArrayList<>();
        for (String field : SENTENCES) {
            for (JsonNode found : answer.json().findValues(field)) {
                if (found.isString()) {
                    said.add(found.asString());
                }
                found.forEach(line -> said.add(line.asString("")));
            }
        }
        assertThat(said).noneMatch(text -> INCHES.matcher(text).find());
    }

    @ParameterizedTest
    @ValueSource(strings = {"unit=mm", "unit=ell", "mark=dot"})
    void a_unit_that_there_is_not_is_refused_at_its_field(String query) {
        Client.Answer refused = demo.get("/api/measures?" + query);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("errors").get(0).get("field").asString())
                .isEqualTo(query.substring(0, query.indexOf('=')));
    }
}
