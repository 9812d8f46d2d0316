package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.*;
import static brightplumb.core.measure.Measure.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Verdict;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is sewn to a bodysuit: bindings, sleeves, a funnel, a thumb opening. Amounts are common practice, no source. */
class SuitsMadeTest {

    @Test
    void a_strip_is_as_long_as_the_edges_it_binds() {
        Drafted suit = drafted("round-neck-bodysuit", "house", her(), Map.of());
        Draft draft = suit.draft();
        for (EdgeRole edge : List.of(EdgeRole.NECK, EdgeRole.ARMHOLE, EdgeRole.LEG)) {
            String role = edge.id();
            double along = draft.panel(Panel.FRONT).run(edge, 1).stream()
                            .mapToDouble(Segment::length)
                            .sum()
                    + draft.panel(Panel.BACK).run(edge, 1).stream()
                            .mapToDouble(Segment::length)
                            .sum();
            double strip = draft.piece(role + "-binding").top().length();
            assertThat(strip).isCloseTo(role.equals("neck") ? 2 * along : along, within(1e-6));
        }
        assertThat(draft.pattern().find(new Seam("leg.binding.ends")))
                .as("between the legs it opens, and the strip ends there")
                .isEmpty();
        assertThat(drafted("swim-bodysuit", "house", her(), Map.of())
                        .draft()
                        .pattern()
                        .find(new Seam("leg.binding.ends")))
                .isPresent();
    }

    private static Drafted with(
            String cut, double stretch, Map<Measure, Double> mm, Map<String, Object> settings, String... added) {
        return Drafting.draft(DraftRequest.of(
                cut,
                "house",
                Sheet.ofMillimetres(mm),
                settings,
                new Cloth(stretch, 1500, true, false),
                new MadeWith(Set.of(added), Set.of())));
    }

    @Test
    void a_cap_is_the_armhole_and_the_ease_asked_on_every_body_in_net_and_in_cloth_that_does_not_give() {
        for (Bodies.Row row : Bodies.all()) {
            Map<Measure, Double> mm = new EnumMap<>(Measure.class);
            Bodies.withDepths(row)
                    .readings()
                    .forEach((m, r) -> mm.put(m, r.length().mm()));
            for (double stretch : new double[] {0, 0.45}) {
                Drafted sleeved = with("funnel-bodysuit", stretch, mm, Map.of());
                double ease = stretch == 0 ? 0.75 * INCH : 0;
                assertThat(fact(sleeved, "sleeve.cap.length") - fact(sleeved, "armhole.length"))
                        .as(row.id())
                        .isCloseTo(ease, within(0.5));
                assertThat(fact(sleeved, "sleeve.cap.height"))
                        .isCloseTo(fact(sleeved, "armhole.length") / 4, within(1e-6));
                assertThat(check(sleeved, "sleeve.fits").verdict()).isEqualTo(Verdict.TRUE);
                Piece sleeve = sleeved.draft().piece("sleeve");
                assertThat(sleeve.edges().get(1).length())
                        .isCloseTo(sleeve.edges().get(3).length(), within(1e-9));
            }
        }
    }

    @Test
    void a_strong_arm_holds_the_bicep_and_lowers_the_cap_and_an_arm_no_cap_fits_is_refused() {
        Map<Measure, Double> strong = her();
        strong.put(UPPER_ARM_GIRTH, 15.5 * INCH);
        Drafted held = with("round-neck-bodysuit", 0, strong, Map.of(), "sleeve");
        assertThat(held.draft().notices()).anyMatch(n -> n.id().equals("bicep-held"));
        assertThat(fact(held, "sleeve.bicep")).isCloseTo(17.5 * INCH, within(1e-6));
        assertThat(fact(held, "sleeve.cap.length") - fact(held, "armhole.length"))
                .isCloseTo(0.75 * INCH, within(0.5));
        assertThat(fact(held, "sleeve.cap.height")).isLessThan(fact(held, "armhole.length") / 4);
        Map<Measure, Double> giant = her();
        giant.put(UPPER_ARM_GIRTH, 26 * INCH);
        assertThatThrownBy(() -> with("round-neck-bodysuit", 0, giant, Map.of(), "sleeve"))
                .hasMessageContaining("upperArmGirth");
    }

    /**
     * Handbook: the funnel is cut the neck's length by 4 in, folded to 2, and finishes 1½ with its half inch of seam.
     */
    @Test
    void a_funnel_is_as_long_as_the_neck_and_cut_four_inches_high() {
        Drafted funnel = drafted("funnel-bodysuit", "house", her(), Map.of());
        CutPiece strip = funnel.pieces().stream()
                .filter(p -> p.piece().id().toString().equals("funnel"))
                .findFirst()
                .orElseThrow();
        assertThat(strip.piece().top().length()).isCloseTo(fact(funnel, "neck.opening"), within(1e-6));
        double high = Curves.flattened(strip.cutLine(), 2).stream()
                        .mapToDouble(Point::y)
                        .max()
                        .orElseThrow()
                - Curves.flattened(strip.cutLine(), 2).stream()
                        .mapToDouble(Point::y)
                        .min()
                        .orElseThrow();
        assertThat(high / INCH).isCloseTo(4, within(1e-6));
        assertThat(funnel.draft().pattern().find(new Seam("neck.binding")))
                .as("what stands in a funnel is not bound")
                .isEmpty();
    }

    @Test
    void a_thumb_is_let_through_between_two_notches_above_a_raw_tip() {
        Drafted funnel = drafted("funnel-bodysuit", "house", her(), Map.of());
        Piece sleeve = funnel.draft().piece("sleeve");
        double seam = sleeve.edges().get(1).length();
        List<Double> along = sleeve.marks().stream()
                .filter(m -> m.text().startsWith("thumb"))
                .map(m -> (seam - m.along()) / INCH)
                .distinct()
                .toList();
        assertThat(along).hasSize(2);
        assertThat(along.get(0)).isCloseTo(1, within(1e-6));
        assertThat(along.get(1)).isCloseTo(2.5, within(1e-6));
        assertThat(sleeve.require(EdgeRole.HEM).end()).isEqualTo(End.RAW);
    }
}
