package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Handbook §16.3: each seam edge of each panel moves by so much at the hem, on any leg; a flare widens. */
class TaperedLegsTest {

    static Stream<Arguments> legs() {
        return Catalogue.CUTS.stream()
                .filter(cut -> plain(cut.id(), null).draft().pieces().stream()
                        .anyMatch(p -> p.edge(EdgeRole.INSEAM).isPresent()))
                .flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut.id(), way.id())));
    }

    private static Drafted plain(String cut, String way) {
        return made(cut, way, Map.of(), Set.of());
    }

    private static Drafted tapered(String cut, String way, double by) {
        return made(cut, way, Map.of("taperBy", by), Set.of("taper"));
    }

    private static Drafted made(String cut, String way, Map<String, Object> settings, Set<String> with) {
        return Drafting.draft(
                DraftRequest.of(cut, way, Sheet.ofMillimetres(her()), settings, null, new MadeWith(with, Set.of())));
    }

    private static double hem(Drafted drafted) {
        return drafted.draft().fact(Fact.HEM_GIRTH).value();
    }

    @ParameterizedTest
    @MethodSource("legs")
    void a_leg_changes_at_its_hem_by_four_edges(String cut, String way) {
        double plain = hem(plain(cut, way));
        for (double by : List.of(12.0, -12.0, -2 * INCH)) {
            assertThat(hem(tapered(cut, way, by)) - plain).isCloseTo(-4 * by, within(0.95));
        }
    }

    /** On a palazzo, straight from the crotch line, each edge is where it was less what it comes in by. */
    @Test
    void each_edge_of_a_straight_leg_moves_alike() {
        Drafted plain = plain("palazzo", "house");
        Drafted flared = tapered("palazzo", "house", -2 * INCH);
        for (Half half : Half.values()) {
            Piece before = plain.draft().piece(PieceId.of(half));
            Piece after = flared.draft().piece(PieceId.of(half));
            assertThat(at(after, EdgeRole.SIDE).x() - at(before, EdgeRole.SIDE).x())
                    .as(half + " side")
                    .isCloseTo(2 * INCH, within(1.0));
            assertThat(at(after, EdgeRole.INSEAM).x()
                            - at(before, EdgeRole.INSEAM).x())
                    .as(half + " inseam")
                    .isCloseTo(-2 * INCH, within(1.5));
        }
    }

    /** Where an edge meets the hem. */
    private static Point at(Piece piece, EdgeRole role) {
        var run = piece.require(role).run();
        Point from = run.get(0).from();
        Point to = run.get(run.size() - 1).to();
        return from.y() > to.y() ? from : to;
    }
}
