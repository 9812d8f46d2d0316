package brightplumb.core.cutting;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * What a piece that is cut already still gives when its garment is drawn otherwise.
 *
 * @param piece the piece
 * @param title its name at the bench
 * @param laid how far the new piece is slid to lie on the cut cloth
 * @param edges its edges that move, in the outline's order
 * @param darts whether its darts are marked anew
 */
public record Alteration(PieceId piece, String title, Point laid, List<AtEdge> edges, boolean darts) {

    /** What is left outside a seam that was let out, mm. Our own choice. */
    public static final double LEFT = Length.INCH / 4;

    /** Less than this is not sewn otherwise, mm: a sixteenth of an inch. */
    private static final double SEEN = Length.INCH / 16;

    /** What just touches the cut edge is on the cloth, mm. */
    private static final double TOUCHES = 0.1;

    /** How far from its ends an edge is looked at, mm. */
    private static final double END = 1;

    /** How many places along an edge are looked at. */
    private static final int PLACES = 24;

    /** How a cut edge follows. */
    public enum Does {
        /** Sewn further in. */
        TAKEN_IN("taken-in"),
        /** Cut down: an edge that is not closed by a seam of its own. */
        TRIMMED("trimmed"),
        /** Sewn further out, on what was allowed. */
        LET_OUT("let-out"),
        /** Beyond its cloth: the piece is cut anew. */
        CUT_ANEW("cut-anew");

        private final String id;

        Does(String id) {
            this.id = id;
        }

        /** Its name outside. */
        public String id() {
            return id;
        }
    }

    /**
     * An edge that moves.
     *
     * @param by how far at most, mm
     * @param room how far out its cloth would let it go, mm
     */
    public record AtEdge(EdgeRole role, int nth, Does does, double by, double room) {}

    public Alteration {
        edges = List.copyOf(edges);
    }

    /** Whether the cloth does not have it. */
    public boolean cutAnew() {
        return edges.stream().anyMatch(e -> e.does() == Does.CUT_ANEW);
    }

    /** Whether anything about the piece is otherwise. */
    public boolean moves() {
        return !edges.isEmpty() || darts;
    }

    /**
     * What each piece gives, in the order they are cut. A piece that was not there is cut; one that is no longer there
     * is left away.
     *
     * @param before as they were cut
     * @param after as they should be
     */
    public static List<Alteration> between(List<CutPiece> before, List<CutPiece> after) {
        Map<PieceId, CutPiece> were =
                before.stream().collect(Collectors.toMap(p -> p.piece().id(), Function.identity()));
        return after.stream()
                .map(now -> {
                    CutPiece was = were.get(now.piece().id());
                    return was == null ? anew(now) : laidBest(was, now);
                })
                .toList();
    }

    private static Alteration anew(CutPiece piece) {
        Edge top = piece.piece().top();
        return new Alteration(
                piece.piece().id(),
                piece.name(),
                Point.of(0, 0),
                List.of(new AtEdge(top.role(), top.nth(), Does.CUT_ANEW, 0, 0)),
                false);
    }

    /**
     * The new piece laid on the cut cloth where it asks least of it: corner on corner, its grain kept, a fold kept on
     * its fold.
     */
    private static Alteration laidBest(CutPiece was, CutPiece now) {
        List<Point> places = new ArrayList<>(List.of(Point.of(0, 0)));
        if (was.piece().edges().size() == now.piece().edges().size()) {
            for (int i = 0; i < now.piece().edges().size(); i++) {
                Point by = corner(was, i).minus(corner(now, i));
                places.add(now.onFold() ? fold(now).times(by.dot(fold(now))) : by);
            }
        }
        return places.stream()
                .map(by -> of(was, now.piece().moved(Rigid.slide(by)), by))
                .min(Comparator.comparing(Alteration::cutAnew).thenComparing(Alteration::moved))
                .orElseThrow();
    }

    private static Point corner(CutPiece cut, int i) {
        return cut.piece().edges().get(i).run().get(0).from();
    }

