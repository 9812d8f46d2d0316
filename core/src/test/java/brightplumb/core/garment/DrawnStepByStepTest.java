package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Drawn;
import brightplumb.core.paper.Step;
import brightplumb.core.rule.Way;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The working as it grows on the paper: what each step draws, and when. */
class DrawnStepByStepTest {

    /** What is drawn for each dart, for each panel, or along an edge is not one length. */
    private static final Set<String> NOT_ONE_LENGTH = Set.of(
            "dart.intake.front",
            "dart.intake.back",
            "dart.length.front",
            "dart.length.back",
            "bodice.dart.front",
            "bodice.dart.back",
            "hem.girth",
            "knee.girth",
            "zip.length",
            "lace.length");

    /** What is cut on the fold, or half of it on the front and half on the back, is laid off in parts. */
    private static final Set<String> IN_PARTS = Set.of("band.waist", "band.round", "band.length", "peplum.inner");

    /** What is traced from a panel has no amounts of its own. */
    private static final Set<String> NO_AMOUNT = Set.of("bodice-lining", "suit-lining");

    /** The chest line is raised where the armhole would reach the bust, which is said. */
    private static final double RAISED = 25.4;

    static Stream<Arguments> ways() {
        return Catalogue.CUTS.stream().flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut.id(), way)));
    }

    private static Stream<Drafted> bodies(String cut, Way way) {
        return Stream.of(0, 60, 120, 180, 240)
                .map(i -> {
                    Map<Measure, Double> mm = new EnumMap<>(OnePiece.her());
                    if (!Catalogue.of(cut).orElseThrow().group().equals(Group.ONE_PIECE)) {
                        return DraftRequest.of(
                                cut, way.id(), Bodies.withDepths(Bodies.all().get(i)), Map.of(), null);
                    }
                    mm.merge(Measure.WAIST_GIRTH, i / 8.0, Double::sum);
                    mm.merge(Measure.HIP_GIRTH, i / 8.0, Double::sum);
                    return DraftRequest.of(cut, way.id(), Sheet.ofMillimetres(mm), Map.of(), null);
                })
                .map(Drafting::draft);
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("ways")
    void an_amount_is_laid_off_as_long_as_it_is_said(String cut, Way way) {
        bodies(cut, way).forEach(drafted -> {
            for (Step step : drafted.draft().steps()) {
                if (NOT_ONE_LENGTH.contains(step.fact().id())
                        || IN_PARTS.contains(step.fact().id())
                        || step.fact().id().startsWith("crotch.guide")) {
                    continue;
                }
                double near = step.fact().id().equals("armhole.level") ? RAISED : 1;
                for (Drawn drawn : measures(step)) {
                    assertThat(Curves.length(drawn.run()))
                            .as(step.fact().id() + " on " + drawn.sheet())
                            .isBetween(
                                    Math.abs(step.amount().value()) - near,
                                    Math.abs(step.amount().value()) + near);
                }
            }
        });
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("ways")
    void what_is_laid_off_in_parts_comes_to_what_is_said_on_both_halves_of_the_body(String cut, Way way) {
        bodies(cut, way)
                .forEach(drafted -> drafted.draft().steps().stream()
                        .filter(s -> IN_PARTS.contains(s.fact().id()))
                        .forEach(step -> {
                            double sum = measures(step).stream()
                                    .mapToDouble(d -> Curves.length(d.run()))
                                    .sum();
                            assertThat(List.of(sum, 2 * sum))
                                    .as(step.fact().id())
                                    .anyMatch(
                                            all -> Math.abs(all - step.amount().value()) < 1);
                        }));
    }

    /** Where a length, a width or a depth of a made piece lies is known, for it was drawn by it. */
    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("ways")
    void what_an_operation_makes_is_laid_off_on_what_it_made(String cut, Way way) {
        bodies(cut, way)
                .forEach(drafted -> drafted.made().stream()
                        .filter(m -> m.done() && !m.effect().pieces().isEmpty())
                        .filter(m -> !NO_AMOUNT.contains(m.operation().id()))
                        .forEach(m -> assertThat(drafted.draft().steps().stream()
                                        .filter(s -> m.effect()
                                                .steps()
                                                .contains(s.fact().id()))
                                        .flatMap(s -> measures(s).stream())
                                        .toList())
                                .as(m.operation().id())
                                .isNotEmpty()));
    }

    private static List<Drawn> measures(Step step) {
        return step.drawn().stream().filter(d -> d.role() == Drawn.Role.MEASURE).toList();
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("ways")
    void something_is_on_the_paper_from_the_second_step_and_levels_are_ruled_before_anything_lies_on_them(
            String cut, Way way) {
        bodies(cut, way).forEach(drafted -> {
            List<Step> steps = drafted.draft().steps();
            assertThat(steps.subList(0, 2)).anyMatch(s -> !s.drawn().isEmpty());
            Set<Double> ruled = new HashSet<>();
            for (Step step : steps) {
                step.drawn().stream()
                        .filter(d -> d.role() == Drawn.Role.LEVEL)
                        .forEach(d -> ruled.add(d.run().get(0).from().y()));
                if (step.fact().id().startsWith("hip.quarter")) {
                    assertThat(ruled)
                            .as(step.fact().id())
                            .contains(drafted.draft().level("hip").orElseThrow());
                }
            }
            drafted.draft().levels().forEach(l -> assertThat(ruled).as(l.name()).contains(l.y()));
        });
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("ways")
    void the_front_is_drawn_before_the_back_is_begun(String cut, Way way) {
        bodies(cut, way).forEach(drafted -> {
            List<String> drawn = drafted.draft().steps().stream()
                    .flatMap(s -> s.drawn().stream())
                    .filter(d -> d.role() == Drawn.Role.OUTLINE)
                    .map(Drawn::sheet)
                    .filter(sheet -> sheet.equals("front") || sheet.equals("back"))
                    .toList();
            assertThat(drawn.indexOf("back"))
                    .as("lines of the front before the first of the back")
                    .isGreaterThan(2);
        });
    }
}
