package brightplumb.core.truing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Group;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.table.Check;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Each inspection of a leg sees the fault it is there for: sound trousers are spoiled by one amount, and the right
 * plumb line leans.
 */
class LegChecksTest {

    private static final Sheet BODY = Bodies.withDepths(Bodies.all().get(10));

    private static Drafted draft(String cut, String way, Map<String, Object> settings) {
        return Drafting.draft(DraftRequest.of(cut, way, BODY, settings, null));
    }

    private static Check check(Drafted drafted, String id) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_house_drafts_trousers_true_throughout() {
        assertThat(draft("classic-trousers", "house", Map.of()).checks())
                .allSatisfy(c -> assertThat(c.verdict()).as(c.id().id()).isEqualTo(Verdict.TRUE));
    }

    static Stream<Arguments> spoiled() {
        return Stream.of(
                Arguments.of("crotch.length", Map.of("backRise", 0.0), Verdict.OFF, -1),
                Arguments.of("crotch.length", Map.of("backRise", 90.0), Verdict.OFF, 1),
                Arguments.of("crotch.depth", Map.of("riseEase", -25.0), Verdict.OFF, -1),
                Arguments.of("crotch.depth", Map.of("riseEase", 55.0), Verdict.WATCH, 1),
                Arguments.of("crotch.depth", Map.of("riseEase", 80.0), Verdict.OFF, 1),
                Arguments.of("inseam.meets", Map.of("forkDrop", 0.0), Verdict.OFF, 1),
                Arguments.of("inseam.meets", Map.of("forkDrop", 30.0), Verdict.OFF, -1),
                Arguments.of("hip.closes", Map.of("frontHipOut", 12.0), Verdict.WATCH, 1),
                Arguments.of("thigh.room", Map.of("backExtension", 40.0, "frontExtension", 25.0), Verdict.OFF, -1),
                Arguments.of("crease.plumb", Map.of("backLegAdd", 60.0, "backSideAdd", -20.0), Verdict.OFF, 1),
                Arguments.of("sits", Map.of("backRise", 5.0), Verdict.OFF, -1),
                Arguments.of("enters", Map.of("closure", "none"), Verdict.OFF, -1),
                Arguments.of("hem.passes.heel", Map.of("hem", 240.0), Verdict.OFF, -1));
    }

    @ParameterizedTest
    @MethodSource("spoiled")
    void a_spoiled_amount_leans_its_own_plumb_line(
            String id, Map<String, Object> settings, Verdict verdict, int direction) {
        Check check = check(draft("classic-trousers", "house", settings), id);
        assertThat(check.verdict()).as(check.text().toString()).isEqualTo(verdict);
        assertThat(check.cause().toString()).isNotBlank();
        if (direction != 0) {
            assertThat(Math.signum(check.difference())).isEqualTo(direction);
        }
    }

    @Test
    void a_gathered_waist_is_inspected_with_its_elastic() {
        Drafted shorts = draft("lounge-shorts", "arc", Map.of());
        assertThat(check(shorts, "waist.closes").text().toString()).contains("passes the hip");
        assertThat(check(shorts, "elastic.reaches").verdict()).isEqualTo(Verdict.TRUE);
        assertThat(check(draft("lounge-shorts", "arc", Map.of("elasticStretch", 0.2)), "elastic.reaches")
                        .verdict())
                .isEqualTo(Verdict.OFF);
        assertThat(shorts.checks()).noneMatch(c -> c.id().id().equals("hem.passes.heel"));
    }

    @Test
    void without_the_tape_between_the_legs_nobody_says_whether_the_loop_is_long_enough() {
        Map<Measure, Double> mm = new EnumMap<>(Measure.class);
        BODY.readings()
                .forEach((measure, reading) -> mm.put(measure, reading.length().mm()));
        mm.remove(Measure.CROTCH_LENGTH);
        Check loop = check(
                Drafting.draft(DraftRequest.of("classic-trousers", "house", Sheet.ofMillimetres(mm), Map.of(), null)),
                "crotch.length");
        assertThat(loop.verdict()).isEqualTo(Verdict.NOT_TAKEN);
        assertThat(loop.remedies()).isEmpty();
        assertThat(loop.evidence().exhibit().strokes()).isNotEmpty();
    }

    @Test
    void the_loop_is_shown_as_it_was_measured_joined_at_the_fork() {
        Drafted drafted = draft("classic-trousers", "house", Map.of());
        Check loop = check(drafted, "crotch.length");
        List<Exhibit.Stroke> strokes = loop.evidence().exhibit().strokes();
        List<Segment> front = of(strokes, Exhibit.Ink.FRONT);
        List<Segment> back = of(strokes, Exhibit.Ink.BACK);
        assertThat(Curves.length(front) + Curves.length(back)).isCloseTo(loop.measured(), within(1e-6));
        Point fork = front.get(front.size() - 1).to();
        assertThat(back.get(back.size() - 1).to().distance(fork)).isLessThan(1e-6);
    }

    private static List<Segment> of(List<Exhibit.Stroke> strokes, Exhibit.Ink ink) {
        return strokes.stream()
                .filter(s -> s.ink() == ink)
                .findFirst()
                .orElseThrow()
                .run();
    }

    static Stream<Arguments> everyLegCutInEveryWay() {
        return Catalogue.CUTS.stream()
                .filter(cut -> cut.group() != Group.SKIRTS)
                .flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut, way.id())));
    }

    @ParameterizedTest
    @MethodSource("everyLegCutInEveryWay")
    void every_inspection_has_figures_and_finite_lines_to_show(Cut cut, String way) {
        for (Check check : draft(cut.id(), way, Map.of()).checks()) {
            Exhibit exhibit = check.evidence().exhibit();
            assertThat(check.evidence().figures()).as(check.id().id()).isNotEmpty();
            assertThat(exhibit.strokes())
                    .as(check.id().id())
                    .isNotEmpty()
                    .allSatisfy(s -> assertThat(Curves.length(s.run())).isFinite());
            assertThat(exhibit.notes())
                    .allSatisfy(n -> assertThat(n.at().x() + n.at().y()).isFinite());
        }
    }
}
