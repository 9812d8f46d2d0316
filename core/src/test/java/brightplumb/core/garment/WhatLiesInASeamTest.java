package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.drafted;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.making.Planned;
import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Sentence;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Work;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The order of making follows from what lies in a seam: a pocket's mouth, a zip, a gap for the thumb. */
class WhatLiesInASeamTest {

    static final List<Sequence> HABITS = Sequence.ALL;

    private static Drafted with(String cut, Map<String, Object> settings, String... operations) {
        return Drafting.draft(DraftRequest.of(
                cut, null, Sheet.ofMillimetres(her()), settings, null, new MadeWith(Set.of(operations), Set.of())));
    }

    private static int place(Planned planned, StepId id) {
        List<StepId> order = planned.steps().stream().map(s -> s.step().id()).toList();
        assertThat(order).contains(id);
        return order.indexOf(id);
    }

    private static Planned.Step sews(Planned planned, Seam seam) {
        return planned.steps().stream()
                .filter(s -> s.step().seams().contains(seam))
                .findFirst()
                .orElseThrow();
    }

    private static String said(Planned.Step step) {
        return step.step().how().stream().map(Sentence::toString).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @FieldSource("HABITS")
    void a_side_with_a_pocket_in_it_is_sewn_round_the_bag_that_is_on_already(Sequence habit) {
        Planned planned = Making.of(with("classic-trousers", Map.of(), "in-seam-pocket"), habit);
        Planned.Step side = sews(planned, Seam.SIDE);
        assertThat(said(side)).contains("round the bag").doesNotContain("From hem to waist");
        assertThat(side.step().seams()).contains(new Seam("pocket.bag"));
        assertThat(place(planned, side.step().id()))
                .isGreaterThan(place(
                        planned, sews(planned, new Seam("pocket.mouth")).step().id()));
    }

    @ParameterizedTest
    @FieldSource("HABITS")
    void a_side_without_one_is_sewn_from_hem_to_waist(Sequence habit) {
        Planned planned = Making.of(drafted("classic-trousers", null, her(), Map.of()), habit);
        assertThat(said(sews(planned, Seam.SIDE))).contains("From hem to waist");
    }

    @ParameterizedTest
    @FieldSource("HABITS")
    void a_left_zip_is_left_open_in_its_side_and_set_when_the_side_is_sewn(Sequence habit) {
        Planned planned = Making.of(drafted("flap-pocket-shorts", null, her(), Map.of()), habit);
        Planned.Step side = sews(planned, Seam.SIDE);
        assertThat(said(side)).contains("The left side").doesNotContain("From hem to waist");
        assertThat(place(planned, new StepId("zip")))
                .isGreaterThan(place(planned, side.step().id()));
    }

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void a_zip_that_runs_through_a_band_is_set_after_it(String cut) {
        for (Sequence habit : Sequence.ALL) {
            Planned planned = Making.of(drafted(cut, null, her(), Map.of()), habit);
            List<StepId> order =
                    planned.steps().stream().map(s -> s.step().id()).toList();
            if (order.contains(StepId.BAND) && order.contains(new StepId("zip"))) {
                assertThat(order).as(habit.id()).containsSubsequence(StepId.BAND, new StepId("zip"));
            }
        }
    }

    @Test
    void the_gap_for_the_thumb_is_told_where_its_seam_is_sewn() {
        Planned planned = Making.of(
                drafted("funnel-bodysuit", null, her(), Map.of()),
                Catalogue.of("funnel-bodysuit").orElseThrow().order());
        assertThat(said(sews(planned, new Seam("sleeve")))).contains("open between the two notches");
    }

    @ParameterizedTest
    @FieldSource("HABITS")
    void sleeves_that_are_turned_are_hemmed_when_their_seam_is_closed(Sequence habit) {
        Drafted suit = drafted("sleeved-playsuit", null, her(), Map.of());
        assertThat(suit.draft().pieces())
                .anyMatch(p -> p.panel().equals(Panel.SLEEVE)
                        && p.require(EdgeRole.HEM).end() == End.HEM);
        Planned planned = Making.of(suit, habit);
        assertThat(place(planned, new StepId("sleeve.hem")))
                .isGreaterThan(
                        place(planned, sews(planned, new Seam("sleeve")).step().id()));
    }

    @Test
    void a_false_fly_has_its_cloth_from_the_waist_to_beneath_the_turn() {
        Drafted shorts = drafted("drawcord-shorts", null, her(), Map.of());
        CutPiece front = shorts.pieces().stream()
                .filter(p -> p.piece().id().equals(PieceId.of(Half.FRONT)))
                .findFirst()
                .orElseThrow();
        Edge fly = front.piece().require(new EdgeRole("false.fly", "false fly"));
        assertThat(front.allowance(fly).outside()).isCloseTo(1.5 * INCH, within(0.01));
        double straight = fly.run().get(fly.run().size() - 1).length();
        assertThat(fly.length()).isCloseTo(straight + 2 * INCH, within(0.5));
        // Cloth lies on both sides of the seam: 1½ out from the middle of the straight is the cut line.
        Planned planned = Making.of(shorts, Sequence.PANELS_FIRST);
        assertThat(sews(planned, Seam.CROTCH_FRONT).widths()).hasSize(2);
    }

    @Test
    void a_cord_runs_between_two_rows_sewn_before_it_goes_in() {
        Planned planned = Making.of(drafted("drawcord-shorts", null, her(), Map.of()), Sequence.PANELS_FIRST);
        List<StepId> order = planned.steps().stream().map(s -> s.step().id()).toList();
        assertThat(order)
                .containsSubsequence(
                        new StepId("cord.holes"),
                        StepId.BAND,
                        new StepId("elastic"),
                        new StepId("cord.channel"),
                        new StepId("cord"));
    }

    @Test
    void a_peplum_and_its_casing_strip_close_the_top_edge_that_the_lining_leaves_open() {
        Drafted suit = drafted("peplum-jumpsuit", null, her(), Map.of());
        var strip = suit.draft().piece("peplum-casing");
        double ring = OnePiece.fact(suit, "top.ring");
        assertThat(2 * strip.top().length()).isCloseTo(ring, within(0.5));
        for (Sequence habit : Sequence.ALL) {
            Planned planned = Making.of(suit, habit);
            Planned.Step top = sews(planned, new Seam("peplum"));
            assertThat(top.step().seams()).contains(new Seam("peplum.casing"), new Seam("bodice-lining.top"));
            assertThat(place(planned, new StepId("peplum.cased")))
                    .isGreaterThan(place(planned, top.step().id()));
        }
    }

    @Test
    void a_hem_is_chalked_at_the_try_on_only_while_it_is_unsewn() {
        Drafted trousers = drafted("classic-trousers", null, her(), Map.of());
        for (Sequence habit : Sequence.ALL) {
            Planned planned = Making.of(trousers, habit);
            boolean chalked =
                    said(planned.steps().get(place(planned, StepId.TRY_ON))).contains("Chalk the hem");
            assertThat(chalked).as(habit.id()).isEqualTo(place(planned, StepId.HEM) > place(planned, StepId.TRY_ON));
        }
        assertThat(said(Making.of(drafted("shorts-block", null, her(), Map.of()), Sequence.LEG_FIRST).steps().stream()
                        .filter(s ->
                                s.step().work() == Work.TRY_ON && s.step().id().equals(StepId.TRY_ON))
                        .findFirst()
                        .orElseThrow()))
                .contains("both legs level")
                .doesNotContain("floor");
    }
}
