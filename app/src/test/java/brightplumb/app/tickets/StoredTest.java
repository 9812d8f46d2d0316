package brightplumb.app.tickets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.rule.Drape;
import brightplumb.formats.sheet.BenchSheet;
import brightplumb.formats.sheet.DrawnPattern;
import java.io.InputStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Rows as earlier engines wrote them open, draft and print: those of the first format were taken from a running
 * workroom, those of the others are written in the shape of their time. A new format brings a file of its own.
 */
class StoredTest {

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final Stored stored = new Stored(JSON);
    private final DrawnPatterns patterns = new DrawnPatterns(JSON);

    private static JsonNode corpus(int format) {
        try (InputStream rows = StoredTest.class.getResourceAsStream("/stored/format-" + format + ".json")) {
            return JSON.readTree(rows);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    static Stream<JsonNode> firstRevisions() {
        return corpus(1).get("revisions").valueStream();
    }

    static Stream<JsonNode> firstTickets() {
        return corpus(1).get("tickets").valueStream();
    }

    @ParameterizedTest
    @MethodSource("firstTickets")
    void a_cloth_from_before_cloths_fell_opens(JsonNode ticket) {
        var cloth = stored.cloth(ticket.get("cloth").toString(), 1);
        assertThat(cloth.drape()).isEqualTo("medium");
        assertThat(cloth.stretch()).isEqualTo(ticket.get("cloth").get("stretch").asDouble());
        assertThat(stored.cloth(stored.write(cloth), Stored.FORMAT))
                .as("and is kept as today's")
                .isEqualTo(cloth);
    }

    @Test
    void a_cloth_from_before_prints_had_to_match_is_plain_and_washed() {
        String kept = "{\"stretch\":0.1,\"width\":1140,\"folded\":false,\"oneWay\":true,\"drape\":\"soft\"}";
        var cloth = stored.cloth(kept, 3);
        assertThat(cloth.repeat()).isZero();
        assertThat(cloth.shrinkage()).isZero();
        assertThat(cloth.width()).isEqualTo(1140);
        assertThat(stored.cloth(stored.write(cloth), Stored.FORMAT)).isEqualTo(cloth);
    }

    @Test
    void a_cloth_from_before_it_was_pulled_along_stretches_both_ways_alike_and_hides_what_lies_beneath() {
        String kept = "{\"stretch\":0.4,\"width\":1500,\"folded\":true,\"oneWay\":false,"
                + "\"drape\":\"soft\",\"repeat\":0,\"shrinkage\":0}";
        var cloth = stored.cloth(kept, 4);
        assertThat(cloth.stretchAlong()).isEqualTo(0.4);
        assertThat(cloth.sheer()).isFalse();
        assertThat(stored.cloth(stored.write(cloth), Stored.FORMAT)).isEqualTo(cloth);
    }

    @ParameterizedTest
    @MethodSource("firstRevisions")
    void a_request_from_before_drafts_and_its_pattern_comes_back_as_it_was_kept(JsonNode revision) {
        var request = stored.request(revision.get("request").toString(), 1);
        Drafted drafted = Drafting.draft(request.read());
        assertThat(drafted.request().cloth().drape()).isEqualTo(Drape.MEDIUM);
        DrawnPattern drawn = DrawnPattern.of(drafted);
        DrawnPattern back = patterns.read(patterns.write(drawn));
        assertThat(back).isEqualTo(drawn);
        assertThat(BenchSheet.of(back)).isEqualTo(BenchSheet.of(drawn));
        assertThat(stored.request(stored.write(request), Stored.FORMAT)).isEqualTo(request);
    }

    @ParameterizedTest
    @CsvSource({
        "tailored-shorts, house, bench",
        "lounge-shorts, arc, bench",
        "tailored-shorts, quarter, quarter",
        "classic-trousers, house, house"
    })
    void a_request_from_before_garments_were_made_whole_is_its_block_in_the_way_it_was_drafted(
            String cut, String way, String today) {
        var request = stored.request(
                "{\"cut\":\"" + cut + "\",\"way\":\"" + way
                        + "\","
                        + "\"measures\":{\"waistGirth\":711.2,\"hipGirth\":965.2,"
                        + "\"bodyRise\":266.7,\"outsideLeg\":1030},"
                        + "\"settings\":{},"
                        + "\"cloth\":{\"stretch\":0,\"width\":1500,\"folded\":true,\"oneWay\":false,"
                        + "\"drape\":\"soft\"}}",
                2);
        Drafted drafted = Drafting.draft(request.read());
        assertThat(drafted.request().way().id()).isEqualTo(today);
        assertThat(drafted.request().cloth().drape()).isEqualTo(Drape.SOFT);
        assertThat(drafted.pieces())
                .extracting(p -> p.piece().id().toString())
                .as("and no band, pocket or lining that nobody cut")
                .containsExactly("front", "back");
    }

    @Test
    void a_pattern_from_before_pieces_had_lines_inside_comes_back_without_any() {
        JsonNode revision = corpus(1).get("revisions").get(0);
        DrawnPattern drawn = DrawnPattern.of(Drafting.draft(
                stored.request(revision.get("request").toString(), 1).read()));
        ObjectNode older = (ObjectNode) JSON.readTree(patterns.write(drawn));
        older.get("pieces").forEach(piece -> ((ObjectNode) piece).remove("inner"));
        assertThat(patterns.read(older.toString())).isEqualTo(drawn);
    }

    static IntStream formats() {
        return IntStream.rangeClosed(1, Stored.FORMAT);
    }

    @ParameterizedTest
    @MethodSource("formats")
    void of_every_format_there_was_tickets_and_revisions_open_draft_and_are_kept_as_todays(int format) {
        corpus(format).get("tickets").forEach(ticket -> {
            var cloth = stored.cloth(ticket.get("cloth").toString(), format);
            assertThat(stored.cloth(stored.write(cloth), Stored.FORMAT)).isEqualTo(cloth);
        });
        assertThat(corpus(format).get("revisions")).isNotEmpty().allSatisfy(revision -> {
            var request = stored.request(revision.get("request").toString(), format);
            assertThat(Drafting.draft(request.read()).pieces()).isNotEmpty();
            assertThat(stored.request(stored.write(request), Stored.FORMAT)).isEqualTo(request);
        });
    }

    @ParameterizedTest
    @MethodSource("formats")
    void what_a_format_did_not_know_yet_is_not_in_its_rows(int format) {
        corpus(format).get("tickets").forEach(ticket -> {
            JsonNode cloth = ticket.get("cloth");
            assertThat(cloth.has("drape")).isEqualTo(format >= 2);
            assertThat(ticket.has("without")).isEqualTo(format >= 3);
            assertThat(cloth.has("repeat")).isEqualTo(format >= 4);
            assertThat(cloth.has("stretchAlong")).isEqualTo(format >= 5);
            assertThat(cloth.has("frays")).isEqualTo(format >= 6);
        });
    }

    @Test
    void what_a_newer_application_wrote_is_not_guessed_at() {
        assertThatThrownBy(() -> stored.cloth("{}", Stored.FORMAT + 1)).hasMessageContaining("newer");
    }
}
