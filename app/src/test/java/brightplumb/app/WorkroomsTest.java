package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Nothing of one workroom is to be had from another: every endpoint of the document is tried with the other's ids. */
class WorkroomsTest {

    private final Client demo = Application.demo();
    private final Client other = Application.other();

    private static String first(Client client, String list) {
        return client.get(list).json().get("items").get(0).get("id").asString();
    }

    @Test
    void every_address_with_an_id_answers_404_to_the_other_workroom() {
        String person = first(demo, "/api/people");
        JsonNode ticket = demo.get("/api/tickets")
                .json()
                .get("items")
                .valueStream()
                .filter(t -> t.get("revisions").asInt() > 0)
                .findFirst()
                .orElseThrow();
        List<String> tried = new ArrayList<>();
        JsonNode paths = demo.get("/v3/api-docs").json().get("paths");
        paths.propertyStream()
                .filter(p -> p.getKey().contains("{"))
                .forEach(path -> path.getValue().propertyNames().forEach(method -> {
                    String id = path.getKey().startsWith("/api/people")
                            ? person
                            : ticket.get("id").asString();
                    String address = path.getKey()
                            .replace("{id}", id)
                            .replace("{number}", "1")
                            .replace("{step}", "side");
                    assertThat(address)
                            .as("an address this test knows how to fill in")
                            .doesNotContain("{");
                    String body = method.equals("get") || method.equals("delete") ? null : body(path.getKey(), ticket);
                    assertThat(other.send(method.toUpperCase(java.util.Locale.ROOT), address, body)
                                    .status())
                            .as(method + " " + path.getKey())
                            .isEqualTo(404);
                    tried.add(method + " " + path.getKey());
                }));
        assertThat(tried).hasSizeGreaterThan(10);
        assertThat(other.get("/api/tickets/" + ticket.get("id").asString() + "/print.pdf?revision=1")
                        .status())
                .isEqualTo(404);
        assertThat(demo.get("/api/people/" + person).status()).as("still there").isEqualTo(200);
    }

    private static String body(String path, JsonNode ticket) {
        if (path.endsWith("/sheets")) {
            return "{\"readings\":{\"waistGirth\":{\"typed\":\"30\"}}}";
        }
        if (path.endsWith("/revisions")) {
            return "{\"reason\":\"x\"}";
        }
        if (path.endsWith("/fittings")) {
            return "{\"remark\":\"side-swings-back\",\"version\":" + ticket.get("version") + "}";
        }
        if (path.endsWith("/making")) {
            return "{\"habit\":\"sides-last\"}";
        }
        if (path.endsWith("/lay")) {
            return "{\"copies\":2}";
        }
        if (path.endsWith("/steps/{step}")) {
            return "{\"done\":true}";
        }
        return path.startsWith("/api/people")
                ? "{\"name\":\"Stolen\"}"
                : "{\"name\":\"Stolen\",\"cut\":\"straight-skirt\",\"version\":" + ticket.get("version") + "}";
    }

    @Test
    void lists_hold_only_ones_own() {
        assertThat(other.get("/api/people?size=200").json().get("items").findValuesAsString("name"))
                .contains("Perpetua Sedge")
                .doesNotContain("Ottoline Varga");
        assertThat(other.get("/api/tickets?q=lamplighter").json().get("total").asInt())
                .isZero();
        String theirs = first(demo, "/api/people");
        assertThat(other.get("/api/tickets?person=" + theirs)
                        .json()
                        .get("total")
                        .asInt())
                .isZero();
    }

    @Test
    void a_ticket_cannot_be_made_for_the_other_workrooms_person() {
        String person = first(demo, "/api/people");
        var answer = other.post("/api/tickets", Map.of("personId", person, "name", "X", "cut", "straight-skirt"));
        assertThat(answer.status()).isEqualTo(404);
    }
}
