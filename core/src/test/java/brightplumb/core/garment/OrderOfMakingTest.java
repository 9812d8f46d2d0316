package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightplumb.core.making.Planned;
import brightplumb.core.making.Sequence;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The order of making: what must come first comes first, and nothing is sewn twice or forgotten, in every habit. */
class OrderOfMakingTest {

    private static final Sheet SHE = Sheet.ofMillimetres(Map.of(
            Measure.WAIST_GIRTH,
            711.2,
            Measure.HIP_GIRTH,
            965.2,
            Measure.HIP_DEPTH,
            203.2,
            Measure.BODY_RISE,
            266.7,
            Measure.OUTSIDE_LEG,
            1028.7,
            Measure.BUST_GIRTH,
            914.4,
            Measure.SHOULDER_WIDTH,
            390.0));

    @TestFactory
    Stream<DynamicTest> every_join_is_sewn_once_and_no_step_comes_before_what_it_needs() {
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    for (Bodies.Row row : Bodies.few()) {
                        Drafted drafted = Bodies.drafted(cut.id(), null, row);
                        for (Sequence habit : Making.habits(cut)) {
                            sound(drafted, Making.of(drafted, habit));
                        }
                    }
                }));
    }

    @TestFactory
    Stream<DynamicTest> whatever_a_hand_adds_can_be_made() {
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    Tried tried = new Tried();
                    for (Operation operation : Catalogue.OPERATIONS) {
                        tried.draft(() -> drafted(cut, operation))
                                .ifPresent(drafted ->
                                        Making.habits(cut).forEach(habit -> sound(drafted, Making.of(drafted, habit))));
                    }
                    tried.draftedAtLeast(10);
                }));
    }

    @Test
    void what_a_step_waits_for_is_a_step_or_a_seam_that_some_garment_has() {
        Set<StepId> steps = new HashSet<>();
        Set<Seam> seams = new HashSet<>();
        List<MakingStep> all = new ArrayList<>();
        Tried tried = new Tried();
        for (Cut cut : Catalogue.CUTS) {
            for (Operation operation : Catalogue.OPERATIONS) {
                tried.draft(() -> drafted(cut, operation)).ifPresent(drafted -> {
                    List.of(cut.order(), Sequence.PANELS_FIRST, Sequence.LEG_FIRST)
                            .forEach(habit -> Making.of(drafted, habit).steps().forEach(s -> all.add(s.step())));
                    drafted.draft().joins().forEach(j -> seams.add(j.seam()));
                });
            }
        }
        tried.draftedAtLeast(380);
        all.forEach(step -> steps.add(step.id()));
        assertThat(all).allSatisfy(step -> {
            assertThat(steps).as(step.id().id()).containsAll(step.after());
            assertThat(seams).as(step.id().id()).containsAll(step.afterSeams());
        });
    }

    private static Drafted drafted(Cut cut, Operation operation) {
        return Drafting.draft(
                DraftRequest.of(cut.id(), null, SHE, Map.of(), null, new MadeWith(Set.of(operation.id()), Set.of())));
    }

    private static void sound(Drafted drafted, Planned planned) {
        List<Seam> sewn = new ArrayList<>();
        Set<StepId> done = new HashSet<>();
        Set<StepId> all = new HashSet<>();
        planned.steps().forEach(s -> all.add(s.step().id()));
        assertThat(all).hasSameSizeAs(planned.steps());
        for (Planned.Step here : planned.steps()) {
            MakingStep step = here.step();
            assertThat(done).as(step.id() + " by " + planned.sequence().id()).containsAll(here.after());
            assertThat(step.how())
                    .as(step.id().id())
                    .isNotEmpty()
                    .allSatisfy(how -> assertThat(how.toString()).isNotBlank().endsWith("."));
            assertThat(here.widths()).as(step.id().id()).allMatch(w -> w >= 0);
            sewn.addAll(step.seams());
            done.add(step.id());
        }
        assertThat(sewn).doesNotHaveDuplicates();
        assertThat(drafted.draft().joins()).extracting(Join::seam).allMatch(sewn::contains);
        assertThat(sewn)
                .allMatch(seam ->
                        drafted.draft().joins().stream().anyMatch(j -> j.seam().equals(seam)));
    }

    @Test
    void habits_differ_in_what_closes_last() {
        Drafted trousers = Drafting.draft(DraftRequest.of("classic-trousers", null, SHE, Map.of(), null));
        assertThat(seams(Making.of(trousers, Sequence.LEG_FIRST)))
                .containsExactly(
                        "fly.front",
                        "fly.facing",
                        "fly.shield",
                        "side",
                        "inseam",
                        "crotch.front",
                        "crotch.back",
                        "waist");
        assertThat(seams(Making.of(trousers, Sequence.CROTCH_FIRST)))
                .containsSubsequence("fly.front", "crotch.front", "crotch.back", "side", "inseam", "waist");
        assertThat(seams(Making.of(trousers, Sequence.SIDES_LAST))).endsWith("side", "waist");
        assertThat(Making.of(trousers, Sequence.PANELS_FIRST).steps())
                .extracting(s -> s.step().id().id())
                .containsSubsequence("crotch.front", "crotch.back", "hem", "side", "inseam", "crotch.close");
    }

    private static List<String> seams(Planned planned) {
        return planned.steps().stream()
                .flatMap(s -> s.step().seams().stream())
                .map(Seam::id)
                .toList();
    }

    @Test
    void a_band_waits_for_the_sides_it_crosses_whatever_the_habit() {
        Drafted shorts = Drafting.draft(DraftRequest.of("shorts-block", null, SHE, Map.of(), null));
        for (Sequence habit : Sequence.ALL) {
            assertThat(seams(Making.of(shorts, habit))).containsSubsequence("side", "waist");
        }
    }

    @Test
    void an_edge_that_was_bagged_with_its_lining_is_sewn_by_so_much_less_afterwards() {
        Planned lined = Making.of(
                Drafting.draft(DraftRequest.of("lined-pencil", null, SHE, Map.of(), null)),
                Catalogue.of("lined-pencil").orElseThrow().order());
        // Handbook §7: lining seam ½, then the side 1: two passes.
        assertThat(step(lined, "lining.bag").widths()).containsExactly(12.7);
        assertThat(step(lined, "side").widths()).containsExactly(25.4);
    }

    @Test
    void a_seam_is_sewn_at_the_allowance_that_was_added_to_it() {
        Planned made = Making.of(
                Drafting.draft(DraftRequest.of("straight-skirt", null, SHE, Map.of("sideAllowance", 20.0), null)),
                Sequence.LEG_FIRST);
        assertThat(step(made, "side").widths()).containsExactly(20.0);
        Planned knit = Making.of(
                Drafting.draft(DraftRequest.of("knit-pencil", null, SHE, Map.of(), null)), Sequence.SIDES_LAST);
        assertThat(step(knit, "side").widths()).containsExactly(25.4);
    }

    private static Planned.Step step(Planned planned, String id) {
        return planned.steps().stream()
                .filter(s -> s.step().id().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_is_in_hand_is_drawn_wherever_pieces_are() {
        for (Cut cut : Catalogue.CUTS) {
            Drafted drafted = Drafting.draft(DraftRequest.of(cut.id(), null, SHE, Map.of(), null));
            Making.of(drafted, cut.order()).steps().stream()
                    .filter(s ->
                            !s.step().seams().isEmpty() || !s.step().pieces().isEmpty())
                    .forEach(s -> assertThat(s.exhibit().strokes())
                            .as(cut.id() + " " + s.step().id())
                            .isNotEmpty());
        }
    }

    @Test
    void a_fused_piece_is_fused_before_anything_is_sewn_to_it() {
        Drafted palazzo = Drafting.draft(DraftRequest.of("box-fold-palazzo", null, SHE, Map.of(), null));
        assertThat(palazzo.draft().pieces()).anyMatch(p -> p.layer() == Layer.FUSING);
        for (Sequence habit : Making.habits(Catalogue.of("box-fold-palazzo").orElseThrow())) {
            List<Work> works = Making.of(palazzo, habit).steps().stream()
                    .map(s -> s.step().work())
                    .toList();
            assertThat(works.indexOf(Work.FUSE)).isLessThan(works.indexOf(Work.BAND));
        }
    }

    @Test
    void a_facing_is_turned_in_at_the_edge_that_it_is_sewn_to() {
        Planned.Step waist = step(made("round-back-pencil"), "facing.on");
        assertThat(waist.step().how()).anyMatch(how -> how.toString().contains("round the waist"));
        assertThat(waist.step().seams()).containsExactly(Seam.of(EdgeRole.WAIST).in("facing"));
        Planned.Step neck = step(made("sweep-jumpsuit"), "facing.on");
        assertThat(neck.step().how()).noneMatch(how -> how.toString().contains("round the waist"));
        assertThat(neck.step().seams()).contains(Seam.of(EdgeRole.NECK).in("facing"));
    }

    private static Planned made(String cut) {
        Cut its = Catalogue.of(cut).orElseThrow();
        return Making.of(Drafting.draft(DraftRequest.of(cut, null, SHE, Map.of(), null)), its.order());
    }

    @Test
    void an_order_names_every_kind_of_work_once() {
        assertThatThrownBy(() -> new Sequence("x", "X", "", List.of(Work.MARK)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
