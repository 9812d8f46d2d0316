package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.check;
import static brightplumb.core.garment.OnePiece.drafted;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.making.Planned;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Stretch;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A step says how far from the raw edge its seam is sewn, measured here on the drawing; what is let out is in it. */
class SewnFromRawEdgeTest {

    static Stream<String> cuts() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void a_seam_sewn_where_its_step_says_lies_on_the_line_it_was_drawn_on(String cut) {
        Drafted drafted = drafted(cut, null, her(), Map.of("letOut", 19.0));
        Map<String, Double> turned = new HashMap<>();
        for (Planned.Step step :
                Making.of(drafted, drafted.request().cut().order()).steps()) {
            shell(drafted, step).forEach(s -> {
                double raw = fromRawEdge(drafted, s) - turned.getOrDefault(s.name(), 0.0);
                if (step.step().turned() > 0) {
                    turned.merge(s.name(), step.step().turned(), Double::sum);
                } else {
                    assertThat(step.widths())
                            .as(step.step().title() + ", " + s.name())
                            .anySatisfy(w -> assertThat(w).isCloseTo(raw, within(0.3)));
                }
            });
        }
    }

    /** The edges of the shell that a step sews. */
    private static List<Stretch> shell(Drafted drafted, Planned.Step step) {
        return drafted.draft().joins().stream()
                .filter(j -> step.step().seams().contains(j.seam()) && j.kind() != Join.Kind.LAID)
                .flatMap(j -> j.layers().stream())
                .flatMap(run -> run.stretches().stream())
                .filter(s -> drafted.draft().piece(s.piece()).layer() == Layer.SHELL)
                .toList();
    }

    /** From the middle of the drawn edge straight out to the cut line, and what it is sewn inside by. */
    private static double fromRawEdge(Drafted drafted, Stretch stretch) {
        CutPiece cut = drafted.pieces().stream()
                .filter(p -> p.piece().id().equals(stretch.piece()))
                .findFirst()
                .orElseThrow();
        Edge edge = cut.piece().require(stretch.role(), stretch.nth());
        Curves.Along middle = Curves.along(edge.run(), (stretch.from() + stretch.to()) / 2);
        Point outward = middle.direction().turned().times(-1);
        return cut.cutLine().stream()
                        .flatMapToDouble(s -> Curves.crossing(s, middle.at(), outward).stream()
                                .map(t -> s.at(t).minus(middle.at()).dot(outward)))
                        .filter(away -> away > -0.01)
                        .min()
                        .orElseThrow()
                + cut.allowance(edge).inside();
    }

    /** Side 2, sewn 1: the raw edge lies two inches out, an inch of which is kept. */
    @Test
    void let_out_is_told_with_the_distance_from_the_raw_edge() {
        Planned.Step sides = step(drafted("tailored-shorts", "house", her(), Map.of()), "side");
        assertThat(sides.widths().get(sides.widths().size() - 1)).isEqualTo(2 * INCH);
        assertThat(sides.letOut()).isEqualTo(INCH);
        Planned.Step none = step(drafted("classic-trousers", "house", her(), Map.of()), "side");
        assertThat(none.letOut()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"side", "inseam", "shoulder"})
    void a_romper_cut_on_its_line_closes_each_seam_half_an_inch_inside_it(String seam) {
        assertThat(step(drafted("pull-on-romper", "house", her(), Map.of()), seam)
                        .widths())
                .containsExactly(INCH / 2);
    }

    /** Two shoulder edges on the way round the trunk, an inseam on each panel of the leg; in cloth that gives half. */
    @ParameterizedTest
    @CsvSource({"trunk.length, -20", "thigh.room, -30", "neck.fits, -40"})
    void what_is_sewn_inside_the_line_is_missing_from_the_girth_and_the_loop(String id, double missing) {
        Map<String, Object> set = Map.of("crotchDepth", 340.0, "hipEase", 20.0);
        Drafted on = drafted("pull-on-romper", "house", her(), with(set, 0));
        Drafted inside = drafted("pull-on-romper", "house", her(), with(set, 10));
        assertThat(check(inside, id).measured() - check(on, id).measured()).isCloseTo(missing, within(0.01));
    }

    private static Map<String, Object> with(Map<String, Object> set, double inside) {
        Map<String, Object> all = new HashMap<>(set);
        all.put("seamSewnIn", inside);
        return all;
    }

    private static Planned.Step step(Drafted drafted, String seam) {
        return Making.of(drafted, drafted.request().cut().order()).steps().stream()
                .filter(s ->
                        s.step().seams().stream().anyMatch(each -> each.id().equals(seam)))
                .findFirst()
                .orElseThrow();
    }
}
