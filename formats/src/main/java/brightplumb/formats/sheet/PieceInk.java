package brightplumb.formats.sheet;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How a piece is drawn: its lines, marks and words, in its own coordinates. */
final class PieceInk {

    private static final double NOTCH = 7;

    private PieceInk() {}

    static List<Ink> of(OneSheet sheet, TitleBlock title) {
        List<Ink> ink = new ArrayList<>();
        DrawnPattern.Piece piece = sheet.drawn();
        String id = piece.id();
        stroke(ink, id + ".cut", Ink.Pen.CUT, piece.cutLine());
        stroke(ink, id + ".sew", Ink.Pen.SEW, piece.sewLine());
        for (DrawnPattern.Dart dart : piece.darts()) {
            List<Line> legs = List.of(new Line(dart.inner(), dart.point()), new Line(dart.point(), dart.outer()));
            stroke(ink, id + ".darts", Ink.Pen.DART, legs);
        }
        neckline(ink, sheet);
        piece.inner().forEach(l -> inner(ink, id + ".inner", l));
        sheet.marks().forEach(m -> mark(ink, id + ".marks", m));
        grain(ink, id + ".grain", piece.grain());
        if (piece.onFold()) {
            fold(ink, id + ".fold", piece);
        }
        label(ink, id + ".label", sheet, title);
        return List.copyOf(ink);
    }

    private static void stroke(List<Ink> ink, String group, Ink.Pen pen, List<? extends Segment> run) {
        ink.add(new Ink.Stroke(group, pen, List.copyOf(run)));
    }

    /** The neckline of the one that is cut from the same sheet, where it is another. */
    private static void neckline(List<Ink> ink, OneSheet sheet) {
        if (sheet.other() == null) {
            return;
        }
        String id = sheet.other().id();
        if (!sheet.sewnBesides().isEmpty()) {
            stroke(ink, id + ".sew", Ink.Pen.SEW, sheet.sewnBesides());
        }
        List<Segment> cut = sheet.cutBesides();
        if (!cut.isEmpty()) {
            stroke(ink, id + ".cut", Ink.Pen.CUT, cut);
            word(ink, id + ".label", cut, "cut " + sheet.other().name().toLowerCase(Locale.ROOT) + " here");
        }
    }

    /** A fold or a placed line, with its word on it. */
    private static void inner(List<Ink> ink, String group, DrawnPattern.Inner line) {
        stroke(ink, group, line.folded() ? Ink.Pen.FOLD : Ink.Pen.DART, line.run());
        if (!line.text().isEmpty()) {
            word(ink, group, line.run(), line.text());
        }
    }

    /** Words along a line. */
    private static void word(List<Ink> ink, String group, List<Segment> run, String text) {
        Curves.Along start = Curves.along(run, Math.min(12, Curves.length(run) / 4));
        double turned = Math.toDegrees(
                Math.atan2(start.direction().y(), start.direction().x()));
        Point at = start.at().plus(start.direction().turned().times(-1.5));
        ink.add(new Ink.Text(group, at, 3, turned, text));
    }

    private static void mark(List<Ink> ink, String group, DrawnPattern.Mark mark) {
        if (mark.drill()) {
            stroke(ink, group, Ink.Pen.MARK, circle(mark.at(), 1.5));
            return;
        }
        Point along = mark.direction().turned();
        for (int i = 0; i < mark.count(); i++) {
            Point foot = mark.at().plus(along.times((i - (mark.count() - 1) / 2.0) * 4));
            stroke(
                    ink,
                    group,
                    Ink.Pen.MARK,
                    List.of(new Line(foot, foot.plus(mark.direction().times(NOTCH)))));
        }
    }

    private static List<Segment> circle(Point at, double r) {
        double k = r * 0.5523;
        Point e = at.plus(Point.of(r, 0));
        Point s = at.plus(Point.of(0, r));
        Point w = at.plus(Point.of(-r, 0));
        Point n = at.plus(Point.of(0, -r));
        return List.of(
                new Cubic(e, e.plus(Point.of(0, k)), s.plus(Point.of(k, 0)), s),
                new Cubic(s, s.plus(Point.of(-k, 0)), w.plus(Point.of(0, k)), w),
                new Cubic(w, w.plus(Point.of(0, -k)), n.plus(Point.of(-k, 0)), n),
                new Cubic(n, n.plus(Point.of(k, 0)), e.plus(Point.of(0, -k)), e));
    }

    private static void grain(List<Ink> ink, String group, Line grain) {
        stroke(ink, group, Ink.Pen.MARK, List.of(grain));
        arrow(ink, group, grain.from(), grain.direction(0));
        arrow(ink, group, grain.to(), grain.direction(0).times(-1));
    }

    private static void arrow(List<Ink> ink, String group, Point tip, Point back) {
        Point side = back.turned();
        Point left = tip.plus(back.times(6)).plus(side.times(2.5));
        Point right = tip.plus(back.times(6)).minus(side.times(2.5));
        stroke(ink, group, Ink.Pen.MARK, List.of(new Line(left, tip), new Line(tip, right)));
    }

    private static void fold(List<Ink> ink, String group, DrawnPattern.Piece piece) {
        DrawnPattern.Edge centre =
                piece.edge("centre.front").or(() -> piece.edge("centre.back")).orElse(null);
        if (centre == null) {
            return;
        }
        Curves.Along middle = Curves.along(centre.run(), Curves.length(centre.run()) / 2);
        String words = "fold of the cloth, " + centre.spoken();
        double length = Curves.length(centre.run());
        double letters = Math.min(4, length / words.length() / 0.7);
        Point at = middle.at().plus(Point.of(8, length / 2 * 0.9));
        ink.add(new Ink.Text(group, at, letters, -90, words));
    }

    private static void label(List<Ink> ink, String group, OneSheet sheet, TitleBlock title) {
        LabelPlace label = LabelPlace.of(sheet, lines(sheet.name(), sheet.instruction(), title));
        for (int i = 0; i < label.lines().size(); i++) {
            Point at = label.at().plus(Point.of(0, label.down(i)));
            ink.add(new Ink.Text(group, at, label.letters(i), 0, label.lines().get(i)));
        }
    }

    /** The words on a piece: what it is, whose, and how it is cut. */
    private static List<String> lines(String name, String instruction, TitleBlock title) {
        return List.of(
                name.toUpperCase(Locale.ROOT),
                instruction,
                title.garment(),
                title.person(),
                title.way() + " way, " + title.revision(),
                title.date() + (title.cutter().isBlank() ? "" : ", " + title.cutter()));
    }
}
