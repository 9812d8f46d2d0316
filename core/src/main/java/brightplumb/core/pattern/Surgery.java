package brightplumb.core.pattern;

import brightplumb.core.geometry.Crossings;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The small set of pure moves that operations are made of. Each takes pieces and gives pieces; no cloth comes or goes
 * but what the move says, and where it lies on the body goes with it. Joins are laid anew by whoever sews the result.
 */
public final class Surgery {

    private Surgery() {}

    /** A piece turned about a place; a positive angle (radians) turns clockwise as seen on the paper. */
    public static Piece swung(Piece piece, Point about, double radians) {
        return piece.moved(Rigid.turn(about, radians));
    }

    /** A piece traced on other cloth, under a name of its own. It lies where the first one lies. */
    public static Piece traced(Piece piece, PieceId id, String title, Layer layer) {
        return piece.named(id, title).in(layer);
    }

    /** A piece turned over the line through a place in a direction; its outline still runs clockwise. */
    public static Piece mirrored(Piece piece, Point through, Point direction) {
        Piece turned = piece.moved(Rigid.flip(through, direction));
        List<Edge> edges = new ArrayList<>();
        turned.edges().forEach(e -> edges.add(0, e.along(Curves.reversed(e.run()))));
        // The first edge stays the first.
        Collections.rotate(edges, 1);
        return turned.withEdges(numbered(edges));
    }

    /**
     * A piece cut apart along a straight line that crosses its outline twice.
     *
     * @param cut the role of the new edges
     * @param right what the part to the right of the line is called; it holds the first edge of neither
     * @return the part to the left of the line as it runs, under the piece's own name, and the part to the right
     * @throws IllegalArgumentException where the line does not cut the piece in two
     */
    public static List<Piece> apart(Piece piece, Line along, EdgeRole cut, PieceId right) {
        List<List<Edge>> sides = List.of(new ArrayList<>(), new ArrayList<>());
        for (Edge edge : piece.edges()) {
            int last = -1;
            List<Segment> run = new ArrayList<>();
            for (Segment part : split(edge.run(), along)) {
                int side = along.direction(0).cross(part.at(0.5).minus(along.from())) > 0 ? 1 : 0;
                if (side != last && !run.isEmpty()) {
                    sides.get(last).add(edge.along(run));
                    run = new ArrayList<>();
                }
                run.add(part);
                last = side;
            }
            sides.get(last).add(edge.along(run));
        }
        List<Piece> parts = new ArrayList<>();
        for (List<Edge> side : sides) {
            if (side.isEmpty()) {
                throw new IllegalArgumentException("The line does not cut the piece in two");
            }
            List<Edge> closed = closed(side, cut);
            boolean first = parts.isEmpty();
            Piece part = first ? piece : piece.named(right, piece.title());
            parts.add(part.withEdges(numbered(closed))
                    .withDarts(piece.darts().stream()
                            .filter(d -> holds(closed, d.point()))
                            .toList())
                    .withMarks(piece.marks().stream()
                            .filter(m ->
                                    holds(closed, m.at().minus(m.direction().times(0.01))))
                            .toList()));
        }
        return parts;
    }

    private static List<Segment> split(List<Segment> run, Line along) {
        List<Segment> parts = new ArrayList<>();
        for (Segment s : run) {
            Segment rest = s;
            // A cubic crosses a straight line three times at the most.
            for (int i = 0; i < 3; i++) {
                var t = Curves.crossing(rest, along.from(), along.direction(0));
                if (t.isEmpty() || t.getAsDouble() < 1e-6 || t.getAsDouble() > 1 - 1e-6) {
                    break;
                }
                parts.add(rest.part(0, t.getAsDouble()));
                rest = rest.part(t.getAsDouble(), 1);
            }
            parts.add(rest);
        }
        return parts;
    }

    private static boolean holds(List<Edge> edges, Point place) {
        return Outlines.inside(edges.stream().flatMap(e -> e.run().stream()).toList(), place);
    }

