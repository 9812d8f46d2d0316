package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.measure.Sheet;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.Way;
import brightplumb.core.rule.Ways;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Women's size intervals, bust / waist / hip in cm (published: EN 13402-3, from memory), drafted in every way. */
class StandardSizesTest {

    private static final double[][] SIZES = {
        {76, 60, 84},
        {80, 64, 88},
        {84, 68, 92},
        {88, 72, 96},
        {92, 76, 100},
        {96, 80, 104},
        {100, 84, 108},
        {104, 88, 112},
        {110, 94.5, 117},
        {116, 101, 122}
    };

    static Stream<Arguments> sizesInEveryWay() {
        return Stream.of(SIZES).flatMap(size -> Ways.SKIRT.stream().map(way -> Arguments.of(size, way)));
    }

    private static Drafted draft(double[] size, Way way) {
        Sheet sheet = Sheet.ofMillimetres(
                Map.of(BUST_GIRTH, size[0] * 10, WAIST_GIRTH, size[1] * 10, HIP_GIRTH, size[2] * 10, HIP_DEPTH, 203.0));
        return Drafting.draft(DraftRequest.of("straight-skirt", way.id(), sheet, Map.of(), Cloth.WOVEN));
    }

    @ParameterizedTest
    @MethodSource("sizesInEveryWay")
    void every_size_drafts_true_in_every_way(double[] size, Way way) {
        assertThat(draft(size, way).checks())
                .filteredOn(c -> !c.id().id().equals("strides"))
                .allSatisfy(c -> assertThat(c.verdict()).as(c.id().id()).isIn(Bodies.straight(c)));
    }

    @ParameterizedTest
    @MethodSource("sizesInEveryWay")
    void what_the_quarter_gives_up_is_what_centre_darts_and_side_take(double[] size, Way way) {
        Drafted d = draft(size, way);
        for (String panel : List.of("front", "back")) {
            double in = panel.equals("back")
                    ? d.draft().fact(new Fact("centre.back.in")).value()
                    : 0;
            double hip = d.draft().fact(new Fact("hip.quarter." + panel)).value();
            double shares = in
                    + d.draft().fact(new Fact("waist.quarter." + panel)).value()
                    + d.draft().fact(new Fact("dart.intake." + panel)).value()
                    + d.draft().fact(new Fact("side.inset." + panel)).value();
            assertThat(shares).isCloseTo(hip, within(1e-9));
        }
    }

    @ParameterizedTest
    @MethodSource("sizesInEveryWay")
    void darts_stop_an_inch_above_the_hip_and_stand_clear_of_the_edges(double[] size, Way way) {
        Drafted d = draft(size, way);
        d.draft()
                .pieces()
                .forEach(piece -> piece.darts().forEach(dart -> {
                    assertThat(dart.point().y()).isLessThanOrEqualTo(203 - 25.4 + 1e-9);
                    assertThat(dart.inner().x()).isGreaterThan(5);
                    double sideX = piece.edges().get(1).run().get(0).from().x();
                    assertThat(dart.outer().x()).isLessThan(sideX - 5);
                }));
    }
}
