package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A piece as it lies on the body: folds shut, zones where they belong, hidden cloth left out. Where hidden cloth leaves
 * a gap in the outline, the fold that hides it is the edge, part of the edge that follows. A fold that takes more at
 * its top than at its foot shows there as the dart it stands for.
 */
final class Worn {

    private static final double BESIDE = 0.01;

    /** Further inside than a curve stands off the straight lines that stand for it. */
    private static final double WITHIN = 1;

    private Worn() {}

    static Piece of(Piece cut) {
        Piece piece = cut.sewn();
        Function<Point, Optional<Rigid>> lies = piece.onBody().moves();
        List<Edge> seen = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            List<Segment> run = new ArrayList<>();
            for (Segment part : edge.run()) {
                Optional<Rigid> move = lies.apply(inside(part));
                if (move.isPresent()) {
                    Segment moved = move.get() == Rigid.STAY ? part : part.moved(move.get());
                    bridge(run, moved.from(), piece.folds());
                    run.add(moved);
                }
            }
            if (!run.isEmpty()) {
                seen.add(edge.along(run));
            }
        }
        List<Dart> darts = new ArrayList<>(piece.darts().stream()
                .flatMap(d -> lies.apply(d.point()).stream().map(d::moved))
                .toList());
        piece.folds().forEach(f -> dart(f, lies).ifPresent(darts::add));
        return piece.withEdges(closed(seen, piece.folds()))
                .withDarts(darts)
                .withFolds(List.of())
                .withLines(List.of())
                .withMarks(piece.marks().stream()
                        .flatMap(m -> lies.apply(m.at().minus(m.direction().times(WITHIN))).stream()
                                .map(m::moved))
                        .toList())
                .lying(OnBody.AS_DRAFTED);
    }

    /** A place just inside the outline, for on it nobody can say which zone it is in. */
    private static Point inside(Segment part) {
        return part.at(0.5).plus(part.direction(0.5).turned().times(WITHIN));
    }

    private static List<Edge> closed(List<Edge> seen, List<Fold> folds) {
        List<Edge> closed = new ArrayList<>();
        for (int i = 0; i < seen.size(); i++) {
            Edge before = seen.get((i + seen.size() - 1) % seen.size());
            List<Segment> run = new ArrayList<>();
            run.add(before.run().get(before.run().size() - 1));
            bridge(run, seen.get(i).run().get(0).from(), folds);
            run.remove(0);
            run.addAll(seen.get(i).run());
            closed.add(seen.get(i).along(run));
        }
        return closed;
    }

    private static void bridge(List<Segment> run, Point to, List<Fold> folds) {
        if (!run.isEmpty()) {
            Point from = run.get(run.size() - 1).to();
            if (from.distance(to) > Tolerance.SAME_POINT) {
                run.addAll(along(from, to, folds));
            }
        }
    }

    /** The line of the fold that lies there; straight across where none does, as between zones that were moved. */
    private static List<Segment> along(Point from, Point to, List<Fold> folds) {
        return folds.stream()
                .map(Fold::out)
                .flatMap(line -> Stream.of(line, Curves.reversed(line)))
                .filter(line -> line.get(0).from().distance(from) < Tolerance.SAME_POINT
                        && line.get(line.size() - 1).to().distance(to) < Tolerance.SAME_POINT)
                .findFirst()
                .orElseGet(() -> List.of(new Line(from, to)));
    }

    /** The dart that a fold stands for at its top. */
    private static Optional<Dart> dart(Fold fold, Function<Point, Optional<Rigid>> lies) {
        if (fold.kind() != Fold.Kind.BOX || fold.out().size() < 2) {
            return Optional.empty();
        }
        Point across = fold.backTop().minus(fold.outTop()).unit().times(BESIDE);
        Optional<Rigid> before = lies.apply(fold.outTop().minus(across).plus(down(fold)));
        Optional<Rigid> after = lies.apply(fold.backTop().plus(across).plus(down(fold)));
        if (before.isEmpty() || after.isEmpty()) {
            return Optional.empty();
        }
        Point inner = before.get().apply(fold.outTop());
        Point outer = after.get().apply(fold.backTop());
        Point point = before.get().apply(fold.out().get(0).to());
        return Optional.of(new Dart(point, inner, outer));
    }

    private static Point down(Fold fold) {
        return fold.out().get(0).direction(0).times(BESIDE * 10);
    }
}
