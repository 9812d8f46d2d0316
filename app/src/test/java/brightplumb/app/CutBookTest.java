package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Catalogue;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Every cut on somebody's measures, and the small pictures that tickets hang with. */
class CutBookTest {

    private final Client demo = Application.demo();

    private String person(String name, Map<String, String> taken) {
        String id =
                demo.post("/api/people", Map.of("name", name)).json().get("id").asString();
        if (!taken.isEmpty()) {
            measured(id, taken);
        }
        return id;
    }

    private void measured(String id, Map<String, String> taken) {
        Map<String, Object> readings = new HashMap<>();
        taken.forEach((key, typed) -> readings.put(key, Map.of("typed", typed)));
        assertThat(demo.post("/api/people/" + id + "/sheets", Map.of("readings", readings))
                        .status())
                .isEqualTo(201);
    }

    private JsonNode book(String query) {
        var answer = demo.get("/api/cut-book" + query);
        assertThat(answer.status()).isEqualTo(200);
        return answer.json().get("items");
    }

    private static JsonNode page(JsonNode book, String cut) {
        return StreamSupport.stream(book.spliterator(), false)
                .filter(p -> p.get("cut").asString().equals(cut))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void on_her_measures_a_cut_is_drawn_with_what_leans_and_what_it_cannot_do_without() {
        String her = person("Book Holder", Map.of("waistGirth", "29", "hipGirth", "39 1/2"));
        JsonNode book = book("?person=" + her);
        assertThat(book).hasSize(Catalogue.CUTS.size());
        JsonNode skirt = page(book, "straight-skirt");
        assertThat(skirt.get("hers").asBoolean()).isTrue();
        assertThat(skirt.get("missing")).isEmpty();
        assertThat(skirt.get("guessed").toString()).contains("hipDepth");
        assertThat(skirt.get("outline").get("panels")).hasSize(2);
        assertThat(skirt.get("outline").get("panels").get(0).get("outline").asString())
                .startsWith("M");
        JsonNode suit = page(book, "sweep-jumpsuit");
        assertThat(suit.get("missing").toString()).contains("bustGirth");
        assertThat(suit.get("hers").asBoolean()).isFalse();
        assertThat(suit.get("leans"))
                .as("nothing is said of how it hangs on somebody it was not drawn for")
                .isEmpty();
        assertThat(suit.get("outline").isNull()).isFalse();
    }

    @Test
    void a_narrow_hip_round_thick_thighs_leans_in_the_book_as_it_does_in_the_draft() {
        String her = person(
                "Thick Thighs", Map.of("waistGirth", "29", "hipGirth", "36", "thighGirth", "29", "bodyRise", "10 1/2"));
        JsonNode shorts = page(book("?person=" + her), "tailored-shorts");
        assertThat(shorts.get("leans").get(0).get("verdict").asString()).isEqualTo("off");
    }

    @Test
    void on_nobody_or_on_somebody_unmeasured_it_is_a_usual_body_s_and_of_another_workroom_it_is_not_there() {
        assertThat(page(book(""), "palazzo").get("hers").asBoolean()).isFalse();
        String fresh = person("Not Yet", Map.of());
        assertThat(page(book("?person=" + fresh), "palazzo").get("outline").isNull())
                .isFalse();
        assertThat(Application.other().get("/api/cut-book?person=" + fresh).status())
                .isEqualTo(404);
        assertThat(demo.get("/api/cut-book?person=" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    @Test
    void a_ticket_hangs_with_the_picture_of_what_it_is_now() {
        String her = person("Picture Holder", Map.of("waistGirth", "29", "hipGirth", "39 1/2"));
        JsonNode ticket = demo.post(
                        "/api/tickets", Map.of("personId", her, "name", "Pictured", "cut", "straight-skirt"))
                .json();
        String first = hanging(her).get("outline").toString();
        assertThat(first).contains("panels");
        String row = row(ticket);
        assertThat(hanging(her).get("outline").toString()).isEqualTo(first);
        assertThat(row(ticket)).as("reading the rack writes nothing").isEqualTo(row);

        Map<String, Object> longer = new HashMap<>();
        longer.put("name", "Pictured");
        longer.put("cut", "straight-skirt");
        longer.put("way", "house");
        longer.put("settings", Map.of("length", 900));
        longer.put("version", 1);
        assertThat(demo.put("/api/tickets/" + ticket.get("id").asString(), longer)
                        .status())
                .isEqualTo(200);
        JsonNode changed = hanging(her).get("outline");
        assertThat(changed.get("height").asDouble()).isGreaterThan(900);

        measured(her, Map.of("waistGirth", "29", "hipGirth", "46"));
        assertThat(hanging(her).get("outline").get("width").asDouble())
                .as("drawn anew on the newest sheet")
                .isGreaterThan(changed.get("width").asDouble() + 50);
    }

    /** The transaction that wrote a ticket's row. */
    private static String row(JsonNode ticket) {
        return Application.bean(JdbcClient.class)
                .sql("select xmin::text from ticket where id = :id")
                .param("id", UUID.fromString(ticket.get("id").asString()))
                .query(String.class)
                .single();
    }

    private JsonNode hanging(String person) {
        return demo.get("/api/tickets?person=" + person).json().get("items").get(0);
    }
}