    private static Point fold(CutPiece cut) {
        return cut.piece().edges().stream()
                .filter(e -> e.end() == End.FOLD)
                .findFirst()
                .map(e -> e.run().get(0).direction(0))
                .orElse(Point.of(0, 1));
    }

    /** How far its edges move, all together, mm. */
    private double moved() {
        return edges.stream().mapToDouble(AtEdge::by).sum();
    }

    private static Alteration of(CutPiece was, Piece now, Point laid) {
        Predicate<Point> cloth = Outlines.inside(was.cutLine());
        List<AtEdge> edges = new ArrayList<>();
        for (Edge edge : now.edges()) {
            List<Segment> old = was.piece()
                    .edge(edge.role(), edge.nth())
                    .map(Edge::run)
                    .orElseGet(() -> was.piece().sewLine());
            Edge there = was.piece().edge(edge.role(), edge.nth()).orElse(edge);
            Moved moved = Moved.between(old, edge.run(), cloth);
            double room = Math.max(0, was.allowance(there).outside() - LEFT);
            if (moved.out() > SEEN) {
                edges.add(new AtEdge(
                        edge.role(), edge.nth(), moved.has() ? Does.LET_OUT : Does.CUT_ANEW, moved.out(), room));
            } else if (moved.in() > SEEN) {
                Does does = edge.end() == End.FOLD ? Does.CUT_ANEW : open(edge) ? Does.TRIMMED : Does.TAKEN_IN;
                edges.add(new AtEdge(edge.role(), edge.nth(), does, moved.in(), room));
            }
        }
        return new Alteration(
                now.id(), now.title(), laid, edges, darts(was.piece().darts(), now.darts()));
    }

    /** Whether an edge is finished by what is set on it or turned, so that it can be cut down before. */
    private static boolean open(Edge edge) {
        return edge.end() != End.SEWN || edge.role().equals(EdgeRole.WAIST);
    }

    private static boolean darts(List<Dart> were, List<Dart> are) {
        if (were.size() != are.size()) {
            return true;
        }
        for (int i = 0; i < are.size(); i++) {
            Dart was = were.get(i);
            Dart is = are.get(i);
            if (was.point().distance(is.point()) > SEEN
                    || was.inner().distance(is.inner()) > SEEN
                    || was.outer().distance(is.outer()) > SEEN) {
                return true;
            }
        }
        return false;
    }

    /** How far a line moves out and in at most, mm, and whether the cloth has all that moves out. */
    private record Moved(double out, double in, boolean has) {

        static Moved between(List<Segment> was, List<Segment> is, Predicate<Point> cloth) {
            double out = 0;
            double in = 0;
            boolean has = true;
            double length = Curves.length(is);
            double wasLong = Curves.length(was);
            for (int i = 0; i <= PLACES; i++) {
                // An end lies in the corner, where another edge's allowance would be measured.
                double along = END + (length - 2 * END) * i / PLACES;
                Point place = Curves.along(is, along).at();
                Curves.Nearest nearest = Curves.nearest(was, place);
                if (beyondItsEnds(was, wasLong, place, nearest)) {
                    continue;
                }
                Curves.Along beside = Curves.along(was, nearest.along());
                double away = place.minus(beside.at()).cross(beside.direction());
                out = Math.max(out, away);
                in = Math.max(in, -away);
                Point outward = beside.direction().turned().times(-1);
                has &= away <= SEEN || cloth.test(place) && cloth.test(place.plus(outward.times(LEFT - TOUCHES)));
            }
            return new Moved(out, in, has);
        }

        /** A place past the end of the line as it was: what moved there is the edge that follows. */
        private static boolean beyondItsEnds(List<Segment> was, double wasLong, Point place, Curves.Nearest nearest) {
            boolean atStart = nearest.along() < SEEN;
            boolean atEnd = nearest.along() > wasLong - SEEN;
            if (nearest.away() <= SEEN || !atStart && !atEnd) {
                return false;
            }
            Curves.Along end = Curves.along(was, nearest.along());
            double past = place.minus(end.at()).dot(end.direction());
            return atEnd ? past > SEEN : past < -SEEN;
        }
    }
}
