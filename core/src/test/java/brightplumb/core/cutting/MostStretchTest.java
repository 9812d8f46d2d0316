package brightplumb.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Sheet;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Check;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Which way the cloth goes furthest, on the pieces and in the trunk. Common practice, no source. */
class MostStretchTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double TRUNK = 1500;

    private static final Sheet SHE = Sheet.ofMillimetres(Map.of(
            Measure.WAIST_GIRTH, 700.0,
            Measure.HIP_GIRTH, 960.0,
            Measure.HIP_DEPTH, 205.0,
            Measure.BODY_RISE, 270.0,
            Measure.BUST_GIRTH, 890.0,
            Measure.SHOULDER_WIDTH, 385.0,
            Measure.SHOULDER_TO_WAIST, 410.0,
            Measure.HEAD_GIRTH, 560.0,
            Measure.VERTICAL_TRUNK, TRUNK));

    private static Drafted drafted(String cut, double round, double along, Map<String, Object> settings) {
        return Drafting.draft(
                DraftRequest.of(cut, "house", SHE, settings, new Cloth(round, 1500, true, false).along(along)));
    }

    private static List<Segment> line(Piece piece) {
        return piece.lines().stream()
                .filter(l -> l.id().equals(MostStretch.ID))
                .findFirst()
                .orElseThrow()
                .run();
    }

    private static Coordinate[] places(List<Segment> run, int steps) {
        return Curves.flattened(run, steps).stream()
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
    }

    private static Polygon polygon(Piece piece) {
        List<Coordinate> ring = new ArrayList<>(List.of(places(piece.sewLine(), 60)));
        ring.add(ring.get(0));
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    @ParameterizedTest
    @CsvSource({
        "round-neck-bodysuit, 0.4, 0.3, 0", // across the grain, where it goes furthest
        "pull-on-romper, 0.4, 0.4, 0", // both ways alike: round the body
        "knit-pencil, 0.2, 0.5, 1" // along it, and told
    })
    void every_piece_of_the_shell_carries_its_line_inside_it_the_way_the_cloth_goes_furthest(
            String cut, double round, double along, double parallel) {
        Drafted drafted = drafted(cut, round, along, Map.of());
        assertThat(drafted.draft().pieces())
                .filteredOn(p -> p.layer() == Layer.SHELL && !p.id().name().endsWith("binding"))
                .isNotEmpty()
                .allSatisfy(piece -> {
                    Point way = line(piece).get(0).direction(0);
                    assertThat(Math.abs(way.dot(piece.grain().direction(0)))).isCloseTo(parallel, within(1e-9));
                    LineString drawn = GEOMETRY.createLineString(places(line(piece), 1));
                    assertThat(polygon(piece).buffer(0.5).contains(drawn))
                            .as(piece.id().toString())
                            .isTrue();
                });
        assertThat(drafted.draft().notices().stream().anyMatch(n -> n.id().equals("stretch-along")))
                .isEqualTo(parallel == 1);
    }

    @Test
    void cloth_that_does_not_stretch_carries_none() {
        Drafted drafted = drafted("straight-skirt", 0, 0, Map.of());
        assertThat(drafted.draft().pieces())
                .allSatisfy(p -> assertThat(p.lines()).noneMatch(l -> l.id().equals(MostStretch.ID)));
    }

    private static Check trunk(Drafted drafted) {
        return drafted.checks().stream()
                .filter(c -> c.id().id().equals("trunk.length"))
                .findFirst()
                .orElseThrow();
    }

    /**
     * The same crotch line is long enough in cloth that gives up and down the body, and too short in cloth that gives
     * round it alone.
     */
    @Test
    void cloth_that_gives_round_the_body_alone_must_be_long_enough_by_itself() {
        Drafted both = drafted("round-neck-bodysuit", 0.4, 0.4, Map.of());
        assertThat(trunk(both).verdict()).isEqualTo(Verdict.TRUE);
        assertThat(trunk(both).measured()).isLessThan(TRUNK);
        double line = both.draft().fact(BodiceFacts.CROTCH_LINE).value();
        Drafted round = drafted("round-neck-bodysuit", 0.4, 0, Map.of("crotchDepth", line));
        assertThat(trunk(round).verdict()).isEqualTo(Verdict.OFF);
        Drafted solved = drafted("round-neck-bodysuit", 0.4, 0, Map.of());
        assertThat(trunk(solved).verdict()).isEqualTo(Verdict.TRUE);
        assertThat(trunk(solved).measured()).isGreaterThan(TRUNK);
    }

    /** It is never shorter than the cloth goes along: ten in a hundred more is nine in a hundred of what it goes to. */
    @ParameterizedTest
    @CsvSource({"0.1, 0.05, 0.0476", "0.1, 0.4, 0.1", "0.02, 0.4, 0.02"})
    void along_it_is_no_shorter_than_across_and_than_the_cloth_goes(double across, double along, double shorter) {
        assertThat(new Cloth(0.4, 1500, true, false).along(along).shorter(across))
                .isCloseTo(shorter, within(1e-4));
    }
}
