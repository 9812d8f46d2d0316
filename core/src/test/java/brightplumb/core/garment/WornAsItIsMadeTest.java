package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Fold;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What bands, folds and linings come to once they are sewn, measured on the pieces alone. Common practice, no source.
 */
class WornAsItIsMadeTest {

    private static final double INCH = 25.4;

    private static Draft draft(String cut, Bodies.Row row, Map<String, Object> settings, String... with) {
        return Drafting.drawn(DraftRequest.of(
                        cut,
                        null,
                        Bodies.withDepths(row),
                        settings,
                        null,
                        new MadeWith(Set.of(with), Set.of(MadeWith.ALL))))
                .draft();
    }

    /** All of an edge round the body, the mouths of darts and folds shut. */
    private static double round(Piece piece, EdgeRole role) {
        var edge = piece.require(role);
        double open = Stream.concat(
                        piece.darts().stream().map(d -> List.of(d.inner(), d.outer())),
                        piece.folds().stream()
                                .map(f -> List.of(
                                        f.out().get(0).from(), f.back().get(0).from())))
                .mapToDouble(gap -> Curves.nearest(edge.run(), gap.get(1)).along()
                        - Curves.nearest(edge.run(), gap.get(0)).along())
                .sum();
        return (edge.length() - open) * copies(piece);
    }

    private static int copies(Piece piece) {
        return piece.copies() instanceof Copies.Singles ? 1 : 2;
    }

