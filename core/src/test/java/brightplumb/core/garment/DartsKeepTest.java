package brightplumb.core.garment;

import static brightplumb.core.garment.OnHer.area;
import static brightplumb.core.garment.OnHer.piece;
import static brightplumb.core.garment.OnHer.plain;
import static brightplumb.core.garment.OnHer.verdict;
import static brightplumb.core.garment.OnHer.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.table.Verdict;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a dart keeps when it is moved, or given to the side. Amounts are common practice, no source. */
class DartsKeepTest {

    @Test
    void a_dart_that_is_moved_keeps_its_angle_its_legs_and_the_cloth() {
        for (String to : List.of("side", "hem")) {
            Drafted before = plain("darted-pencil");
            Drafted after = with("darted-pencil", Map.of("dartTo", to), "move-dart");
            Piece was = piece(before, "front").piece();
            Piece is = piece(after, "front").piece();
            Dart old = was.darts().get(was.darts().size() - 1);
            Dart moved = is.darts().get(is.darts().size() - 1);
            assertThat(moved.point()).isEqualTo(old.point());
            assertThat(angle(moved)).as("intake angle").isCloseTo(angle(old), within(1e-6));
            assertThat(moved.innerLeg().length()).isCloseTo(moved.outerLeg().length(), within(1e-6));
            assertThat(closed(is)).as("cloth, JTS").isCloseTo(closed(was), within(2.0));
            for (EdgeRole role : List.of(EdgeRole.WAIST, EdgeRole.SIDE, EdgeRole.HEM)) {
                assertThat(Run.shut(is, role).length())
                        .as(role.id())
                        .isCloseTo(Run.shut(was, role).length(), within(0.05));
            }
            assertThat(is.worn().edges()).isEqualTo(was.edges());
            assertThat(verdict(after, "side.meets")).isEqualTo(Verdict.TRUE);
            assertThat(verdict(after, "waist.closes")).isEqualTo(verdict(before, "waist.closes"));
        }
    }

    private static double angle(Dart dart) {
        return dart.inner().minus(dart.point()).angleTo(dart.outer().minus(dart.point()));
    }

    /** The cloth of a piece without what its darts take, mm². */
    private static double closed(Piece piece) {
        double darts = piece.darts().stream()
                .mapToDouble(d ->
                        Math.abs(d.inner().minus(d.point()).cross(d.outer().minus(d.point()))) / 2)
                .sum();
        return area(piece.sewLine()) - darts;
    }

    @Test
    void darts_given_to_the_side_leave_the_waist_as_long_and_the_sides_alike() {
        Drafted before = plain("darted-pencil");
        Drafted after = with("darted-pencil", Map.of(), "dart-into-side");
        for (String panel : List.of("front", "back")) {
            Piece is = piece(after, panel).piece();
            assertThat(is.darts()).isEmpty();
            assertThat(is.require(EdgeRole.WAIST).length())
                    .isCloseTo(
                            Run.shut(piece(before, panel).piece(), EdgeRole.WAIST)
                                    .length(),
                            within(0.01));
        }
        assertThat(verdict(after, "side.meets")).isEqualTo(Verdict.TRUE);
        assertThat(verdict(after, "waist.closes")).isEqualTo(Verdict.TRUE);
    }
}
