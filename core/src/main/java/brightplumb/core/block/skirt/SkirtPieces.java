package brightplumb.core.block.skirt;

import brightplumb.core.block.waist.WaistMarks;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.OnBody;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.rule.Closure;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.List;

/** Makes pattern pieces of a skirt's lines: edges in order, marks, grain. */
final class SkirtPieces {

    private SkirtPieces() {}

    /** @param sideZip the length of a zip in the left side, or null */
    static Piece front(SkirtLines.Panelled lines, Amount sideZip) {
        List<Edge> seams = edges(lines);
        seams.add(
                Edge.of(EdgeRole.CENTRE_FRONT, Curves.reversed(lines.centre())).as(End.FOLD));
        List<Mark> marks = marks(lines);
        sideZip(lines, sideZip, marks);
        return piece(lines, seams, marks);
    }

    /** The back; the centre seam is parted where a zip in it ends. */
    static Piece back(SkirtLines.Panelled lines, Closure closure, Amount zip, Amount slit) {
        List<Edge> seams = edges(lines);
        List<Mark> marks = marks(lines);
        sideZip(lines, closure == Closure.SIDE_ZIP ? zip : null, marks);
        if (closure != Closure.CENTRE_BACK_ZIP) {
            Edge centre = Edge.of(EdgeRole.CENTRE_BACK, Curves.reversed(lines.centre()));
            // Nothing opens behind and nothing is shaped: the back is cut on the fold like the front.
            seams.add(slit == null && plumb(lines) ? centre.as(End.FOLD) : centre);
        } else {
            double most = Curves.length(lines.centre()) - Length.INCH;
            var parted = Curves.cutAt(lines.centre(), Math.min(zip.value(), most));
            seams.add(Edge.of(EdgeRole.CENTRE_BACK, Curves.reversed(parted.get(1))));
            seams.add(Edge.of(EdgeRole.CENTRE_BACK_ZIP, Curves.reversed(parted.get(0)))
                    .as(End.OPENING));
            Segment end = parted.get(1).get(0);
            marks.add(Mark.notch(
                    Mark.Subject.OPENING, end.from(), end.direction(0).turned(), 2, "zip end"));
        }
        if (slit != null && slit.value() > 0) {
            Curves.Along end = Curves.along(Curves.reversed(lines.centre()), slit.value());
            marks.add(Mark.notch(
                    Mark.Subject.SLIT, end.at(), end.direction().turned().times(-1), 2, "slit top"));
        }
        if (seams.get(seams.size() - 1).end() != End.FOLD) {
            Segment top = lines.centre().get(0);
            marks.add(Mark.notch(
                    Mark.Subject.CENTRE, top.at(0.5), top.direction(0.5).turned(), 2, "centre back"));
        }
        return piece(lines, seams, marks);
    }

    private static boolean plumb(SkirtLines.Panelled lines) {
        return Curves.flattened(lines.centre(), 4).stream().allMatch(p -> Math.abs(p.x()) < Tolerance.SAME_POINT);
    }

    /** What is sewn to what: the sides, and the back's own centre seam; a centre front on the fold is none. */
    static List<Join> joins(Piece front, Piece back) {
        List<Join> joins = new ArrayList<>(List.of(Join.sewn(Seam.SIDE, EdgeRole.SIDE, front, back)));
        for (EdgeRole centre : List.of(EdgeRole.CENTRE_BACK, EdgeRole.CENTRE_BACK_ZIP)) {
            if (back.edge(centre).filter(e -> e.end() != End.FOLD).isPresent()) {
                joins.add(Join.mirrored(Seam.of(centre), centre, back));
            }
        }
        return List.copyOf(joins);
    }

    private static void sideZip(SkirtLines.Panelled lines, Amount zip, List<Mark> marks) {
        if (zip != null) {
            marks.add(WaistMarks.sideZip(lines.side(), zip.value()));
        }
    }

    private static List<Edge> edges(SkirtLines.Panelled lines) {
        return new ArrayList<>(List.of(
                Edge.of(EdgeRole.WAIST, lines.waist().run()),
                Edge.of(EdgeRole.SIDE, lines.side()),
                Edge.of(EdgeRole.HEM, lines.hem())));
    }

    private static Piece piece(SkirtLines.Panelled lines, List<Edge> seams, List<Mark> marks) {
        Point hem = lines.centre().get(lines.centre().size() - 1).to();
        double x = lines.waist().side().x() / 2;
        Line grain = new Line(Point.of(x, lines.hipY()), Point.of(x, lines.hipY() + (hem.y() - lines.hipY()) * 0.8));
        Half half = lines.panel();
        return Piece.of(
                        PieceId.of(half),
                        "Skirt " + half,
                        half.panel(),
                        seams,
                        grain,
                        copies(seams.get(seams.size() - 1)),
                        OnBody.AS_DRAFTED)
                .withDarts(lines.waist().darts())
                .withMarks(marks);
    }

    /** A centre that lies on the fold makes one piece of two halves; else there is a left and a right. */
    private static Copies copies(Edge centre) {
        return centre.end() == End.FOLD ? new Copies.OnFold(centre.role(), 1) : new Copies.Pairs(1);
    }

    private static List<Mark> marks(SkirtLines.Panelled lines) {
        List<Mark> marks = new ArrayList<>();
        lines.waist().darts().forEach(d -> marks.addAll(WaistMarks.dart(d)));
        return marks;
    }
}
