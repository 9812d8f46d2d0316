package brightplumb.core.garment;

import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.Allowance;
import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Panel;
import brightplumb.core.working.Fact;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** What each skirt of the catalogue is known by. Common practice, no source. */
class SkirtCutsTest {

    private static final double INCH = 25.4;
    private static final Offset<Double> EXACT = within(1e-6);
    private static final Sheet BODY = Sheet.ofMillimetres(Map.of(
            WAIST_GIRTH,
            28 * INCH,
            HIP_GIRTH,
            38 * INCH,
            HIP_DEPTH,
            9 * INCH,
            KNEE_DEPTH,
            23 * INCH,
            OUTSIDE_LEG,
            40 * INCH));

    private static Drafted draft(String cut) {
        return Drafting.draft(DraftRequest.of(cut, null, BODY, Map.of(), null));
    }

    private static double inches(Drafted drafted, String fact) {
        return drafted.draft().fact(new Fact(fact)).value() / INCH;
    }

    private static java.util.List<String> marks(Drafted drafted) {
        return drafted.draft().panel(Panel.BACK).marks().stream()
                .map(Mark::text)
                .toList();
    }

    @Test
    void slit_pencil_comes_in_at_side_and_centre_and_is_slit_eight_inches() {
        Drafted d = draft("slit-pencil");
        assertThat(inches(d, "hem.quarter.front")).isCloseTo(inches(d, "hip.quarter.front") - 1.5, EXACT);
        assertThat(inches(d, "hem.quarter.back")).isCloseTo(inches(d, "hip.quarter.back") - 2.5, EXACT);
        assertThat(marks(d)).contains("slit top", "zip end");
    }

    @Test
    void seat_shaped_skirt_gives_its_band_the_top_and_comes_in_under_the_seat() {
        Drafted d = draft("seat-shaped-skirt");
        assertThat(inches(d, "hip.depth")).isCloseTo(7.5, EXACT);
        assertThat(inches(d, "length")).isCloseTo(21.5, EXACT);
        assertThat(inches(d, "hem.quarter.back")).isCloseTo(inches(d, "hip.quarter.back") - 1 - 1.25, EXACT);
        assertThat(d.pieces().get(0).allowances().get("side").outside()).isCloseTo(INCH, EXACT);
    }

    @Test
    void darted_pencil_raises_the_side_and_drops_the_back() {
        Drafted d = draft("darted-pencil");
        assertThat(inches(d, "side.rise")).isCloseTo(0.75, EXACT);
        assertThat(inches(d, "centre.back.drop")).isCloseTo(0.5, EXACT);
        assertThat(inches(d, "dart.length.front")).isCloseTo(4, EXACT);
        assertThat(inches(d, "hem.quarter.front")).isCloseTo(8.5, EXACT);
    }

    @Test
    void round_back_pencil_stands_upright_over_the_seat() {
        Drafted d = draft("round-back-pencil");
        assertThat(inches(d, "centre.back.in")).isCloseTo(0.5, EXACT);
        assertThat(inches(d, "dart.length.back")).isCloseTo(7, EXACT);
        assertThat(inches(d, "hem.quarter.back")).isCloseTo(9.5 - 1.5 - 0.5, EXACT);
        var centre = Curves.reversed(
                d.draft().panel(Panel.BACK).require(EdgeRole.CENTRE_BACK).run());
        assertThat(Curves.xAtLevel(centre, 10.5 * INCH).orElseThrow()).isCloseTo(0, within(0.01));
    }

    @Test
    void half_block_skirt_is_cut_in_eighths() {
        Drafted d = draft("half-block-skirt");
        assertThat(d.pieces().get(1).allowances())
                .containsEntry("centre.back.zip", new Allowance(0.75 * INCH, 0, false))
                .containsEntry("side", new Allowance(0.5 * INCH, 0, false))
                .containsEntry("hem", new Allowance(1.25 * INCH, 0, true));
    }

    @Test
    void knit_pencil_has_no_dart_and_no_zip_and_is_made_of_stretch_cloth() {
        Drafted d = draft("knit-pencil");
        assertThat(d.request().cloth().stretches()).isTrue();
        assertThat(d.draft().panel(Panel.FRONT).darts()).isEmpty();
        assertThat(d.draft().panel(Panel.BACK).edge(EdgeRole.CENTRE_BACK_ZIP)).isEmpty();
        assertThat(inches(d, "waist.quarter.front"))
                .as("the hip, 38, goes through it at a stretch of 0.4 when each side is sewn half an inch in")
                .isCloseTo((38 / 1.4 + 2) / 4, EXACT);
        assertThat(inches(d, "hip.quarter.front")).isCloseTo(9.5, EXACT);
        var side = d.draft().panel(Panel.FRONT).require(EdgeRole.SIDE).run();
        assertThat(Curves.xAtLevel(side, 8 * INCH).orElseThrow())
                .as("the hip's width is kept below the hip")
                .isCloseTo(9.5 * INCH, within(1.0));
    }

    @Test
    void lined_pencil_has_long_front_darts_and_a_hollow_back() {
        Drafted d = draft("lined-pencil");
        assertThat(inches(d, "dart.length.front")).isCloseTo(6, EXACT);
        assertThat(inches(d, "centre.back.in")).isCloseTo(1, EXACT);
        assertThat(inches(d, "length")).isCloseTo(23, EXACT);
    }

    @Test
    void ankle_pencil_is_narrowest_above_the_knee_and_straight_from_there() {
        Drafted d = draft("ankle-pencil");
        var side = d.draft().panel(Panel.FRONT).require(EdgeRole.SIDE).run();
        double hem = inches(d, "hem.quarter.front") * INCH;
        assertThat(inches(d, "length")).isCloseTo(40, EXACT);
        assertThat(Curves.xAtLevel(side, 24 * INCH).orElseThrow()).isCloseTo(hem, within(0.01));
        assertThat(Curves.xAtLevel(side, 39 * INCH).orElseThrow()).isCloseTo(hem, within(0.01));
        assertThat(Curves.xAtLevel(side, 15 * INCH).orElseThrow()).isGreaterThan(hem + 3);
        assertThat(inches(d, "hem.quarter.back")).isCloseTo(inches(d, "hip.quarter.back") - 1, EXACT);
        assertThat(marks(d)).contains("slit top");
    }

    @Test
    void a_slit_never_reaches_the_hip() {
        Drafted d = Drafting.draft(
                DraftRequest.of("ankle-pencil", null, BODY, Map.of("length", 500.0, "kneeLevel", 450.0), null));
        assertThat(d.draft().steps())
                .filteredOn(s -> s.fact().id().equals("slit"))
                .allSatisfy(s -> assertThat(s.amount().value()).isLessThan(500 - 9 * INCH - 50));
    }
}
