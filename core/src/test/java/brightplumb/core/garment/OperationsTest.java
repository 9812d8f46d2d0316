package brightplumb.core.garment;

import static brightplumb.core.garment.OnHer.field;
import static brightplumb.core.garment.OnHer.piece;
import static brightplumb.core.garment.OnHer.plain;
import static brightplumb.core.garment.OnHer.with;
import static brightplumb.core.garment.OnHer.without;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.making.Planned;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.Operation;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What each operation should keep, it keeps. Amounts are common practice, no source, unless a test says otherwise. */
class OperationsTest {

    private static final double INCH = Length.INCH;

    @Test
    void a_casing_of_two_inches_folded_a_half_and_one_ends_a_half_above_the_drafted_waist() {
        Drafted lounge = with("lounge-shorts", Map.of("channelRoom", 0.0));
        assertThat(Bodies.step(lounge, "casing.top")).isCloseTo(INCH / 2, within(1e-9));
        Piece front = piece(lounge, "front").piece();
        assertThat(front.require(EdgeRole.WAIST).end()).isEqualTo(End.CASING);
        assertThat(piece(lounge, "front")
                        .allowance(front.require(EdgeRole.WAIST))
                        .outside())
                .isCloseTo(2 * INCH, within(1e-9));
        assertThat(Bodies.step(plain("lounge-shorts"), "casing.channel"))
                .as("a channel of an inch pinches an elastic of an inch")
                .isGreaterThan(INCH);
        assertThatThrownBy(() -> with("lounge-shorts", Map.of("elasticWidth", 60.0)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("settings.elasticWidth"));
    }

    @Test
    void a_turn_up_of_an_inch_and_a_half_is_cut_five_wide_and_the_total_is_what_was_asked() {
        Drafted shorts = with("drawcord-shorts", Map.of("length", 18 * INCH));
        CutPiece strip = piece(shorts, "turn-up-front");
        double sewn = strip.piece().edges().get(1).length();
        double seams = strip.allowance(strip.piece().edges().get(0)).outside()
                + strip.allowance(strip.piece().edges().get(2)).outside();
        assertThat(sewn + seams).isCloseTo(5 * INCH, within(1e-6));
        // Total 18, less the band of 2 and the half inch at the join.
        assertThat(shorts.draft().fact(Fact.LENGTH).value()).isCloseTo(15.5 * INCH, within(1e-6));
        Piece front = piece(shorts, "front").piece();
        assertThat(strip.piece().edges().get(0).length())
                .isCloseTo(front.require(EdgeRole.HEM).length(), within(1e-6));
        assertThat(front.require(EdgeRole.HEM).end()).isEqualTo(End.SEWN);
    }

    @Test
    void a_turn_up_cut_in_one_is_mirrored_at_each_of_its_folds() {
        Drafted shorts = with("shorts-block", Map.of("turnUpKind", "in-one", "legShape", "straight"), "turn-up");
        CutPiece front = piece(shorts, "front");
        Piece sewn = front.piece();
        double added = front.allowance(sewn.require(EdgeRole.HEM)).outside();
        assertThat(added).as("twice the turn-up, and an inch of hem").isCloseTo(4 * INCH, within(1e-6));
        double edge = Curves.along(
                        sewn.require(EdgeRole.HEM).run(),
                        sewn.require(EdgeRole.HEM).length() / 2)
                .at()
                .y();
        double[] fold = {1.5 * INCH, 3 * INCH};
        for (double beyond : new double[] {10, 25, 50, 65, 85}) {
            double back = beyond < fold[0] ? beyond : beyond < fold[1] ? fold[1] - beyond : beyond - fold[1];
            assertThat(rightmost(front.cutLine(), edge + beyond))
                    .as("so far below the finished edge: " + beyond)
                    .isCloseTo(rightmost(front.cutLine(), edge - back), within(1.5));
        }
    }

    private static double rightmost(List<Segment> outline, double y) {
        return outline.stream()
                .flatMap(s -> Curves.crossing(s, Point.of(0, y), Point.of(1, 0)).stream()
                        .mapToObj(s::at))
                .mapToDouble(Point::x)
                .max()
                .orElseThrow();
    }

    @Test
    void bands_put_on_flat_are_as_long_as_the_waist_and_the_sides_close_last() {
        Drafted shorts = plain("tailored-shorts");
        for (Join join : shorts.draft().joins()) {
            if (join.seam().id().equals("waist")) {
                assertThat(join.layers().get(1).length())
                        .isCloseTo(join.layers().get(0).length(), within(1e-6));
            }
        }
        List<String> order = Making.of(
                        shorts, Catalogue.of("tailored-shorts").orElseThrow().order())
                .steps()
                .stream()
                .map(s -> s.step().id().id())
                .toList();
        assertThat(order).containsSubsequence("inseam", "hem", "bands.flat", "side", "band");
    }

    @Test
    void a_drawcord_still_ties_when_the_waist_is_drawn_open() {
        Drafted shorts = plain("drawcord-shorts");
        double open = shorts.draft().fact(Fact.BAND_LENGTH).value();
        assertThat(Bodies.step(shorts, "cord.length")).isCloseTo(open + 16 * INCH, within(1e-6));
        assertThat(open).as("as wide as the hip").isGreaterThan(965);
        Piece band = piece(shorts, "band").piece();
        double fold = band.edges().get(1).length() / 2;
        assertThat(band.lines().stream()
                        .filter(l -> l.id().equals("buttonhole"))
                        .flatMap(l -> l.run().stream()))
                .allSatisfy(hole -> {
                    assertThat(hole.from().x()).isCloseTo(INCH, within(1e-9));
                    assertThat(hole.length()).isCloseTo(INCH / 2, within(1e-9));
                    assertThat(hole.from().toward(hole.to(), 0.5).y())
                            .as("the middle of the outer layer")
                            .isCloseTo(fold / 2, within(1e-9));
                });
        assertThatThrownBy(() -> with("classic-trousers", Map.of(), "elastic"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("with"));
    }

    @Test
    void a_fly_has_its_facing_and_its_shield_as_long_as_the_opening() {
        Drafted trousers = plain("classic-trousers");
        double opening = piece(trousers, "front").piece().require(EdgeRole.FLY).length();
        for (Seam seam : List.of(new Seam("fly.facing"), new Seam("fly.shield"))) {
            assertThat(trousers.draft().join(seam).layers())
                    .allSatisfy(run -> assertThat(run.length()).isCloseTo(opening, within(1e-6)));
        }
        assertThat(piece(trousers, "fly-facing-fusing").cut()).isEqualTo(1);
        Drafted palazzo = with("palazzo", Map.of(), "fly");
        assertThat(palazzo.draft().pieces()).extracting(p -> p.id().name()).contains("fly-facing", "fly-shield");
        assertThat(palazzo.draft().pattern().find(new Seam("centre.back.zip.back")))
                .as("a fly takes the zip's place")
                .isEmpty();
    }

    @Test
    void what_a_seam_has_no_room_for_is_named_at_its_field() {
        Map<String, Map<String, Object>> wrong = Map.of(
                "settings.zipLength", Map.of("zipLength", 500.0),
                "settings.allowance.back.crotch", Map.of("allowance.back.crotch", 120.0),
                "settings.crotchAllowance", Map.of("crotchAllowance", 60.0));
        wrong.forEach((field, settings) -> assertThatThrownBy(() -> with("classic-trousers", settings))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo(field)));
        assertThat(piece(with("classic-trousers", Map.of("allowance.back.crotch", 20.0)), "back")
                        .cutLine())
                .isNotEmpty();
        assertThat(with("classic-trousers", Map.of("zipLength", 180.0)).draft().steps())
                .isNotEmpty();
    }

    @Test
    void a_taper_brings_each_side_in_and_a_flare_lets_it_out() {
        double hem = plain("straight-skirt").draft().fact(Fact.HEM_GIRTH).value();
        assertThat(with("straight-skirt", Map.of(), "taper")
                        .draft()
                        .fact(Fact.HEM_GIRTH)
                        .value())
                .isCloseTo(hem - 4 * INCH, within(1e-6));
        assertThat(with("straight-skirt", Map.of("taperBy", -50.0), "taper")
                        .draft()
                        .fact(Fact.HEM_GIRTH)
                        .value())
                .isCloseTo(hem + 200, within(1e-6));
        double front = hem(plain("classic-trousers"));
        assertThat(hem(with("classic-trousers", Map.of(), "taper"))).isLessThan(front - INCH / 2);
    }

    private static double hem(Drafted legs) {
        return piece(legs, "front").piece().require(EdgeRole.HEM).length();
    }

    @Test
    void longer_is_longer_than_whatever_was_asked() {
        double length = plain("straight-skirt").draft().fact(Fact.LENGTH).value();
        assertThat(with("straight-skirt", Map.of(), "lengthen")
                        .draft()
                        .fact(Fact.LENGTH)
                        .value())
                .isCloseTo(length + 2 * INCH, within(1e-9));
        assertThat(with("straight-skirt", Map.of("length", 500.0, "lengthenBy", -40.0), "lengthen")
                        .draft()
                        .fact(Fact.LENGTH)
                        .value())
                .isCloseTo(460, within(1e-9));
    }

    @Test
    void a_facing_has_the_waists_own_shape_with_its_darts_shut() {
        Drafted skirt = plain("round-back-pencil");
        for (String panel : List.of("front", "back")) {
            assertThat(piece(skirt, "facing-" + panel).piece().top().length())
                    .isCloseTo(
                            Run.shut(piece(skirt, panel).piece(), EdgeRole.WAIST)
                                    .length(),
                            within(0.5));
        }
        assertThatThrownBy(
                        () -> with("straight-skirt", Map.of("facingHeight", 120.0, "dartLengthFront", 80.0), "facing"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(field(r)).isEqualTo("settings.facingHeight"));
    }

    @Test
    void a_belt_goes_round_and_laps() {
        Piece belt = piece(with("palazzo", Map.of(), "belt"), "belt").piece();
        assertThat(belt.edges().get(0).length()).isCloseTo(711.2 + 8 * INCH, within(1e-9));
        assertThat(belt.edges().get(1).length()).as("double").isCloseTo(3 * INCH, within(1e-9));
    }

    @Test
    void a_hand_that_adds_or_takes_off_wins_over_a_setting_that_says_otherwise() {
        assertThat(with("straight-skirt", Map.of("slit", 0.0), "slit").draft().steps())
                .anyMatch(s -> s.fact().id().equals("slit"));
        assertThat(without("slit-pencil", Map.of("slit", 150.0), "slit").draft().steps())
                .noneMatch(s -> s.fact().id().equals("slit"));
        assertThat(without("straight-skirt", Map.of(), "zip").draft().pattern().find(new Seam("centre.back.zip")))
                .isEmpty();
        assertThat(with("knit-pencil", Map.of(), "zip").draft().pattern().find(new Seam("centre.back.zip")))
                .isPresent();
        assertThat(without("lounge-shorts", Map.of(), "elastic").draft().steps())
                .noneMatch(s -> s.fact().id().equals("elastic.length"));
    }

    /**
     * Two operations go together, or the second is refused at a field: never a crossed line, and always an order that
     * can be followed.
     */
    @TestFactory
    Stream<DynamicTest> any_two_compose_or_are_refused_at_a_field() {
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    int drawn = 0;
                    List<Operation> all = Catalogue.OPERATIONS;
                    for (int i = 0; i < all.size(); i++) {
                        for (int j = 0; j < i; j++) {
                            Drafted drafted;
                            try {
                                drafted = with(
                                        cut.id(),
                                        Map.of(),
                                        all.get(i).id(),
                                        all.get(j).id());
                            } catch (Refusal refused) {
                                assertThat(refused.faults()).allSatisfy(f -> {
                                    assertThat(f.field().path()).matches("with|settings\\.[a-zA-Z]+");
                                    assertThat(f.message()).isNotBlank();
                                });
                                continue;
                            }
                            drawn++;
                            Planned planned = Making.of(drafted, cut.order());
                            List<Seam> sewn = planned.steps().stream()
                                    .flatMap(s -> s.step().seams().stream())
                                    .toList();
                            assertThat(drafted.draft().joins())
                                    .extracting(Join::seam)
                                    .allMatch(sewn::contains);
                            for (Join join : drafted.draft().joins()) {
                                for (Run layer : join.layers()) {
                                    assertThat(Curves.length(
                                                    drafted.draft().pattern().lines(layer)))
                                            .as(all.get(i).id() + " with "
                                                    + all.get(j).id() + ", " + join.seam())
                                            .isCloseTo(layer.length(), within(1e-6));
                                }
                            }
                        }
                    }
                    // What has no waist takes no bands, casings or pockets.
                    assertThat(drawn).isGreaterThan(cut.group() == Group.ONE_PIECE ? 15 : 60);
                }));
    }
}
