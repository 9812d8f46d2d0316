package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/** A dart shut where it is and opened elsewhere about its point: its angle is kept, and its legs stay of one length. */
public final class DartMove {

    private DartMove() {}

    /**
     * A piece with a dart moved from the edge it opens on to one further on in the outline.
     *
     * @param dart one of the piece's darts; none may open between it and its new place
     * @param to the edge it is to open on, after the one it opens on
     * @param at how far along that edge, mm
     */
    public static Piece along(Piece piece, Dart dart, EdgeRole to, double at) {
        Rigid shut = dart.closing();
        List<Edge> edges = new ArrayList<>();
        boolean turns = false;
        Point opens = Curves.along(piece.require(to).run(), at).at();
        for (Edge edge : piece.edges()) {
            if (!turns && Curves.near(edge.run(), dart.outer(), Tolerance.ON_LINE)) {
                turns = true;
                double inner = Curves.nearest(edge.run(), dart.inner()).along();
                double outer = Curves.nearest(edge.run(), dart.outer()).along();
                List<Segment> run =
                        new ArrayList<>(Curves.cutAt(edge.run(), inner).get(0));
                run.addAll(Curves.moved(Curves.cutAt(edge.run(), outer).get(1), shut));
                edges.add(edge.along(joined(run)));
            } else if (turns && edge.role().equals(to)) {
                turns = false;
                List<List<Segment>> parts = Curves.cutAt(edge.run(), at);
                List<Segment> run = new ArrayList<>(Curves.moved(parts.get(0), shut));
                run.add(new Line(shut.apply(opens), opens));
                run.addAll(parts.get(1));
                edges.add(edge.along(joined(run)));
            } else {
                edges.add(turns ? edge.moved(shut) : edge);
            }
        }
        Dart moved = new Dart(dart.point(), shut.apply(opens), opens);
        List<Dart> darts = new ArrayList<>(piece.darts());
        darts.set(darts.indexOf(dart), moved);
        Turned turned = new Turned(piece, dart, to, at);
        return piece.withEdges(edges)
                .withDarts(darts)
                .withMarks(piece.marks().stream()
                        .filter(m -> !turned.ofTheDart(m))
                        .map(m -> turned.holds(m.at()) ? m.moved(shut) : m)
                        .toList())
                .lying(piece.onBody().sewnAs(piece));
    }

    /** A run whose ends, a hair apart, are laid on each other. */
    private static List<Segment> joined(List<Segment> run) {
        List<Segment> out = new ArrayList<>();
        for (Segment s : run) {
            out.add(out.isEmpty() ? s : Ends.starting(s, out.get(out.size() - 1).to()));
        }
        return out;
    }

    /** The part of an outline that turns about a dart's point. */
    private record Turned(Piece piece, Dart dart, EdgeRole to, double at) {

        boolean ofTheDart(Mark mark) {
            double most = 2 * dart.point().distance(dart.centre()) / 3;
            boolean drill = mark.kind() == Mark.Kind.DRILL && mark.at().distance(dart.point()) < most;
            return mark.subject() == Mark.Subject.DART
                    && (drill
                            || mark.at().distance(dart.inner()) < 1
                            || mark.at().distance(dart.outer()) < 1);
        }

        boolean holds(Point place) {
            boolean passed = false;
            for (Edge edge : piece.edges()) {
                double along = Curves.nearest(edge.run(), place).along();
                boolean on = Curves.near(edge.run(), place, 1);
                boolean first = Curves.near(edge.run(), dart.outer(), Tolerance.ON_LINE);
                boolean last = passed && edge.role().equals(to);
                if (on
                        && first
                        && along > Curves.nearest(edge.run(), dart.outer()).along()) {
                    return true;
                }
                if (on && last) {
                    return along < at;
                }
                if (on && passed) {
                    return true;
                }
                passed = passed || first;
                if (last) {
                    return false;
                }
            }
            return false;
        }
    }
}
