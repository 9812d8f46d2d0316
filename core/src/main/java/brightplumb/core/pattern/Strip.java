package brightplumb.core.pattern;

import brightplumb.core.geometry.Crossings;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Parallel;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A strip of even width taken off an edge. Darts and folds that open on the edge part it; they stay open in the rest, less deep.
 *
 * @param parts the strip, from the edge's start, cut apart where a dart or a fold opened; each part has the edge first, and the edge that
 *     parts it from the next is a {@link #PARTED}, that of the next a {@link #GOES_ON}
 * @param rest what the piece is without it
 */
public record Strip(List<Piece> parts, Piece rest) {

    /** Where a dart or a fold parted a strip: the end of the part before it. */
    public static final EdgeRole PARTED = new EdgeRole("parted", "parted by a dart");

    /** Where a dart or a fold parted a strip: the beginning of the part after it. */
    public static final EdgeRole GOES_ON = new EdgeRole("goes.on", "goes on after a dart");

    /** Where it was cut off. */
    public static final EdgeRole LOWER = new EdgeRole("lower", "lower edge");

    /** An opening on the edge: the line before it, and the line after it, both from the edge inward. */
    private record Gap(List<Segment> before, List<Segment> after) {}

    /**
     * Takes a strip off an edge that has one neighbour at each end.
     *
     * @param role the edge
     * @param width mm
     * @return empty where a dart's point lies in the strip, so that it would not lie flat, or a neighbour is shorter than the strip is wide
     */
    public static Optional<Strip> off(Piece piece, EdgeRole role, double width) {
        Edge edge = piece.require(role);
        int n = piece.edges().size();
        int at = piece.edges().indexOf(edge);
        Edge centre = piece.edges().get((at + n - 1) % n);
        Edge side = piece.edges().get((at + 1) % n);
        List<Object> open = inOrder(piece, edge);
        List<Gap> gaps = open.stream().map(Strip::gap).toList();
        List<Piece> parts = new ArrayList<>();
        List<Segment> cut = new ArrayList<>();
        List<Point> corners = new ArrayList<>();
        // Both lines of a gap are cut at one depth, so that they meet when it is shut.
        List<Segment> centreDown = Curves.reversed(centre.run());
        double[] depths = new double[gaps.size() + 2];
        int[] counted = new int[depths.length];
        List<List<Segment>> uppers = new ArrayList<>();
        List<List<Segment>> beneaths = new ArrayList<>();
        for (int i = 0; i <= gaps.size(); i++) {
            List<Segment> start = i == 0 ? centreDown : gaps.get(i - 1).after();
            List<Segment> stop = i == gaps.size() ? side.run() : gaps.get(i).before();
            double from = i == 0 ? 0 : lengthTo(edge, start.get(0).from());
            double to = i == gaps.size()
                    ? edge.length()
                    : lengthTo(edge, stop.get(0).from());
            uppers.add(Curves.part(edge.run(), from, to));
            beneaths.add(Crossings.prolonged(
                    Curves.reversed(Parallel.beside(Curves.reversed(uppers.get(i)), width)), width + 20));
            var begins = Crossings.first(start, beneaths.get(i));
            var ends = Crossings.first(stop, beneaths.get(i));
            if (begins.isEmpty() || ends.isEmpty()) {
                return Optional.empty();
            }
            depths[i] += begins.get().along();
            depths[i + 1] += ends.get().along();
            counted[i]++;
            counted[i + 1]++;
        }
        for (int i = 0; i < depths.length; i++) {
            depths[i] /= counted[i];
        }
        for (int i = 0; i <= gaps.size(); i++) {
            boolean last = i == gaps.size();
            List<Segment> start = i == 0 ? centreDown : gaps.get(i - 1).after();
            List<Segment> stop = last ? side.run() : gaps.get(i).before();
            List<Segment> up = Curves.reversed(Curves.cutAt(start, depths[i]).get(0));
            List<Segment> down = Curves.cutAt(stop, depths[i + 1]).get(0);
            Point begins = up.get(0).from();
            Point ends = down.get(down.size() - 1).to();
            List<Segment> lower = Surgery.snapped(
                    Curves.part(
                            beneaths.get(i),
                            Curves.nearest(beneaths.get(i), begins).along(),
                            Curves.nearest(beneaths.get(i), ends).along()),
                    begins,
                    ends);
            parts.add(part(piece, role, uppers.get(i), down, lower, up, last ? side : null, i == 0 ? centre : null));
            if (i > 0) {
                cut.add(new Line(corners.get(corners.size() - 1), begins));
            }
            cut.addAll(lower);
            corners.add(begins);
            corners.add(ends);
        }
        double cutCentre = depths[0];
        double cutSide = depths[depths.length - 1];
        if (centre.length() - cutCentre < Tolerance.SEAM || side.length() - cutSide < Tolerance.SEAM) {
            return Optional.empty();
        }
        List<Edge> edges = new ArrayList<>(piece.edges());
        edges.set(at, edge.along(cut));
        edges.set(
                (at + n - 1) % n,
                centre.along(
                        Curves.cutAt(centre.run(), centre.length() - cutCentre).get(0)));
        edges.set((at + 1) % n, side.along(Curves.cutAt(side.run(), cutSide).get(1)));
        return Optional.of(new Strip(List.copyOf(parts), rest(piece.withEdges(edges), open, corners)));
    }

    /** The rest with its darts and folds opening on the new edge, and without the marks that went with the strip. */
    private static Piece rest(Piece piece, List<Object> open, List<Point> corners) {
        List<Dart> darts = new ArrayList<>();
        List<Fold> folds = new ArrayList<>();
        int next = 1;
        for (Object gap : open) {
            Point before = corners.get(next);
            Point after = corners.get(next + 1);
            next += 2;
            if (gap instanceof Dart d) {
                darts.add(new Dart(d.point(), before, after, d.length()));
            } else {
                Fold f = (Fold) gap;
                folds.add(new Fold(
                        f.kind(),
                        startingAt(f.out(), before),
                        startingAt(f.middle(), before.toward(after, 0.5)),
                        startingAt(f.back(), after),
                        f.sewnDown()));
            }
        }
        List<Segment> outline = piece.sewLine();
        return piece.withDarts(darts)
                .withFolds(folds)
                .withMarks(piece.marks().stream()
                        .filter(m -> m.kind() == Mark.Kind.DRILL
                                || Outlines.inside(
                                        outline, m.at().minus(m.direction().times(0.5))))
                        .toList());
    }

    private static List<Segment> startingAt(List<Segment> line, Point start) {
        List<Segment> cut = new ArrayList<>(line);
        cut.set(0, new Line(start, line.get(0).to()));
        return cut;
    }

    private static Piece part(
            Piece of,
            EdgeRole role,
            List<Segment> upper,
            List<Segment> down,
            List<Segment> lower,
            List<Segment> up,
            Edge side,
            Edge centre) {
        List<Edge> edges = List.of(
                Edge.of(role, upper),
                side == null ? Edge.of(PARTED, down) : side.along(down),
                Edge.of(LOWER, Curves.reversed(lower)),
                centre == null ? Edge.of(GOES_ON, up) : centre.along(up));
        return of.withEdges(Surgery.numbered(edges))
                .withDarts(List.of())
                .withFolds(List.of())
                .withLines(List.of())
                .withMarks(List.of());
    }

    private static Gap gap(Object opening) {
        if (opening instanceof Dart d) {
            return new Gap(List.of(d.innerLeg()), List.of(d.outerLeg().reversed()));
        }
        Fold f = (Fold) opening;
        return new Gap(f.out(), f.back());
    }

    /** What opens on an edge of a piece, from its start: darts and folds. */
    private static List<Object> inOrder(Piece piece, Edge edge) {
        List<Object> all = new ArrayList<>(piece.darts());
        all.addAll(piece.folds().stream().filter(f -> f.kind() == Fold.Kind.BOX).toList());
        all.sort(Comparator.comparingDouble(
                g -> lengthTo(edge, g instanceof Dart d ? d.inner() : ((Fold) g).outTop())));
        return all;
    }

    private static double lengthTo(Edge edge, Point place) {
        return Curves.lengthTo(edge.run(), place, Tolerance.ON_LINE)
                .orElseThrow(() -> new IllegalStateException("It does not open on the edge"));
    }
}
