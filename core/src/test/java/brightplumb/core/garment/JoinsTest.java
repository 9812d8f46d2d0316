package brightplumb.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Reading;
import brightplumb.core.measure.Sheet;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is sewn to what, on real bodies: edges of one length, and notches that meet when they are laid on each other.
 */
class JoinsTest {

    private static final double SAME = 1e-6;
    private static final PieceId FRONT_LEFT = PieceId.of(Half.FRONT).on(Hand.LEFT);

    static Stream<Arguments> everyCutInEveryWay() {
        return Catalogue.CUTS.stream().flatMap(cut -> cut.ways().stream().map(way -> Arguments.of(cut.id(), way.id())));
    }

    private static Draft draft(String cut, String way, Sheet sheet) {
        return draft(cut, way, sheet, MadeWith.RECIPE);
    }

    private static Draft draft(String cut, String way, Sheet sheet, MadeWith made) {
        return Drafting.draft(DraftRequest.of(cut, way, sheet, Map.of(), null, made))
                .draft();
    }

    @ParameterizedTest
    @MethodSource("everyCutInEveryWay")
    void two_edges_of_a_join_are_one_length_but_for_what_is_eased(String cut, String way) {
        for (Bodies.Row row : Bodies.before(cut, way)) {
            Draft draft = Bodies.drafted(cut, way, row).draft();
            for (Join join : draft.joins()) {
                double first = Curves.length(draft.layer(join, 0));
                double second = Curves.length(draft.layer(join, 1));
                assertThat(first - second).as(row.id() + " " + join.seam()).isCloseTo(join.eased(), within(SAME));
                assertThat(join.layers().get(0).length()).isCloseTo(first, within(SAME));
                if (join.seam().id().equals("side")) {
                    assertThat(join.eased()).as(row.id() + " sides").isCloseTo(0, within(0.01));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("everyCutInEveryWay")
    void notches_of_a_join_lie_at_one_length_along_it_from_the_same_end(String cut, String way) {
        for (Bodies.Row row : Bodies.before(cut, way)) {
            Draft draft = Bodies.drafted(cut, way, row).draft();
            for (Join join : draft.joins()) {
                if (join.kind() == Join.Kind.SEWN) {
                    assertNotchesMeet(row.id() + " " + join.seam(), draft, join);
                }
            }
        }
    }

    static Stream<Arguments> everythingOnEveryCut() {
        return Catalogue.CUTS.stream()
                .flatMap(cut -> Catalogue.OPERATIONS.stream().map(o -> Arguments.of(cut.id(), o.id())));
    }

    @ParameterizedTest
    @MethodSource("everythingOnEveryCut")
    void so_do_those_of_what_is_made_besides(String cut, String operation) {
        Tried tried = new Tried();
        for (Bodies.Row row : Bodies.inTurn((cut + operation).hashCode()).subList(0, 4)) {
            tried.draft(() -> Bodies.with(operation, cut, row).draft()).ifPresent(draft -> {
                for (Join join : draft.joins()) {
                    if (join.kind() == Join.Kind.SEWN) {
                        assertNotchesMeet(row.id() + " " + join.seam(), draft, join);
                    }
                }
            });
        }
        tried.allButOneOrNone();
    }

    /**
     * Every layer has each notch at the share of its length; a layer of several pieces has its own seams there instead.
     */
    private static void assertNotchesMeet(String where, Draft draft, Join join) {
        List<Integer> layers = new ArrayList<>();
        for (int i = 0; i < join.layers().size(); i++) {
            if (join.layers().get(i).stretches().size() == 1) {
                layers.add(i);
            }
        }
        for (int layer : layers) {
            List<Mark> one = notchesOn(draft, join, layers.get(0));
            List<Mark> other = notchesOn(draft, join, layer);
            assertThat(other).as(where).hasSameSizeAs(one);
            for (int i = 0; i < one.size(); i++) {
                assertThat(other.get(i).text()).isEqualTo(one.get(i).text());
                assertThat(other.get(i).along()).isCloseTo(one.get(i).along(), within(SAME));
                assertThat(measured(draft.layer(join, layer), other.get(i)))
                        .as(where + " " + one.get(i).text() + ", with a tape along both")
                        .isCloseTo(measured(draft.layer(join, layers.get(0)), one.get(i)), within(0.05));
                assertThat(other.get(i).count())
                        .as("one stroke in front, two behind")
                        .isEqualTo(draft.piece(join.layers().get(layer).piece()).behind() ? 2 : 1);
            }
        }
        if (join.layers().get(0).stretches().size() > 1 && !layers.isEmpty()) {
            double share = join.layers().get(layers.get(0)).length()
                    / join.layers().get(0).length();
            List<Double> seams = new ArrayList<>();
            double along = 0;
            for (Stretch s : join.layers().get(0).stretches()) {
                along += s.length();
                seams.add(along * share);
            }
            notchesOn(draft, join, 0).forEach(m -> seams.add(m.along()));
            assertThat(notchesOn(draft, join, layers.get(0)))
                    .as(where)
                    .allSatisfy(m -> assertThat(seams)
                            .as("what is notched is a seam of the other layer, or notched there too")
                            .anySatisfy(seam -> assertThat(seam).isCloseTo(m.along(), within(SAME))));
        }
    }

    /** The notches of one layer of a join, from its start. */
    private static List<Mark> notchesOn(Draft draft, Join join, int layer) {
        var run = draft.layer(join, layer);
        return join.layers().get(layer).stretches().stream()
                .map(Stretch::piece)
                .distinct()
                .flatMap(p -> draft.piece(p).marks().stream())
                .filter(m -> m.along() != null && m.along() <= Curves.length(run) + SAME && distance(run, m) < 0.01)
                .sorted(Comparator.comparing(Mark::along))
                .toList();
    }

    private static double distance(List<Segment> run, Mark mark) {
        return Math.min(
                Curves.along(run, Math.min(mark.along(), Curves.length(run)))
                        .at()
                        .distance(mark.at()),
                Double.MAX_VALUE);
    }

    /** Where a mark lies along a run: the tape laid along the edge, piece by straight piece. */
    private static double measured(List<Segment> run, Mark mark) {
        List<Point> places = Curves.flattened(run, 400);
        double nearest = Double.MAX_VALUE;
        double at = 0;
        double walked = 0;
        for (int i = 0; i + 1 < places.size(); i++) {
            Point step = places.get(i + 1).minus(places.get(i));
            double length = Math.sqrt(step.dot(step));
            double t = length == 0
                    ? 0
                    : Math.max(0, Math.min(1, mark.at().minus(places.get(i)).dot(step) / (length * length)));
            double far = places.get(i).plus(step.times(t)).distance(mark.at());
            if (far < nearest) {
                nearest = far;
                at = walked + t * length;
            }
            walked += length;
        }
        return at;
    }

    @Test
    void every_edge_but_hems_waists_and_folds_is_sewn_to_something() {
        Set<EdgeRole> free = Set.of(EdgeRole.WAIST, EdgeRole.HEM, EdgeRole.CENTRE_FRONT, BodiceEdges.TOP);
        everyCutInEveryWay().forEach(recipe -> {
            Draft draft = draft(
                    (String) recipe.get()[0],
                    (String) recipe.get()[1],
                    Bodies.withDepths(Bodies.all().get(10)),
                    MadeWith.NOTHING);
            boolean seamed = !draft.with(BodiceEdges.WAIST_SEAM).isEmpty();
            for (Piece piece : draft.pieces()) {
                piece.edges()
                        .forEach(seam -> assertThat(draft.joins().stream()
                                        .anyMatch(
                                                j -> j.partner(piece.id(), seam).isPresent()))
                                .as(recipe.get()[0] + " " + piece.id() + " " + seam.role())
                                .isEqualTo((!free.contains(seam.role())
                                                || seamed && seam.role().equals(EdgeRole.WAIST))
                                        && seam.end() != End.FOLD
                                        && (seam.end() != End.BOUND
                                                || seam.role().equals(EdgeRole.CROTCH_END))));
            }
        });
    }

    @Test
    void uneven_legs_are_each_sewn_to_their_own_side() {
        Map<Measure, Reading> readings =
                new EnumMap<>(Bodies.withDepths(Bodies.all().get(10)).readings());
        double depth = 210;
        readings.put(Measure.HIP_DEPTH, Reading.tapedTwice(Length.mm(depth), Length.mm(depth + 12)));
        Draft draft = draft("classic-trousers", "house", new Sheet(readings));
        assertThat(draft.joins())
                .filteredOn(j -> j.seam().id().equals("side"))
                .extracting(j -> j.partner(FRONT_LEFT, draft.piece(FRONT_LEFT).require(EdgeRole.SIDE))
                        .map(Stretch::name)
                        .orElse("-"))
                .containsExactly("back-left.side", "-");
        Set<PieceId> pieces =
                new HashSet<>(draft.pieces().stream().map(Piece::id).toList());
        assertThat(draft.joins().stream()
                        .flatMap(j -> j.layers().stream())
                        .flatMap(r -> r.stretches().stream())
                        .map(Stretch::piece))
                .as("no join names a piece that is not there")
                .allMatch(pieces::contains);
    }

    @Test
    void a_join_of_one_layer_or_a_stretch_that_goes_nowhere_is_none() {
        Stretch stretch = new Stretch(PieceId.of(Half.FRONT), Hand.BOTH, EdgeRole.SIDE, 1, 0, 10, false);
        assertThatThrownBy(() -> new Join(Seam.SIDE, List.of(new Run(List.of(stretch))), 0, Join.Kind.SEWN))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Stretch(PieceId.of(Half.FRONT), Hand.BOTH, EdgeRole.SIDE, 1, 10, 10, false))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