    private static double waist(Draft draft) {
        return draft.pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL && p.edge(EdgeRole.WAIST).isPresent())
                .mapToDouble(p -> round(p, EdgeRole.WAIST))
                .sum();
    }

    static Stream<String> everyCut() {
        return Catalogue.CUTS.stream().map(Cut::id);
    }

    /**
     * A ring of stretch cloth holds by itself: an inch shorter than her waist, and no longer than what is sewn half an
     * inch inside each side.
     */
    private static boolean holds(String cut, String kind) {
        return cut.equals("knit-pencil") && kind.equals("ring");
    }

    @ParameterizedTest
    @MethodSource("everyCut")
    void a_straight_band_is_as_long_as_the_waist_it_is_sewn_to_and_its_underlap(String cut) {
        for (Bodies.Row row : Bodies.inTurn(cut.hashCode())) {
            Draft bare = draft(cut, row, Map.of());
            assumeThat(bare.with(EdgeRole.WAIST)).isNotEmpty();
            // A waist that a bodice is sewn to takes no band.
            assumeThat(bare.with(BodiceEdges.WAIST_SEAM)).isEmpty();
            for (String kind : List.of("open", "lapped", "ring")) {
                Draft banded = draft(cut, row, Map.of("bandKind", kind, "bandOverlap", 30.0), "straight-band");
                Piece band = banded.piece(PieceId.of("band"));
                EdgeRole lower = new EdgeRole("lower", "");
                double length = band.edges().stream()
                                .filter(e -> e.role().id().equals(lower.id()))
                                .mapToDouble(e -> e.length())
                                .sum()
                        * copies(band);
                assertThat(length)
                        .as(row.id() + " " + kind)
                        .isCloseTo(
                                holds(cut, kind)
                                        ? Math.min(
                                                waist(bare) - 4 * 12.7,
                                                row.sheet()
                                                                .reading(Measure.WAIST_GIRTH)
                                                                .orElseThrow()
                                                                .length()
                                                                .mm()
                                                        - 25.4)
                                        : waist(bare) + (kind.equals("lapped") ? 30 : 0),
                                within(1e-6));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("everyCut")
    void a_shaped_band_is_as_long_beneath_as_the_edge_it_is_sewn_to(String cut) {
        Tried tried = new Tried();
        for (Bodies.Row row : Bodies.inTurn(cut.hashCode())) {
            Optional<Draft> shaped = tried.draft(() -> draft(cut, row, Map.of(), "shaped-band"));
            if (shaped.isEmpty()) {
                continue;
            }
            Draft banded = shaped.get();
            for (Join join : banded.joins()) {
                if (join.kind() == Join.Kind.SEWN) {
                    assertThat(Curves.length(banded.layer(join, 0)) - Curves.length(banded.layer(join, 1)))
                            .as(row.id() + " " + join.seam())
                            .isCloseTo(join.eased(), within(1e-6));
                }
            }
            assertThat(banded.pieces().stream().filter(p -> p.panel().equals(Panel.BAND)))
                    .as("of shell, with its facing")
                    .hasSizeGreaterThanOrEqualTo(2);
        }
        tried.allButOneOrNone();
    }

    @ParameterizedTest
    @CsvSource({"box-fold-palazzo, 76.2", "box-fold-palazzo, 152.4", "palazzo, 101.6", "classic-trousers, 76.2"})
    void folded_shut_a_box_folds_hip_thigh_and_hem_are_the_blocks(String cut, double width) {
        int folded = 0;
        for (Bodies.Row row : Bodies.quarterInTurn((int) width)) {
            // One front dart or none is what a fold can take with it.
            Map<String, Object> one = Map.of("dartsFront", "one");
            Map<String, Object> wide = Map.of("dartsFront", "one", "foldWidth", width);
            Draft block;
            Draft draft;
            try {
                draft = draft(cut, row, wide, "box-fold");
                block = draft(cut, row, one);
            } catch (Refusal refusal) {
                continue;
            }
            folded++;
            Piece open = draft.panel(Panel.FRONT);
            Piece before = block.panel(Panel.FRONT);
            double top = before.require(EdgeRole.WAIST).run().get(0).from().y();
            double foot = before.require(EdgeRole.HEM).run().get(0).from().y();
            List<String> levels = new ArrayList<>(List.of("hip", "crotch", "knee"));
            levels.removeIf(name -> level(block, name) < top + 1 || level(block, name) > foot - 1);
            for (String name : levels) {
                double y = level(block, name);
                assertThat(across(open, y) - away(open.folds().get(0), y))
                        .as(row.id() + " " + name)
                        .isCloseTo(across(before, y), within(0.5));
            }
            assertThat(open.require(EdgeRole.HEM).length() - width)
                    .as(row.id() + " hem")
                    .isCloseTo(before.require(EdgeRole.HEM).length(), within(0.5));
        }
        assertThat(folded)
                .as("most bodies can have it")
                .isGreaterThan(Bodies.quarterInTurn((int) width).size() * 6 / 10);
    }

    private static double level(Draft draft, String name) {
        return draft.levels().stream()
                .filter(l -> l.name().equals(name))
                .mapToDouble(l -> l.y())
                .findFirst()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    /** How wide a piece is at a level. */
    private static double across(Piece piece, double y) {
        List<Double> xs = new ArrayList<>();
        for (Segment s : piece.sewLine()) {
            Curves.xAtLevel(List.of(s), y).ifPresent(xs::add);
        }
        return Collections.max(xs) - Collections.min(xs);
    }

    /** What a fold takes at a level. */
    private static double away(Fold fold, double y) {
        return Curves.xAtLevel(fold.back(), y).orElseThrow()
                - Curves.xAtLevel(fold.out(), y).orElseThrow();
    }

    /**
     * Shell and lining joined at the hem, turned, waists level: both together are one loop of cloth, and its fold lies
     * half-way.
     */
    @ParameterizedTest
    @CsvSource({"2, 0, 0.5", "2, 0.5, 0.5", "1.5, 0, 0.25", "1, 0, 0.5", "3, 1, 0.5"})
    void a_bagged_lining_turns_so_that_the_hem_is_where_it_was_drawn(double shellHem, double liningHem, double join) {
        for (Bodies.Row row : Bodies.some()) {
            Draft draft = draft(
                    "lined-pencil",
                    row,
                    Map.of(
                            "lining",
                            "panel",
                            "hemAllowance",
                            shellHem * INCH,
                            "liningHem",
                            liningHem * INCH,
                            "liningJoin",
                            join * INCH),
                    "lining");
            Piece shell = draft.panel(Panel.FRONT);
            Piece lining = draft.piece(PieceId.of("lining", Half.FRONT));
            double drawn = shell.require(EdgeRole.CENTRE_FRONT).length();
            double outer = drawn + (shellHem - join) * INCH;
            double inner = lining.require(EdgeRole.CENTRE_FRONT).length() + (liningHem - join) * INCH;
            double fold = (outer + inner) / 2;
            double tooLong = (shellHem + liningHem) / 2 - join;
            assertThat(fold - drawn)
                    .as(row.id() + ": what the hems have beyond the join is given up, and where it has none nothing is")
                    .isCloseTo(Math.min(0, tooLong) * INCH, within(0.3));
            assertThat(outer - fold)
                    .as("turned inside")
                    .isCloseTo((tooLong < 0 ? (shellHem - liningHem) / 2 : shellHem - join) * INCH, within(0.3));
        }
    }
}
