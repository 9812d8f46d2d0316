package brightplumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The stateless draft, in the contract's names. */
class PreviewTest {

    private static final String SOUND = """
            {"cut":"straight-skirt","way":"house","measures":{"waistGirth":711.2,"hipGirth":965.2,"hipDepth":203.2},
             "settings":{"hipEase":25.4,"length":600},
             "cloth":{"stretch":0.0,"width":1500,"folded":true,"oneWay":false}}""";

    private final Client demo = Application.demo();

    private Client.Answer preview(String body) {
        return demo.send("POST", "/api/drafts/preview", body);
    }

    @Test
    void the_same_request_gives_the_same_answer_byte_for_byte() {
        assertThat(preview(SOUND).response().body())
                .isEqualTo(preview(SOUND).response().body());
    }

    @Test
    void a_redraw_may_ask_for_the_panels_alone_and_no_remedies() {
        String banded = "{\"cut\":\"straight-skirt\",\"with\":[\"straight-band\"],"
                + "\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2,\"hipDepth\":203.2},"
                + "\"settings\":{\"length\":900%s}%s}";
        JsonNode whole = preview(banded.formatted(",\"hemTaper\":40", "")).json();
        JsonNode redrawn = preview(banded.formatted(",\"hemTaper\":40", ",\"pieces\":\"panels\",\"remedies\":false"))
                .json();
        assertThat(pieces(whole)).containsExactly("front", "back", "band");
        assertThat(pieces(redrawn)).containsExactly("front", "back");
        assertThat(redrawn.get("joins").findValuesAsString("other")).noneMatch(edge -> edge.startsWith("band."));
        assertThat(redrawn.get("facts")).isEqualTo(whole.get("facts"));
        assertThat(remedies(whole)).as("somewhere it is off, with remedies").isPositive();
        assertThat(remedies(redrawn)).isZero();
        assertThat(redrawn.get("checks").findValuesAsString("verdict"))
                .isEqualTo(whole.get("checks").findValuesAsString("verdict"));
        assertThat(preview(banded.formatted("", ",\"pieces\":\"some\"")).status())
                .isEqualTo(422);
    }

    @Test
    void a_redraw_under_the_hand_leaves_out_what_rests_on_guesses_and_what_other_ways_would_give() {
        String hung = "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2}%s}";
        JsonNode whole = preview(hung.formatted("")).json();
        JsonNode quick =
                preview(hung.formatted(",\"guesses\":false,\"rivals\":false")).json();
        assertThat(said(whole, "rivals")).isPositive();
        assertThat(said(whole, "guesses")).isPositive();
        assertThat(said(quick, "rivals")).isZero();
        assertThat(said(quick, "guesses")).isZero();
        assertThat(quick.get("facts")).isEqualTo(whole.get("facts"));
        assertThat(quick.get("pieces")).isEqualTo(whole.get("pieces"));
    }

    @Test
    void a_redraw_under_the_hand_has_every_piece_as_it_is_sewn_and_not_how_it_is_cut() {
        String hung = "{\"cut\":\"straight-skirt\",\"with\":[\"straight-band\"],"
                + "\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2}%s}";
        JsonNode whole = preview(hung.formatted("")).json();
        JsonNode sewn = preview(hung.formatted(",\"pieces\":\"sewn\"")).json();
        assertThat(sewn.get("pieces")).hasSameSizeAs(whole.get("pieces"));
        for (int i = 0; i < sewn.get("pieces").size(); i++) {
            assertThat(sewn.get("pieces").get(i).get("sewLine"))
                    .isEqualTo(whole.get("pieces").get(i).get("sewLine"));
            assertThat(whole.get("pieces").get(i).get("cutLine")).isNotEmpty();
            assertThat(sewn.get("pieces").get(i).get("cutLine")).isEmpty();
        }
        assertThat(sewn.get("steps")).isEqualTo(whole.get("steps"));
        assertThat(sewn.get("joins")).isEqualTo(whole.get("joins"));
        assertThat(whole.get("making")).isNotEmpty();
        assertThat(sewn.get("making")).isEmpty();
    }

