package brightplumb.core.cutting;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Loops;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The cut line of a piece: each edge pushed out by its allowance, corners mitred. Below the hemline the garment is mirrored, so that
 * the turned hem lies on the cloth it covers: where a side tapers in, the allowance goes out.
 */
public final class CutLine {

    /** Inside a bend tighter than its allowance the cut line would run through itself; so much of it is cut out (mm). */
    private static final double MOST_LOOP = 150;

    private CutLine() {}

    /**
     * The cut line.
     *
     * @param piece the piece as sewn, its outline clockwise
     * @param allowances what is added outside each edge, by the edge's name; an edge that is missing gets none
     */
    public static List<Segment> of(Piece piece, Map<String, Allowance> allowances) {
        int n = piece.edges().size();
        List<List<Segment>> edges = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Edge edge = piece.edges().get(i);
            Allowance own = allowances.getOrDefault(edge.name(), Allowance.NONE);
            if (own.turned()) {
                edges.add(Curves.moved(edge.run(), Rigid.slide(outward(edge).times(own.outside()))));
                continue;
            }
            List<Segment> run = new ArrayList<>(edge.run());
            run.addAll(turned(run, piece.edges().get((i + 1) % n), allowances));
            run = new ArrayList<>(Curves.reversed(run));
            run.addAll(turned(run, piece.edges().get((i + n - 1) % n), allowances));
            edges.add(Parallel.beside(Curves.reversed(run), own.outside()));
        }
        return Loops.cutOut(closed(edges), MOST_LOOP);
    }

    /** The way out of a piece across an edge that is folded: square to its middle. */
    private static Point outward(Edge edge) {
        Point along = Curves.along(edge.run(), edge.length() / 2).direction();
        return along.turned().times(-1);
    }

    /** What continues a seam that ends at a folded edge: its own last part, flipped over the fold. */
    private static List<Segment> turned(List<Segment> down, Edge hem, Map<String, Allowance> allowances) {
        Allowance added = allowances.getOrDefault(hem.name(), Allowance.NONE);
        if (!added.turned() || added.outside() <= 0) {
            return List.of();
        }
        Point out = outward(hem);
        Point fold = out.turned();
        Point end = down.get(down.size() - 1).to();
        Point inside = end.minus(out.times(added.outside()));
        List<Segment> last = new ArrayList<>();
        for (int i = down.size() - 1; i >= 0; i--) {
            Segment part = down.get(i);
            OptionalDouble t = Curves.crossing(part, inside, fold);
            last.add(0, t.isPresent() ? part.part(t.getAsDouble(), 1) : part);
            if (t.isPresent()) {
                break;
            }
        }
        return Curves.reversed(Curves.moved(last, Rigid.flip(end, fold)));
    }

    /** Joins the edges into one closed line, mitring where they meet. */
    private static List<Segment> closed(List<List<Segment>> edges) {
        int n = edges.size();
        Point[] corner = new Point[n];
        for (int i = 0; i < n; i++) {
            List<Segment> a = edges.get(i);
            List<Segment> b = edges.get((i + 1) % n);
            Segment last = a.get(a.size() - 1);
            Segment first = b.get(0);
            Point meet = Parallel.meet(last.to(), last.direction(1), first.from(), first.direction(0));
            boolean near = meet != null && meet.distance(last.to()) + meet.distance(first.from()) < 400;
            corner[i] = near ? meet : null;
        }
        List<Segment> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            List<Segment> run = trimmed(edges.get(i), corner[(i + n - 1) % n], corner[i]);
            if (!out.isEmpty()) {
                bridge(out, run.get(0).from());
            }
            out.addAll(run);
        }
        bridge(out, out.get(0).from());
        return out;
    }

    private static void bridge(List<Segment> out, Point to) {
        Point from = out.get(out.size() - 1).to();
        if (from.distance(to) > 1e-9) {
            out.add(new Line(from, to));
        }
    }

    private static List<Segment> trimmed(List<Segment> run, Point start, Point end) {
        List<Segment> out = new ArrayList<>(run);
        if (end != null) {
            out = toCorner(out, end);
        }
        if (start != null) {
            out = Curves.reversed(toCorner(new ArrayList<>(Curves.reversed(out)), start));
        }
        return out;
    }

    /** Lengthens a run straight on to a corner ahead of it, or cuts it back to one behind its end. */
    private static List<Segment> toCorner(List<Segment> run, Point corner) {
        Segment last = run.get(run.size() - 1);
        Point beyond = corner.minus(last.to());
        if (beyond.norm() < 1e-9) {
            return run;
        }
        boolean ahead = beyond.dot(last.direction(1)) > 0;
        run.remove(run.size() - 1);
        if (last instanceof Line line) {
            run.add(new Line(line.from(), corner));
        } else if (ahead) {
            run.add(last);
            run.add(new Line(last.to(), corner));
        } else {
            Point across = last.direction(1).turned();
            OptionalDouble t = Curves.crossing(last, corner, across);
            Segment kept = t.isPresent() && t.getAsDouble() > 0 ? last.part(0, t.getAsDouble()) : last;
            run.add(kept);
            run.add(new Line(kept.to(), corner));
        }
        return run;
    }
}
