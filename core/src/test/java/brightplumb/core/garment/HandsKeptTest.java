package brightplumb.core.garment;

import static brightplumb.core.garment.OnePiece.INCH;
import static brightplumb.core.garment.OnePiece.drafted;
import static brightplumb.core.garment.OnePiece.fact;
import static brightplumb.core.garment.OnePiece.her;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.InForce;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a hand sets stays what it is: the amount told, typed in, moves nothing, and what changes nothing says so. */
class HandsKeptTest {

    private static final double MOVED = 0.5;

    @TestFactory
    Stream<DynamicTest> an_amount_typed_over_by_its_own_figure_moves_no_line() {
        return Catalogue.CUTS.stream()
                .map(cut -> DynamicTest.dynamicTest(cut.id(), () -> {
                    int typed = 0;
                    List<Bodies.Row> bodies = Bodies.fourInTurn(cut.id().hashCode());
                    for (int i = 0; i < cut.ways().size(); i++) {
                        Bodies.Row row = bodies.get(i % bodies.size());
                        String way = cut.ways().get(i).id();
                        Drafted told = drawn(cut.id(), way, row, Map.of());
                        for (InForce set : told.settings()) {
                            if (set.applies() && !set.setting().isChoice()) {
                                Drafted again = drawn(
                                        cut.id(),
                                        way,
                                        row,
                                        Map.of(set.setting().key(), set.amount().value()));
                                assertThat(apart(told, again))
                                        .as(way + " " + row + " " + set.setting() + " "
                                                + set.amount().value())
                                        .isLessThan(MOVED);
                                typed++;
                            }
                        }
                    }
                    assertThat(typed).isGreaterThan(20 * cut.ways().size());
                }));
    }

    private static Drafted drawn(String cut, String way, Bodies.Row row, Map<String, Object> settings) {
        return Drafting.drawn(DraftRequest.of(cut, way, Bodies.withDepths(row), settings, null));
    }

    /** How far the outlines of two drafts lie apart, mm. */
    private static double apart(Drafted one, Drafted other) {
        assertThat(other.pieces()).hasSameSizeAs(one.pieces());
        double most = 0;
        for (int i = 0; i < one.pieces().size(); i++) {
            CutPiece a = one.pieces().get(i);
            CutPiece b = other.pieces().get(i);
            most = Math.max(most, apart(a.piece().sewLine(), b.piece().sewLine()));
            most = Math.max(most, apart(a.cutLine(), b.cutLine()));
        }
        return most;
    }

    private static double apart(List<Segment> one, List<Segment> other) {
        List<Point> a = Curves.flattened(one, 6);
        List<Point> b = Curves.flattened(other, 6);
        assertThat(b).hasSameSizeAs(a);
        double most = 0;
        for (int i = 0; i < a.size(); i++) {
            most = Math.max(most, a.get(i).distance(b.get(i)));
        }
        return most;
    }

    @ParameterizedTest
    @CsvSource({"palazzo, 700", "palazzo, 560", "classic-trousers, 500", "shorts-block, 640", "lounge-shorts, 700"})
    void a_hem_that_a_hand_asks_is_the_hem_drawn(String cut, double asked) {
        Drafted legs = drafted(cut, null, her(), Map.of("hem", asked));
        assertThat(fact(legs, "hem.girth")).isCloseTo(asked, within(0.5));
        Drafted without = drafted(cut, null, her(), Map.of());
        double moved = asked - fact(without, "hem.girth");
        assertThat(fact(legs, "hem.width.front") - fact(without, "hem.width.front"))
                .as("front and back move alike")
                .isCloseTo(moved / 2, within(2.0));
    }

    @Test
    void a_knee_that_is_not_on_the_way_to_a_straight_hem_is_told_to_change_nothing() {
        Drafted straight = drafted("palazzo", null, her(), Map.of("knee", 472.0));
        assertThat(straight.draft().notices()).extracting(Notice::id).contains("idle.knee");
        Drafted tapered = drafted("classic-trousers", null, her(), Map.of("knee", 472.0));
        assertThat(tapered.draft().notices()).extracting(Notice::id).doesNotContain("idle.knee");
        assertThat(fact(tapered, "knee.girth")).isCloseTo(472, within(0.5));
    }

    @ParameterizedTest
    @CsvSource({"straight-skirt", "ankle-pencil", "darted-pencil", "classic-trousers", "flap-pocket-shorts"})
    void a_darts_length_is_told_as_it_lies_along_the_dart(String cut) {
        Drafted drafted = Drafting.draft(
                DraftRequest.of(cut, null, Bodies.withDepths(Bodies.all().get(30)), Map.of(), null, MadeWith.NOTHING));
        List<Piece> darted = new ArrayList<>(drafted.draft().pieces());
        darted.removeIf(p -> p.darts().isEmpty());
        assertThat(darted).isNotEmpty();
        for (Piece piece : darted) {
            for (Dart dart : piece.darts()) {
                assertThat(dart.length())
                        .as(piece.id().toString())
                        .isCloseTo(fact(drafted, "dart.length." + piece.panel()), within(0.05));
            }
        }
    }

    @Test
    void a_dart_that_would_pass_the_hip_is_refused_with_its_bounds() {
        assertThatThrownBy(() -> drafted("straight-skirt", null, her(), Map.of("dartLengthFront", 8 * INCH)))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.faults().get(0).field().path()).isEqualTo("settings.dartLengthFront");
                    assertThat(r.faults().get(0).message())
                            .contains("from 2 in")
                            .contains("to ");
                });
    }
}
