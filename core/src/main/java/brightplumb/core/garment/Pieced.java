package brightplumb.core.garment;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Layer;
import java.util.ArrayList;
import java.util.List;

/** A straight band cut in two at half its length, with half an inch for the seam at each. Common practice, no source. */
final class Pieced {

    private static final double SEAM = Length.INCH / 2;

    private Pieced() {}

    static boolean any(Drafted drafted, Layer layer) {
        return drafted.pieces().stream().anyMatch(p -> p.piece().layer() == layer && straight(p));
    }

    /** A band of four straight edges, whole. */
    private static boolean straight(CutPiece piece) {
        return piece.piece().panel().equals("band")
                && !piece.onFold()
                && piece.cutLine().size() == 4
                && piece.cutLine().stream().allMatch(Line.class::isInstance);
    }

    /** The piece, or its halves. */
    static List<CutPiece> of(CutPiece piece) {
        return straight(piece) ? List.of(half(piece, 0), half(piece, 1)) : List.of(piece);
    }

    private static CutPiece half(CutPiece piece, int which) {
        List<Point> corners = piece.cutLine().stream().map(Segment::from).toList();
        // Cut across its longer sides.
        int first = corners.get(0).distance(corners.get(1)) >= corners.get(1).distance(corners.get(2)) ? 0 : 1;
        List<Point> round = new ArrayList<>(corners.subList(first, 4));
        round.addAll(corners.subList(0, first));
        Point along = round.get(1).minus(round.get(0)).unit().times(SEAM);
        Point upper = round.get(0).toward(round.get(1), 0.5);
        Point lower = round.get(3).toward(round.get(2), 0.5);
        List<Point> half = which == 0
                ? List.of(round.get(0), upper.plus(along), lower.plus(along), round.get(3))
                : List.of(upper.minus(along), round.get(1), round.get(2), lower.minus(along));
        List<Segment> line = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            line.add(new Line(half.get(i), half.get((i + 1) % 4)));
        }
        return new CutPiece(piece.piece(), piece.fused(), piece.allowances(), line);
    }
}