    @Test
    void the_line_alone_is_drawn_where_the_whole_draft_draws_it_to_a_thousandth_and_says_nothing_of_it() {
        String hung = "{\"cut\":\"classic-trousers\",\"with\":[\"straight-band\"],"
                + "\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2,\"outsideLeg\":1030}}";
        JsonNode whole = preview(hung).json();
        JsonNode line = demo.send("POST", "/api/drafts/line", hung).json();
        assertThat(line.get("steps")).hasSameSizeAs(whole.get("steps"));
        for (int i = 0; i < line.get("steps").size(); i++) {
            JsonNode drawn = line.get("steps").get(i);
            for (String same : List.of("id", "value", "kind", "setting")) {
                assertThat(drawn.get(same)).isEqualTo(whole.get("steps").get(i).get(same));
            }
            assertSeenAlike(drawn.get("draws"), whole.get("steps").get(i).get("draws"));
            assertThat(drawn.get("working")).isNull();
        }
        assertThat(pieces(line)).containsExactlyElementsOf(pieces(whole).toList());
        for (int i = 0; i < line.get("pieces").size(); i++) {
            assertSeenAlike(line.get("pieces").get(i), whole.get("pieces").get(i));
        }
        assertThat(line.get("levels")).isEqualTo(whole.get("levels"));
        assertThat(line.get("made")).isEqualTo(whole.get("made"));
        assertThat(line.get("joins").findValuesAsString("one"))
                .hasSameElementsAs(whole.get("joins").findValuesAsString("one"));
        assertThat(line.get("checks")).isNull();
    }

    /** Whether all that one tells is told by the other too, places to a thousandth of a millimetre. */
    private static void assertSeenAlike(JsonNode seen, JsonNode whole) {
        if (seen.isNumber()) {
            assertThat(seen.asDouble()).isCloseTo(whole.asDouble(), within(0.0005));
        } else if (seen.isArray()) {
            assertThat(seen).hasSameSizeAs(whole);
            for (int i = 0; i < seen.size(); i++) {
                assertSeenAlike(seen.get(i), whole.get(i));
            }
        } else if (seen.isObject()) {
            seen.propertyStream().forEach(p -> assertSeenAlike(p.getValue(), whole.get(p.getKey())));
        } else {
            assertThat(seen).isEqualTo(whole);
        }
    }

    private static int said(JsonNode draft, String what) {
        return draft.get("steps")
                .valueStream()
                .mapToInt(step -> step.get(what).size())
                .sum();
    }

    private static Stream<String> pieces(JsonNode draft) {
        return draft.get("pieces").valueStream().map(piece -> piece.get("id").asString());
    }

    private static int remedies(JsonNode draft) {
        return draft.get("checks")
                .valueStream()
                .mapToInt(check -> check.get("remedies").size())
                .sum();
    }

    @Test
    void trousers_carry_the_contracts_names_too() {
        JsonNode draft = preview("{\"cut\":\"classic-trousers\",\"measures\":{\"waistGirth\":711.2,\"hipGirth\":1016,"
                        + "\"hipDepth\":203.2,\"bodyRise\":266.7,\"crotchLength\":701,\"outsideLeg\":1028.7}}")
                .json();
        assertThat(draft.get("facts").propertyNames())
                .contains(
                        "crotch.depth",
                        "crotch.extension.front",
                        "crotch.extension.back",
                        "back.rise",
                        "back.in",
                        "back.hip.in",
                        "fork.drop",
                        "crease.front",
                        "thigh.width.front",
                        "knee.width.back",
                        "hem.width.front",
                        "inseam.front",
                        "inseam.back",
                        "side.front",
                        "crotch.curve.front",
                        "crotch.curve.back",
                        "crotch.curve.total");
        assertThat(draft.get("facts").get("crotch.extension.front").asDouble()).isCloseTo(63.5, within(1e-9));
        assertThat(draft.get("checks").findValuesAsString("id"))
                .containsExactly(
                        "crotch.length",
                        "crotch.depth",
                        "inseam.meets",
                        "side.meets",
                        "waist.closes",
                        "waist.fits",
                        "centre.front",
                        "hip.closes",
                        "hip.fits",
                        "joins.smooth",
                        "darts.sound",
                        "thigh.room",
                        "knee.fits",
                        "crease.plumb",
                        "sits",
                        "enters",
                        "hem.passes.heel",
                        "length.suits",
                        "notches.meet",
                        "band.fits",
                        "hem.turns",
                        "seams.hold",
                        "cloth.wide.enough");
        assertThat(draft.get("pieces").findValuesAsString("id")).contains("front", "back");
        assertThat(draft.get("pieces").get(0).get("seams").findValuesAsString("id"))
                .contains("inseam", "crotch", "fly");
    }

