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
 * The cut line of a piece: each edge pushed out by its allowance, corners mitred. Below the hemline the garment is
 * mirrored, so that the turned hem lies on the cloth it covers: where a side tapers in, the allowance goes out.
 */
public final class CutLine {

    /**
     * Inside a bend tighter than its allowance the cut line would run through itself; so much of it is cut out (mm).
     */
    private static final double MOST_LOOP = 150;

    private CutLine() {}

    /**
     * The cut line.
     *
     * @param piece the piece as sewn, its outline clockwise
     * @param allowances what is added outside each edge, by the edge's name; an edge that is missing gets none
     */
    public static List<Segment> of(Piece piece, Map<String, Allowance> allowances) {
        if (allowances.values().stream().allMatch(a -> a.outside() == 0)) {
            return piece.sewLine();
        }
        int n = piece.edges().size();
        List<List<Segment>> edges = new ArrayList<>();
        double[] outside = new double[n];
        for (int i = 0; i < n; i++) {
            Edge edge = piece.edges().get(i);
            Allowance own = allowances.getOrDefault(edge.name(), Allowance.NONE);
            outside[i] = own.outside();
            if (own.turned()) {
                edges.add(Curves.moved(edge.run(), Rigid.slide(outward(edge).times(own.outside()))));
                continue;
            }
            List<Segment> down = past(edge.run(), piece.edges().get((i + 1) % n), allowances);
            edges.add(Parallel.beside(upward(down, piece.edges().get((i + n - 1) % n), allowances), own.outside()));
        }
        return Loops.cutOut(closed(piece, edges, outside), MOST_LOOP);
    }

    /** The way out of a piece across an edge that is folded: square to its middle. */
    private static Point outward(Edge edge) {
        Point along = Curves.along(edge.run(), edge.length() / 2).direction();
        return along.turned().times(-1);
    }

    /**
     * A seam whose end is at a folded edge, with what continues it: its own last part, flipped over the fold, and that
     * again over the next.
     */
    private static List<Segment> past(List<Segment> down, Edge hem, Map<String, Allowance> allowances) {
        Allowance added = allowances.getOrDefault(hem.name(), Allowance.NONE);
        if (!added.turned() || added.outside() <= 0) {
            return down;
        }
        Point out = outward(hem);
        List<Segment> run = new ArrayList<>(down);
        for (double part : added.parts()) {
            run.addAll(flipped(run, out, part));
        }
        return run;
    }

    /** The same of one whose beginning is at a folded edge. */
    private static List<Segment> upward(List<Segment> up, Edge hem, Map<String, Allowance> allowances) {
        Allowance added = allowances.getOrDefault(hem.name(), Allowance.NONE);
        return added.turned() ? Curves.reversed(past(Curves.reversed(up), hem, allowances)) : up;
    }

    /** The last part of a run, so deep, flipped over its end. */
    private static List<Segment> flipped(List<Segment> down, Point out, double deep) {
        Point fold = out.turned();
        Point end = down.get(down.size() - 1).to();
        Point inside = end.minus(out.times(deep));
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

    /** Joins the edges into one closed line, each corner cut back, mitred or cut off. */
    private static List<Segment> closed(Piece piece, List<List<Segment>> edges, double[] outside) {
        int n = edges.size();
        List<List<Segment>> runs = new ArrayList<>(edges);
        List<List<Segment>> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int next = (i + 1) % n;
            Edge edge = piece.edges().get(i);
            Point sewn = edge.run().get(edge.run().size() - 1).to();
            Corner corner = Corner.of(sewn, runs.get(i), runs.get(next), Math.max(outside[i], outside[next]));
            runs.set(i, corner.before());
            runs.set(next, corner.after());
            corners.add(corner.between());
        }
        List<Segment> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            out.addAll(runs.get(i));
            out.addAll(corners.get(i));
        }
        // The first run may have been cut back after it was laid down: begin where the last corner leaves off.
        return joined(out);
    }

    private static List<Segment> joined(List<Segment> outline) {
        List<Segment> out = new ArrayList<>();
        Point at = outline.get(outline.size() - 1).to();
        for (Segment s : outline) {
            if (at.distance(s.from()) > 1e-9) {
                out.add(new Line(at, s.from()));
            }
            out.add(s);
            at = s.to();
        }
        return out;
    }
}