    /** Edges in order with their one gap closed by a straight edge. */
    private static List<Edge> closed(List<Edge> edges, EdgeRole cut) {
        List<Edge> closed = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            closed.add(edges.get(i));
            Point to = start(edges.get((i + 1) % edges.size()));
            Point from = end(edges.get(i));
            if (from.distance(to) > Tolerance.SAME_POINT) {
                closed.add(Edge.of(cut, List.of(new Line(from, to))));
            }
        }
        return closed;
    }

    private static Point start(Edge edge) {
        return edge.run().get(0).from();
    }

    private static Point end(Edge edge) {
        return edge.run().get(edge.run().size() - 1).to();
    }

    /**
     * Two pieces joined to one along an edge of each; the second is moved so that its edge lies on the first's, and
     * edges of one role that then run on become one.
     */
    public static Piece united(Piece one, EdgeRole oneEdge, Piece other, EdgeRole otherEdge) {
        Edge mine = one.require(oneEdge);
        Edge theirs = other.require(otherEdge);
        Piece laid = other.moved(Rigid.onto(new Line(end(theirs), start(theirs)), new Line(start(mine), end(mine))));
        List<Edge> edges = new ArrayList<>(after(one.edges(), mine));
        edges.addAll(after(laid.edges(), laid.require(otherEdge)));
        List<OnBody.Zone> zones = new ArrayList<>(zonesOf(one));
        zones.addAll(zonesOf(laid));
        List<Mark> marks = new ArrayList<>(one.marks());
        marks.addAll(laid.marks());
        List<Dart> darts = new ArrayList<>(one.darts());
        darts.addAll(laid.darts());
        return one.withEdges(numbered(merged(edges, one.edges().get(0).role())))
                .withMarks(marks)
                .withDarts(darts)
                .lying(new OnBody(zones));
    }

    /** The zones of a piece, each no larger than the piece. */
    private static List<OnBody.Zone> zonesOf(Piece piece) {
        return piece.onBody().zones().stream()
                .map(z -> z.region().isEmpty() ? new OnBody.Zone(piece.sewLine(), z.move()) : z)
                .toList();
    }

    /** The edges that follow one, once round, without it. */
    private static List<Edge> after(List<Edge> edges, Edge one) {
        int at = edges.indexOf(one);
        List<Edge> rest = new ArrayList<>(edges.subList(at + 1, edges.size()));
        rest.addAll(edges.subList(0, at));
        return rest;
    }

    /** Edges of one role that follow each other as one, beginning with an edge of a role. */
    private static List<Edge> merged(List<Edge> edges, EdgeRole first) {
        List<Edge> all = new ArrayList<>(edges);
        // Begin at a place where two roles meet, so that no edge is cut in two by the seam of the list.
        for (int i = 0;
                i < all.size()
                        && all.get(0).role().equals(all.get(all.size() - 1).role());
                i++) {
            Collections.rotate(all, -1);
        }
        List<Edge> merged = new ArrayList<>();
        for (Edge edge : all) {
            Edge last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && last.role().equals(edge.role()) && last.end() == edge.end()) {
                List<Segment> run = new ArrayList<>(last.run());
                run.addAll(edge.run());
                merged.set(merged.size() - 1, last.along(run));
            } else {
                merged.add(edge);
            }
        }
        for (int i = 0; i < merged.size() && !merged.get(0).role().equals(first); i++) {
            Collections.rotate(merged, -1);
        }
        return merged;
    }

    /** Edges counted by role. */
    public static List<Edge> numbered(List<Edge> edges) {
        Map<EdgeRole, Integer> count = new HashMap<>();
        return edges.stream()
                .map(e -> new Edge(e.role(), count.merge(e.role(), 1, Integer::sum), e.run(), e.end()))
                .toList();
    }

    /**
     * A piece with an edge drawn in by so much, its neighbours cut where they meet it; what is cut off is gone.
     *
     * @param by mm, more than 0
     * @return empty where a neighbour does not reach
     */
    public static Optional<Piece> shortened(Piece piece, EdgeRole role, double by) {
        int at = piece.edges().indexOf(piece.require(role));
        int n = piece.edges().size();
        Edge edge = piece.edges().get(at);
        Point inward = Curves.along(edge.run(), edge.length() / 2).direction().turned();
        List<Segment> drawn = Curves.moved(edge.run(), Rigid.slide(inward.times(by)));
        List<Segment> reach = Crossings.prolonged(drawn, 2 * by + 20);
        Edge before = piece.edges().get((at + n - 1) % n);
        Edge after = piece.edges().get((at + 1) % n);
        var start = Crossings.first(Curves.reversed(before.run()), reach);
        var stop = Crossings.first(after.run(), reach);
        if (start.isEmpty()
                || stop.isEmpty()
                || start.get().along() > before.length() - Tolerance.SEAM
                || stop.get().along() > after.length() - Tolerance.SEAM
                || stop.get().other() - start.get().other() < Tolerance.SEAM) {
            return Optional.empty();
        }
        List<Edge> edges = new ArrayList<>(piece.edges());
        edges.set(
                (at + n - 1) % n,
                before.along(
                        Curves.cutAt(before.run(), before.length() - start.get().along())
                                .get(0)));
        edges.set(
                (at + 1) % n,
                after.along(Curves.cutAt(after.run(), stop.get().along()).get(1)));
        List<Segment> run = Curves.part(reach, start.get().other(), stop.get().other());
        edges.set(at, edge.along(snapped(run, end(edges.get((at + n - 1) % n)), start(edges.get((at + 1) % n)))));
        return Optional.of(piece.withEdges(edges));
    }

    /** A run whose ends, a hair off, are laid on two places. */
    static List<Segment> snapped(List<Segment> run, Point from, Point to) {
        List<Segment> out = new ArrayList<>(run);
        out.set(0, Ends.starting(out.get(0), from));
        out.set(out.size() - 1, Ends.ending(out.get(out.size() - 1), to));
        return List.copyOf(out);
    }
}