    @Test
    void facts_steps_pieces_and_checks_carry_the_contracts_names() {
        JsonNode draft = preview(SOUND).json();
        assertThat(draft.get("facts").propertyNames())
                .contains(
                        "hip.quarter.front",
                        "hip.quarter.back",
                        "waist.quarter.front",
                        "dart.intake.back",
                        "dart.count.front",
                        "dart.length.front",
                        "dart.place.back",
                        "side.inset.front",
                        "centre.back.in",
                        "centre.front.drop",
                        "centre.back.drop",
                        "side.rise",
                        "hip.depth",
                        "length",
                        "hem.quarter.front",
                        "hem.girth");
        assertThat(draft.get("facts").get("hip.quarter.front").asDouble()).isCloseTo(9.5 * 25.4, within(1e-9));
        assertThat(draft.get("checks").findValuesAsString("id"))
                .containsExactly(
                        "waist.closes",
                        "waist.fits",
                        "centre.front",
                        "hip.closes",
                        "hip.fits",
                        "side.meets",
                        "joins.smooth",
                        "darts.sound",
                        "strides",
                        "enters",
                        "length.suits",
                        "notches.meet",
                        "centre.back.marked",
                        "band.fits",
                        "hem.turns",
                        "seams.hold",
                        "cloth.wide.enough");
        JsonNode step = draft.get("steps")
                .valueStream()
                .filter(s -> s.get("id").asString().equals("hip.quarter.front"))
                .findFirst()
                .orElseThrow();
        assertThat(step.get("formula").asString()).isEqualTo("(hip + hip ease) ÷ 4 − hip allocation");
        assertThat(step.get("working").get(1).get("name").asString()).isEqualTo("hip");
        assertThat(step.get("working").get(1).get("value").asDouble()).isEqualTo(965.2);
        assertThat(step.get("working").get(2).propertyNames()).containsExactly("op");
        assertThat(step.get("overridden").asBoolean()).as("hip ease was given").isTrue();
        assertThat(step.get("draws").size()).isPositive();
    }

