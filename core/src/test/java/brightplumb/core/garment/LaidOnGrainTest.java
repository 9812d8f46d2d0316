package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;

import brightplumb.core.garment.Lays.Asked;
import brightplumb.core.garment.Lays.Cutting;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.lay.Lay;
import brightplumb.core.lay.Lay.Placement;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.rule.Cloth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What is traced off a panel lies on the panel's grain, or on its own fold's, and is laid as the panel is. */
class LaidOnGrainTest {

    private static final List<String> TRACED = List.of("band", "facing", "armhole-facing", "collar");

    private static Drafted with(Cut cut, String operation) {
        return Drafting.draft(DraftRequest.of(
                cut.id(), null, Sheet.ofMillimetres(her()), Map.of(), null, new MadeWith(Set.of(operation), Set.of())));
    }

    @TestFactory
    Stream<DynamicTest> facings_collars_and_shaped_bands_lie_on_the_grain_of_the_panel_or_of_their_fold() {
        return Stream.of("facing", "shaped-band", "flat-collar")
                .map(operation -> DynamicTest.dynamicTest(operation, () -> {
                    Tried tried = new Tried();
                    int seen = 0;
                    for (Cut cut : Catalogue.CUTS) {
                        Optional<Drafted> drafted = tried.draft(() -> with(cut, operation));
                        if (drafted.isEmpty()) {
                            continue;
                        }
                        for (Piece piece : drafted.get().draft().pieces()) {
                            Optional<Piece> panel = tracedOff(drafted.get(), piece);
                            if (panel.isPresent()) {
                                seen++;
                                Point way = piece.grain().direction(0);
                                Point wanted = piece.copies() instanceof Copies.OnFold fold
                                        ? chord(piece.require(fold.role()).run())
                                        : panel.get().grain().direction(0);
                                assertThat(Math.abs(way.cross(wanted)))
                                        .as(cut.id() + " " + piece.id())
                                        .isLessThan(0.005);
                                assertThat(Outlines.inside(
                                                        piece.sewLine(),
                                                        piece.grain().from())
                                                && Outlines.inside(
                                                        piece.sewLine(),
                                                        piece.grain().to()))
                                        .as(cut.id() + " " + piece.id())
                                        .isTrue();
                            }
                        }
                    }
                    assertThat(seen).isGreaterThan(3);
                }));
    }

    private static Point chord(List<Segment> run) {
        return run.get(run.size() - 1).to().minus(run.get(0).from()).unit();
    }

    /** The panel that a facing, a band or a collar was traced off. */
    private static Optional<Piece> tracedOff(Drafted drafted, Piece piece) {
        if (piece.layer() != Layer.SHELL
                || piece.edges().size() > 1 && piece.lines().stream().anyMatch(l -> l.id().equals("fold"))) {
            return Optional.empty();
        }
        return drafted.draft().pieces().stream()
                .filter(p -> p.panel().isMain() && p.layer() == Layer.SHELL)
                .filter(p -> TRACED.stream()
                        .anyMatch(t -> t.equals("collar")
                                ? piece.id().equals(PieceId.of(t))
                                        && p.id().half().equals(Optional.of(Half.FRONT))
                                : piece.id().equals(p.id().with(t))))
                .findFirst();
    }

    @Test
    void a_shaped_band_cut_twice_on_the_fold_is_laid_on_the_fold_of_the_cloth() {
        Lay lay = laid(with(Catalogue.of("straight-skirt").orElseThrow(), "shaped-band"), 1);
        List<Placement> fronts = placed(lay, "band-front");
        assertThat(fronts).hasSize(2).allMatch(Placement::onFold);
    }

    @Test
    void bindings_of_several_garments_are_cut_two_at_a_time_on_folded_cloth() {
        assertThat(placed(
                        laid(with(Catalogue.of("round-neck-bodysuit").orElseThrow(), "bias-binding"), 4),
                        "neck-binding"))
                .hasSize(2);
    }

    private static List<Placement> placed(Lay lay, String piece) {
        return lay.placements().stream()
                .filter(p -> p.piece().toString().equals(piece))
                .toList();
    }

    private static Lay laid(Drafted drafted, int copies) {
        return Lays.of(
                List.of(new Cutting("", drafted)),
                new Cloth(0, 1500, true, false),
                new Asked(Layer.SHELL, copies, List.of(), List.of(), false, Optional.of(10)));
    }
}
