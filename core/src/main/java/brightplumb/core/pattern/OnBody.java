package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * Where the cloth of a piece lies on the body, in the coordinates the body was drafted in. A piece that was cut apart,
 * swung or opened lies there in zones, each moved as one; cloth in no zone is hidden, or lies on nobody.
 *
 * @param zones the zones; they do not overlap
 * @param sewn its shape when it is sewn, where that is not its own: with the corner a pocket takes filled from beneath,
 *     or a dart back where it was drafted
 */
public record OnBody(List<Zone> zones, Optional<Sewn> sewn) {

    /**
     * What a piece is like on the body.
     *
     * @param edges its edges there
     * @param darts its darts there
     */
    public record Sewn(List<Edge> edges, List<Dart> darts) {
        public Sewn {
            edges = List.copyOf(edges);
            darts = List.copyOf(darts);
        }

        private Sewn moved(Rigid move) {
            return new Sewn(
                    edges.stream().map(e -> e.moved(move)).toList(),
                    darts.stream().map(d -> d.moved(move)).toList());
        }
    }

    /** One that is sewn as it is. */
    public OnBody(List<Zone> zones) {
        this(zones, Optional.empty());
    }

    /**
     * A part of a piece that lies on the body as one.
     *
     * @param region the closed outline of the part on the piece; empty for all of it
     * @param move from the piece to the body
     */
    public record Zone(List<Segment> region, Rigid move) {
        public Zone {
            region = List.copyOf(region);
        }

        private Predicate<Point> holds() {
            return region.isEmpty() ? anywhere -> true : Outlines.inside(region);
        }
    }

    /** A piece that lies as it was drafted. */
    public static final OnBody AS_DRAFTED = new OnBody(List.of(new Zone(List.of(), Rigid.STAY)));

    /** A piece whose cloth lies nowhere in particular: a band, a pocket, a lining before it is turned. */
    public static final OnBody NOWHERE = new OnBody(List.of());

    public OnBody {
        zones = List.copyOf(zones);
    }

    /**
     * The same place on the body for what a piece is cut to, which is sewn to what it was before; what it was first
     * stays.
     */
    public OnBody sewnAs(Piece before) {
        return new OnBody(zones, sewn.or(() -> Optional.of(new Sewn(before.edges(), before.darts()))));
    }

    /** How the cloth at a place of the piece is moved to lie on the body; empty where it is hidden. */
    public Optional<Rigid> at(Point place) {
        return moves().apply(place);
    }

    /** The same for several places. */
    Function<Point, Optional<Rigid>> moves() {
        List<Predicate<Point>> holds = zones.stream().map(Zone::holds).toList();
        return place -> {
            for (int i = 0; i < holds.size(); i++) {
                if (holds.get(i).test(place)) {
                    return Optional.of(zones.get(i).move());
                }
            }
            return Optional.empty();
        };
    }

    /** The same lying for a piece that was moved on the paper. */
    public OnBody movedWith(Rigid move) {
        Rigid undo = move.back();
        return new OnBody(
                zones.stream()
                        .map(z -> new Zone(
                                Curves.moved(z.region(), move), z.move().after(undo)))
                        .toList(),
                sewn.map(s -> s.moved(move)));
    }
}
