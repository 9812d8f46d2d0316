package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.Cloth;
import brightplumb.core.rule.PanelFacts;
import brightplumb.core.rule.Ways;
import brightplumb.core.table.Check;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every body of the data set in every way: sound outlines, seams that meet, nothing thrown. */
class SkirtsOnRealBodiesTest {

    static Stream<Arguments> waysAndShapes() {
        return Ways.SKIRT.stream()
                .flatMap(way -> Stream.of(
                                Map.<String, Object>of(),
                                Map.<String, Object>of("hemTaper", 40.0, "length", 700.0),
                                Map.<String, Object>of("hemTaper", -80.0, "length", 900.0))
                        .map(settings -> Arguments.of(way.id(), settings)));
    }

    @ParameterizedTest
    @MethodSource("waysAndShapes")
    void every_body_gives_closed_uncrossed_outlines_seams_that_meet_and_waists_of_their_quarters(
            String way, Map<String, Object> settings) {
        for (Bodies.Row row : Bodies.all()) {
            Drafted drafted =
                    Drafting.draft(DraftRequest.of("straight-skirt", way, row.sheet(), settings, Cloth.WOVEN));
            for (CutPiece piece : drafted.pieces()) {
                for (var outline : List.of(piece.piece().sewLine(), piece.cutLine())) {
                    assertThat(Outlines.closed(outline)).as(row + " closes").isTrue();
                    assertThat(Outlines.crosses(outline)).as(row + " crosses").isFalse();
                    assertThat(Outlines.area(outline))
                            .as(row + " runs clockwise")
                            .isPositive();
                }
                assertThat(Outlines.area(piece.cutLine()))
                        .as(row + " cut outside sewn")
                        .isGreaterThan(Outlines.area(piece.piece().sewLine()));
            }
            double front =
                    drafted.draft().panel(Panel.FRONT).require(EdgeRole.SIDE).length();
            double back =
                    drafted.draft().panel(Panel.BACK).require(EdgeRole.SIDE).length();
            assertThat(back).as(row + " sides").isCloseTo(front, within(1e-6));
            assertSewsUp(row, drafted);
            assertThat(joins(drafted).measured()).as(row + " joins").isLessThan(1);
            for (Half half : Half.values()) {
                var piece = drafted.draft().panel(half.panel());
                double intake = piece.darts().stream().mapToDouble(Dart::intake).sum();
                assertThat(piece.require(EdgeRole.WAIST).length() - intake)
                        .as(row + " " + half)
                        .isCloseTo(
                                drafted.draft()
                                        .fact(PanelFacts.WAIST_QUARTER.of(half))
                                        .value(),
                                within(1e-6));
                assertThat(intake)
                        .isCloseTo(
                                drafted.draft()
                                        .fact(PanelFacts.DART_INTAKE.of(half))
                                        .value(),
                                within(1e-6));
            }
        }
    }

    static Stream<Arguments> everyCutInEveryWay() {
        return SkirtCuts.ALL.stream().flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut.id(), way.id())));
    }

    @ParameterizedTest
    @MethodSource("everyCutInEveryWay")
    void every_cut_in_every_way_is_sound_on_every_body(String cut, String way) {
        for (Bodies.Row row : Bodies.quarterInTurn((cut + way).hashCode())) {
            Drafted drafted = Drafting.draft(DraftRequest.of(cut, way, row.sheet(), Map.of(), null));
            assertSewsUp(row, drafted);
            assertThat(joins(drafted).measured()).as(row + " joins").isLessThan(1);
            double front =
                    drafted.draft().panel(Panel.FRONT).require(EdgeRole.SIDE).length();
            double back =
                    drafted.draft().panel(Panel.BACK).require(EdgeRole.SIDE).length();
            assertThat(back).as(row + " sides").isCloseTo(front, within(1e-6));
        }
    }

    /**
     * Whether she can step and get in is the wearer's choice of amounts; everything else must be true on every body.
     */
    private static void assertSewsUp(Bodies.Row row, Drafted drafted) {
        assertThat(drafted.checks())
                .filteredOn(c -> !c.id().id().equals("strides") && !c.id().id().equals("enters"))
                .allSatisfy(c -> assertThat(c.verdict())
                        .as(row + " " + c.id() + " " + c.measured() + " of " + c.wanted() + " " + c.cause())
                        .isIn(Bodies.straight(c)));
    }

    private static Check joins(Drafted drafted) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals("joins.smooth"))
                .findFirst()
                .orElseThrow();
    }
}