    @Test
    void seams_tell_their_segments_and_their_partners() {
        JsonNode draft = preview(SOUND).json();
        for (JsonNode piece : draft.get("pieces")) {
            Set<Integer> used = new HashSet<>();
            for (JsonNode seam : piece.get("seams")) {
                double length = 0;
                for (JsonNode index : seam.get("segments")) {
                    assertThat(used.add(index.asInt())).isTrue();
                    JsonNode s = piece.get("sewLine").get(index.asInt());
                    if (s.get("type").asString().equals("line")) {
                        length += Math.hypot(
                                s.get("to").get(0).asDouble()
                                        - s.get("from").get(0).asDouble(),
                                s.get("to").get(1).asDouble()
                                        - s.get("from").get(1).asDouble());
                    } else {
                        length = Double.NaN;
                    }
                }
                if (!Double.isNaN(length)) {
                    assertThat(seam.get("length").asDouble()).isCloseTo(length, within(1e-6));
                }
            }
            assertThat(used).hasSize(piece.get("sewLine").size());
            if (!Set.of("front", "back").contains(piece.get("panel").asString())) {
                continue;
            }
            assertThat(piece.get("seams").findValuesAsString("pairsWith"))
                    .contains(piece.get("panel").asString().equals("front") ? "back.side" : "front.side");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "{\"measures\":{\"waistGirth\":700,\"hipGirth\":900}}; cut",
                "{\"cut\":\"ballgown\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900}}; cut",
                "{\"cut\":\"straight-skirt\"}; measures",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"hipGirth\":900}}; measures.waistGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":0,\"hipGirth\":900}}; measures.waistGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":-700,\"hipGirth\":900}}; measures.waistGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":90000}}; measures.hipGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":28,\"hipGirth\":38}}; measures.waistGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":\"38 1/2\"}}; "
                        + "measures.hipGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":1e999}}; measures.hipGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":\"NaN\"}}; "
                        + "measures.hipGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":[900]}}; measures.hipGirth",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900,\"nose\":3}}; "
                        + "measures.nose",
                "{\"cut\":\"straight-skirt\",\"way\":\"bauhaus\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900}}; "
                        + "way",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"settings\":{\"swing\":3}}; settings.swing",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"settings\":{\"hipEase\":\"much\"}}; settings.hipEase",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"settings\":{\"hipEase\":99999}}; settings.hipEase",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"settings\":{\"dartPlan\":7}}; settings.dartPlan",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"settings\":{\"length\":150}}; settings.length",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"cloth\":{\"width\":3}}; cloth.width",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},"
                        + "\"cloth\":{\"stretch\":\"lots\"}}; cloth.stretch",
                "{\"cut\":\"straight-skirt\",\"measures\":{\"waistGirth\":700,\"hipGirth\":900},\"surprise\":1}; "
                        + "surprise",
                "{\"cut\":{},\"measures\":{\"waistGirth\":700,\"hipGirth\":900}}; cut",
                "{\"cut\":\"straight-skirt\",\"measures\":7}; measures",
            })
    void what_is_wrong_is_told_at_its_field(String body, String field) {
        var answer = preview(body);
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(answer.header("content-type")).startsWith("application/problem+json");
        assertThat(answer.json().get("errors").findValuesAsString("field")).contains(field);
    }

    @Test
    void what_is_no_json_is_told_so() {
        String deep =
                "{\"cut\":\"straight-skirt\",\"measures\":" + "{\"a\":".repeat(20_000) + "1" + "}".repeat(20_000) + "}";
        for (String body : List.of(
                "",
                "{",
                "[]",
                "null",
                "7",
                "\"x\"",
                "[".repeat(50_000),
                deep,
                "{\"cut\":\"" + "x".repeat(3_000_000) + "\"}")) {
            var answer = preview(body);
            assertThat(answer.status())
                    .as(body.substring(0, Math.min(20, body.length())))
                    .isBetween(400, 499);
            assertThat(answer.header("content-type")).startsWith("application/problem+json");
        }
    }

    @Test
    void absent_and_null_parts_take_the_cuts_defaults() {
        Map<String, Object> bare = new HashMap<>();
        bare.put("cut", "straight-skirt");
        bare.put("way", null);
        bare.put("settings", null);
        bare.put("cloth", null);
        bare.put("measures", Map.of("waistGirth", 711.2, "hipGirth", 965.2));
        JsonNode draft = demo.post("/api/drafts/preview", bare).json();
        assertThat(draft.get("way").asString()).isEqualTo("house");
        assertThat(draft.get("facts").get("length").asDouble()).isEqualTo(600);
        assertThat(draft.get("estimates").findValuesAsString("measure")).contains("hipDepth");
    }

    @Test
    void joins_say_what_is_sewn_to_what_and_notches_how_far_along_they_lie() {
        JsonNode draft = demo.send(
                        "POST",
                        "/api/drafts/preview",
                        "{\"cut\":\"classic-trousers\","
                                + "\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2,\"outsideLeg\":1030}}")
                .json();
        JsonNode inseam = draft.get("joins")
                .valueStream()
                .filter(j -> j.get("seam").asString().equals("inseam"))
                .findFirst()
                .orElseThrow();
        assertThat(inseam.get("one").asString()).isEqualTo("front.inseam");
        assertThat(inseam.get("other").asString()).isEqualTo("back.inseam");
        assertThat(inseam.get("kind").asString()).isEqualTo("sewn");
        assertThat(inseam.get("to").asDouble()).isCloseTo(inseam.get("length").asDouble(), within(1e-9));
        for (JsonNode piece :
                List.of(draft.get("pieces").get(0), draft.get("pieces").get(1))) {
            assertThat(piece.get("layer").asString()).isEqualTo("shell");
            String other = piece.get("id").asString().equals("front") ? "back" : "front";
            assertThat(piece.get("seams")
                            .valueStream()
                            .filter(s -> s.get("id").asString().equals("inseam"))
                            .findFirst()
                            .orElseThrow()
                            .get("pairsWith")
                            .asString())
                    .isEqualTo(other + ".inseam");
            assertThat(piece.get("marks")
                            .valueStream()
                            .filter(m -> m.get("text").asString().equals("knee"))
                            .map(m -> m.get("along").asDouble()))
                    .hasSize(2)
                    .allMatch(along -> along > 0);
        }
    }
}
