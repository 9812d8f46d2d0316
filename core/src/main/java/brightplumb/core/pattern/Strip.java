package brightplumb.core.pattern;

import brightplumb.core.geometry.Crossings;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/**
 * A strip of even width taken off an edge. Darts and folds that open on the edge part it; they stay open in the rest,
 * less deep.
 *
 * @param parts the strip, from the edge's start, cut apart where a dart or a fold opened; each part has the edge first,
 *     and the edge that parts it from the next is a {@link #PARTED}, that of the next a {@link #GOES_ON}
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
    private record Gap(List<Segment> before, List<Segment> after) {

        /** The move that lays the line after it on the line before. */
        Rigid closing() {
            return Rigid.onto(
                    new Line(after.get(0).from(), after.get(0).to()),
                    new Line(before.get(0).from(), before.get(0).to()));
        }
    }

    /** Square to a seam that runs downward, away from the centre. */
    private static Point outward(Point down) {
        return Point.of(down.y(), -down.x());
    }

    /**
     * Takes a strip off an edge that has one neighbour at each end.
     *
     * @param role the edge
     * @param width mm
     * @return empty where a dart's point lies in the strip, so that it would not lie flat, where two that open leave
     *     nothing between them, or a neighbour is shorter than the strip is wide
     */
    public static Optional<Strip> off(Piece piece, EdgeRole role, double width) {
        Edge edge = piece.require(role);
        int n = piece.edges().size();
        int at = piece.edges().indexOf(edge);
        Edge centre = piece.edges().get((at + n - 1) % n);
        Edge side = piece.edges().get((at + 1) % n);
        List<Object> open = inOrder(piece, edge);
        List<Gap> gaps = open.stream().map(Strip::gap).toList();
        List<Segment> centreDown = Curves.reversed(centre.run());
        if (centre.length() < width || side.length() < width) {
            return Optional.empty();
        }
        // How the cloth of each part moves when the gaps before it are shut.
        List<Rigid> shut = new ArrayList<>(List.of(Rigid.STAY));
        for (Gap gap : gaps) {
            shut.add(shut.get(shut.size() - 1).after(gap.closing()));
        }
        Rigid last = shut.get(shut.size() - 1);
        // With the gaps shut, one line as deep as the strip at both ends, square to centre and side.
        Curves.Along first = Curves.along(centreDown, width);
        Curves.Along end = Curves.along(side.run(), width);
        Cubic lower = Cubic.leaving(
                first.at(),
                outward(first.direction()),
                outward(last.direction(end.direction())),
                last.apply(end.at()),
                1.0 / 3);
        List<Piece> parts = new ArrayList<>();
        List<Segment> cut = new ArrayList<>();
        List<Point> corners = new ArrayList<>();
        double from = 0;
        double walked = 0;
        double depth = width;
        for (int i = 0; i <= gaps.size(); i++) {
            boolean isLast = i == gaps.size();
            List<Segment> start = i == 0 ? centreDown : gaps.get(i - 1).after();
            List<Segment> stop = isLast ? side.run() : gaps.get(i).before();
            double to = 1;
            double nextDepth = width;
            if (!isLast) {
                Segment leg = stop.get(0).moved(shut.get(i));
                var crossing = Crossings.first(List.of(lower), List.of(leg));
                if (crossing.isEmpty()) {
                    return Optional.empty();
                }
                OptionalDouble t = Curves.crossing(lower, leg.from(), leg.direction(0));
                to = t.orElse(1);
                nextDepth = crossing.get().other();
            }
            List<Segment> beneath =
                    List.of(lower.part(walked, to).moved(shut.get(i).back()));
            double upTo = isLast ? edge.length() : lengthTo(edge, stop.get(0).from());
            List<Segment> upper = Curves.part(edge.run(), from, upTo);
            List<Segment> up = Curves.reversed(Curves.cutAt(start, depth).get(0));
            List<Segment> down = Curves.cutAt(stop, nextDepth).get(0);
            if (upper.isEmpty() || up.isEmpty() || down.isEmpty() || to <= walked) {
                return Optional.empty();
            }
            Point begins = up.get(0).from();
            Point ends = down.get(down.size() - 1).to();
            List<Segment> snapped = Surgery.snapped(beneath, begins, ends);
            parts.add(part(piece, role, upper, down, snapped, up, isLast ? side : null, i == 0 ? centre : null));
            if (i > 0) {
                cut.add(new Line(corners.get(corners.size() - 1), begins));
            }
            cut.addAll(snapped);
            corners.add(begins);
            corners.add(ends);
            walked = to;
            depth = nextDepth;
            from = isLast ? from : lengthTo(edge, gaps.get(i).after().get(0).from());
        }
        double cutCentre = width;
        double cutSide = width;
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
                darts.add(new Dart(d.point(), before, after));
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
        Predicate<Point> inside = Outlines.inside(piece.sewLine());
        return piece.withDarts(darts)
                .withFolds(folds)
                .withMarks(piece.marks().stream()
                        .filter(m -> m.kind() == Mark.Kind.DRILL
                                || inside.test(m.at().minus(m.direction().times(0.5))))
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
        List<Object> all = new ArrayList<>(piece.dartsOn(edge.role()));
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
