package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Cloth let into a piece to be folded away: between two edges, or beyond one. */
public final class Folding {

    private Folding() {}

    /**
     * A piece cut from one edge to another and opened, the gap filled with cloth that folds away. What lies beyond the
     * cut, toward the outline's direction along the first edge, moves; the two lines of the cut may part toward the
     * first edge, and what lies between them there folds away too.
     *
     * @param top the edge the cut begins on
     * @param foot the edge it ends on
     * @param before the line of the cut on the side that stays, from top to foot
     * @param after the line of the cut on the side that moves, from top to foot; it ends where {@code before} does
     * @param by how far the side beyond moves
     * @param fold the kind of fold
     * @param sewnDown mm from the top along which it is stitched shut
     */
    public static Piece opened(
            Piece piece,
            EdgeRole top,
            EdgeRole foot,
            List<Segment> before,
            List<Segment> after,
            Point by,
            Fold.Kind fold,
            double sewnDown) {
        Rigid open = Rigid.slide(by);
        List<Segment> back = Curves.moved(after, open);
        List<Edge> edges = piece.edges();
        int first = edges.indexOf(piece.require(top));
        int last = edges.indexOf(piece.require(foot));
        double toBefore = on(edges.get(first), before.get(0).from());
        double toAfter = on(edges.get(first), after.get(0).from());
        double atFoot = on(edges.get(last), before.get(before.size() - 1).to());
        List<Segment> beyondTop = Curves.cutAt(edges.get(first).run(), toAfter).get(1);
        List<Segment> beyondFoot = Curves.cutAt(edges.get(last).run(), atFoot).get(0);
        List<Segment> beyond = new ArrayList<>(beyondTop);
        List<Edge> opened = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Edge edge = edges.get(i);
            if (i == first) {
                List<Segment> run =
                        new ArrayList<>(Curves.cutAt(edge.run(), toBefore).get(0));
                run.add(new Line(before.get(0).from(), back.get(0).from()));
                run.addAll(Curves.moved(beyondTop, open));
                opened.add(edge.along(run));
            } else if (i == last) {
                List<Segment> run = new ArrayList<>(Curves.moved(beyondFoot, open));
                run.add(new Line(
                        back.get(back.size() - 1).to(),
                        before.get(before.size() - 1).to()));
                run.addAll(Curves.cutAt(edge.run(), atFoot).get(1));
                opened.add(edge.along(run));
                beyond.addAll(beyondFoot);
            } else if (i > first && i < last) {
                opened.add(edge.moved(open));
                beyond.addAll(edge.run());
            } else {
                opened.add(edge);
            }
        }
        beyond.addAll(Curves.reversed(after));
        List<Segment> middle = List.of(new Line(
                before.get(0).from().toward(back.get(0).from(), 0.5),
                before.get(before.size() - 1)
                        .to()
                        .toward(back.get(back.size() - 1).to(), 0.5)));
        Fold laid = new Fold(fold, before, middle, back, sewnDown);
        List<Fold> folds = new ArrayList<>(piece.folds());
        folds.add(laid);
        List<Segment> moved = Curves.moved(beyond, open);
        Predicate<Point> goes = Outlines.inside(beyond);
        return piece.withEdges(opened)
                .withFolds(folds)
                .withDarts(piece.darts().stream()
                        .map(d -> goes.test(d.point()) ? d.moved(open) : d)
                        .toList())
                .withLines(piece.lines().stream()
                        .map(l -> goes.test(l.run().get(0).at(0.5)) ? l.moved(open) : l)
                        .toList())
                .withMarks(piece.marks().stream()
                        .map(m -> goes.test(inside(m)) ? m.moved(open) : m)
                        .toList())
                .lying(new OnBody(List.of(
                        new OnBody.Zone(moved, open.back()),
                        new OnBody.Zone(staying(opened, before, first, last), Rigid.STAY))));
    }

    private static Point inside(Mark mark) {
        return mark.at().minus(mark.direction().times(0.05));
    }

    /** The outline of what stays. */
    private static List<Segment> staying(List<Edge> opened, List<Segment> before, int first, int last) {
        List<Segment> outline = new ArrayList<>();
        Edge top = opened.get(first);
        outline.addAll(Curves.cutAt(top.run(), on(top, before.get(0).from())).get(0));
        outline.addAll(before);
        Edge foot = opened.get(last);
        outline.addAll(Curves.cutAt(
                        foot.run(), on(foot, before.get(before.size() - 1).to()))
                .get(1));
        for (int i = last + 1; i < opened.size() + first; i++) {
            outline.addAll(opened.get(i % opened.size()).run());
        }
        return outline;
    }

    private static double on(Edge edge, Point place) {
        Curves.Nearest nearest = Curves.nearest(edge.run(), place);
        if (nearest.away() > Tolerance.ON_LINE) {
            throw new IllegalArgumentException("The cut does not end on " + edge.name());
        }
        return nearest.along();
    }

    /**
     * A piece with an extension beyond an edge, at the end where another edge meets it: the edge is the line it is
     * folded on.
     *
     * @param beyond the edge it goes beyond
     * @param foot the edge before it in the outline, from whose end it goes up
     * @param high mm along the edge
     * @param wide mm beyond it
     * @param outer the role of the extension's own outer edge
     * @param top the role of its upper edge
     */
    public static Piece extended(
            Piece piece, EdgeRole beyond, EdgeRole foot, double high, double wide, EdgeRole outer, EdgeRole top) {
        Edge line = piece.require(beyond);
        Edge below = piece.require(foot);
        List<List<Segment>> cut = Curves.cutAt(line.run(), high);
        List<Segment> folded = cut.get(0);
        List<Segment> edge = Parallel.beside(folded, wide);
        Point corner = below.run().get(below.run().size() - 1).to();
        List<Segment> hem = new ArrayList<>(below.run());
        hem.add(new Line(corner, edge.get(0).from()));
        Point end = folded.get(folded.size() - 1).to();
        Point upper = edge.get(edge.size() - 1).to();
        List<Edge> edges = new ArrayList<>();
        for (Edge each : piece.edges()) {
            if (each == below) {
                edges.add(each.along(hem));
                edges.add(Edge.of(outer, edge).as(End.OPENING));
                edges.add(Edge.of(top, List.of(new Line(upper, end))));
            } else if (each == line) {
                edges.add(each.along(cut.get(1)));
            } else {
                edges.add(each);
            }
        }
        List<Segment> out = Curves.reversed(folded);
        List<Fold> folds = new ArrayList<>(piece.folds());
        folds.add(new Fold(Fold.Kind.KICK, out, out, Curves.reversed(edge), 0));
        return piece.withEdges(Surgery.numbered(edges))
                .withFolds(folds)
                .lying(new OnBody(List.of(new OnBody.Zone(piece.sewLine(), Rigid.STAY))));
    }
}
