package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every endpoint of the interface's own document is sent what no page would send: whatever it is, it is not answered
 * with a fault of ours.
 */
class FuzzTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int IN_ALL = 2000;
    private static final int LEAST = 20;
    private static final long SEED = 20261201;

    /** What is not what a field should have. */
    private static final List<JsonNode> NONSENSE = List.of(
            NODES.nullNode(),
            NODES.stringNode("NaN"),
            NODES.stringNode("Infinity"),
            NODES.stringNode(""),
            NODES.stringNode("\u0000"),
            NODES.stringNode("\u202Eabc"),
            NODES.stringNode("\uD800"),
            NODES.stringNode("x".repeat(5000)),
            NODES.numberNode(1e308),
            NODES.numberNode(-1e308),
            NODES.numberNode(Long.MIN_VALUE),
            NODES.numberNode(-1),
            NODES.numberNode(0),
            NODES.numberNode(0.5),
            NODES.booleanNode(true),
            NODES.arrayNode(),
            NODES.arrayNode().add(NODES.nullNode()),
            NODES.arrayNode().add(NODES.arrayNode().add(NODES.nullNode())),
            NODES.objectNode(),
            NODES.objectNode().set("", NODES.nullNode()));

    private static final int HANDS = 4;

    private record Endpoint(String method, String path, JsonNode described) {}

    @Test
    void nothing_that_is_sent_is_answered_with_a_fault_of_ours() {
        JsonNode document = Application.demo().get("/v3/api-docs").json();
        List<Endpoint> endpoints = endpoints(document);
        assertThat(endpoints).as("the document names them").hasSizeGreaterThan(30);
        List<CompletableFuture<List<String>>> hands = IntStream.range(0, HANDS)
                .mapToObj(hand -> CompletableFuture.supplyAsync(() -> new Hand(hand, document).faults(endpoints)))
                .toList();
        assertThat(hands.stream().map(CompletableFuture::join).flatMap(List::stream))
                .isEmpty();
    }

    /** What looks for lays takes longer than all others together. */
    private static boolean isSlow(Endpoint endpoint) {
        return endpoint.path().contains("/lay") || endpoint.path().equals("/api/cut-book");
    }

    /** All but those that would end the session that asks, or shut out others who sign in from here. */
    private static List<Endpoint> endpoints(JsonNode document) {
        List<Endpoint> all = new ArrayList<>();
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> all.add(new Endpoint(
                                method.getKey().toUpperCase(Locale.ROOT), path.getKey(), method.getValue()))));
        return all.stream()
                .filter(e -> !(e.method().equals("DELETE") && e.path().startsWith("/api/session")))
                .toList();
    }

    /** One of those who send, each with a session, a sequence of choices, a person and a ticket of its own. */
    private static final class Hand {

        private final int number;
        private final Random random;
        private final Client client;
        private final JsonNode document;
        private final Map<String, String> ids = new LinkedHashMap<>();

        Hand(int number, JsonNode document) {
            this.number = number;
            this.random = new Random(SEED + number);
            this.client = Application.client("198.51.100.7" + number).signIn("demo@brightplumb.test");
            this.document = document;
        }

        /** Sends its share of what is sent; answers what was answered with a fault of ours. */
        List<String> faults(List<Endpoint> endpoints) {
            long slow = endpoints.stream().filter(FuzzTest::isSlow).count();
            int others = (int) ((IN_ALL - LEAST * slow) / (endpoints.size() - slow) + 1);
            List<String> faults = new ArrayList<>();
            for (int e = number; e < endpoints.size(); e += HANDS) {
                Endpoint endpoint = endpoints.get(e);
                for (int i = isSlow(endpoint) ? LEAST : others; i > 0; i--) {
                    if (i % LEAST == 0 || endpoint.method().equals("DELETE")) {
                        prepare();
                    }
                    String path = path(endpoint);
                    String body = body(endpoint);
                    Client.Answer answer = client.send(endpoint.method(), path, body);
                    if (answer.status() >= 500) {
                        faults.add(answer.status() + " " + endpoint.method() + " " + path + " " + body);
                    }
                }
            }
            return faults;
        }

        /** A person and a ticket to ask about; they are made anew when one was taken away. */
        private void prepare() {
            if (ids.containsKey("ticket")
                    && client.get("/api/tickets/" + ids.get("ticket")).status() == 200) {
                return;
            }
            Client.Answer made = client.post("/api/people", Map.of("name", "Fuzz"));
            assertThat(made.status()).as(made.response().body()).isEqualTo(201);
            String person = made.json().get("id").asString();
            Map<String, Object> readings = new LinkedHashMap<>();
            Map.of("waistGirth", "28", "hipGirth", "38", "hipDepth", "8", "bodyRise", "10 1/2", "outsideLeg", "41")
                    .forEach((key, typed) -> readings.put(key, Map.of("typed", typed, "unit", "in")));
            client.post("/api/people/" + person + "/sheets", Map.of("readings", readings));
            ids.put("person", person);
            ids.put(
                    "ticket",
                    client.post(
                                    "/api/tickets",
                                    Map.of(
                                            "personId",
                                            person,
                                            "name",
                                            "Fuzz",
                                            "cut",
                                            "classic-trousers",
                                            "settings",
                                            Map.of()))
                            .json()
                            .get("id")
                            .asString());
        }

        private String path(Endpoint endpoint) {
            String path = endpoint.path();
            List<String> query = new ArrayList<>();
            for (JsonNode parameter : endpoint.described().path("parameters")) {
                String name = parameter.get("name").asString();
                if (parameter.get("in").asString().equals("path")) {
                    String known = path.startsWith("/api/people") ? ids.get("person") : ids.get("ticket");
                    String value = name.equals("id") && random.nextInt(6) > 0 ? known : word();
                    path = path.replace("{" + name + "}", value);
                } else if (random.nextInt(3) > 0) {
                    query.add(name + "=" + word());
                }
            }
            return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
        }

        private String word() {
            List<String> words = List.of(
                    "1",
                    "-1",
                    "0",
                    "NaN",
                    "Infinity",
                    "1e308",
                    "99999999999999999999",
                    "true",
                    "shell",
                    "lining",
                    "a4",
                    "roll",
                    "x",
                    "\u202E",
                    "null",
                    "00000000-0000-0000-0000-000000000000",
                    "%",
                    "in",
                    "cm",
                    "together",
                    "2");
            return URLEncoder.encode(words.get(random.nextInt(words.size())), StandardCharsets.UTF_8);
        }

        /** A body as its schema has it, with something in it that is not. */
        private String body(Endpoint endpoint) {
            JsonNode schema = endpoint.described().at("/requestBody/content/application~1json/schema");
            if (schema.isMissingNode()) {
                return endpoint.method().equals("GET") || endpoint.method().equals("DELETE") ? null : "{}";
            }
            if (random.nextInt(20) == 0) {
                return List.of("", "{", "[]", "null", "\"x\"", "1e999", "{\"a\":".repeat(200))
                        .get(random.nextInt(7));
            }
            return JSON.writeValueAsString(value(schema, "", 0));
        }

        private JsonNode value(JsonNode schema, String name, int depth) {
            if (random.nextInt(depth == 0 ? 40 : 7) == 0 || depth > 6) {
                return NONSENSE.get(random.nextInt(NONSENSE.size()));
            }
            if (schema.has("$ref")) {
                String type = schema.get("$ref").asString();
                return value(
                        document.at("/components/schemas/" + type.substring(type.lastIndexOf('/') + 1)), name, depth);
            }
            if (schema.has("oneOf")) {
                return value(
                        schema.get("oneOf")
                                .get(random.nextInt(schema.get("oneOf").size())),
                        name,
                        depth);
            }
            if (schema.has("properties")) {
                ObjectNode object = NODES.objectNode();
                schema.get("properties").properties().forEach(p -> {
                    if (random.nextInt(5) > 0) {
                        object.set(p.getKey(), value(p.getValue(), p.getKey(), depth + 1));
                    }
                });
                return object;
            }
            if (schema.has("items")) {
                ArrayNode array = NODES.arrayNode();
                for (int i = random.nextInt(4); i > 0; i--) {
                    array.add(value(schema.get("items"), name, depth + 1));
                }
                return array;
            }
            if (schema.path("additionalProperties").isObject()) {
                ObjectNode object = NODES.objectNode();
                for (String key : name.equals("measures")
                        ? List.of("waistGirth", "hipGirth", "bodyRise")
                        : List.of("hipEase", "length")) {
                    object.set(key, value(schema.get("additionalProperties"), key, depth + 1));
                }
                return object;
            }
            return leaf(schema.path("type").toString(), name);
        }

        /** Mostly what the field would have, so that what lies behind the first check is met too. */
        private JsonNode leaf(String type, String name) {
            if (type.contains("boolean")) {
                return NODES.booleanNode(random.nextBoolean());
            }
            if (type.contains("integer")) {
                return NODES.numberNode(random.nextInt(4));
            }
            if (type.contains("number")) {
                return NODES.numberNode(List.of(700.0, 950.0, 0.2, 25.4, 1500.0).get(random.nextInt(5)));
            }
            return NODES.stringNode(
                    switch (name) {
                        case "cut" -> "classic-trousers";
                        case "way" -> "house";
                        case "with", "without" ->
                            List.of("in-seam-pocket", "zip", "all", "turn-up").get(random.nextInt(4));
                        case "personId" -> ids.get("person");
                        case "layer" -> "shell";
                        case "typed" -> "38 1/2";
                        case "unit" -> "in";
                        case "takenOn", "promised" -> "2026-12-01";
                        default -> "x";
                    });
        }
    }
}
