package brightplumb.formats.sheet;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * All pieces of a pattern beside each other at full size.
 *
 * @param ink what is drawn, in mm from the sheet's upper left corner
 * @param places where each piece's own origin lies on the sheet, by the piece's id
 * @param width of the sheet, mm
 * @param height of the sheet, mm
 * @param title what is written on it
 */
public record PatternSheet(List<Ink> ink, Map<String, Point> places, double width, double height, TitleBlock title) {

    private static final Set<String> PANELS = Set.of("front", "back");
    private static final double APART = 25;
    private static final double EDGE = 5;
    private static final double NOTCH = 7;

    public PatternSheet {
        ink = List.copyOf(ink);
        places = Map.copyOf(places);
    }

    /** The sheet of a pattern's pieces. */
    public static PatternSheet of(DrawnPattern pattern, TitleBlock title) {
        List<Ink> ink = new ArrayList<>();
        Map<String, Point> places = new HashMap<>();
        List<Box> boxes =
                pattern.pieces().stream().map(p -> Box.of(p.cutLine())).toList();
        // The panels lie beside each other; what else there is goes below them, row by row.
        long panels = pattern.pieces().stream()
                .filter(p -> PANELS.contains(p.panel()) && !p.levels().isEmpty())
                .count();
        double wide = boxes.stream()
                        .limit(Math.max(1, panels))
                        .mapToDouble(b -> b.width() + APART)
                        .sum()
                - APART;
        double across =
                Math.max(wide, boxes.stream().mapToDouble(Box::width).max().orElse(0));
        double x = EDGE;
        double y = EDGE;
        double right = 0;
        double bottom = 0;
        for (int i = 0; i < boxes.size(); i++) {
            DrawnPattern.Piece piece = pattern.pieces().get(i);
            Box box = boxes.get(i);
            if (x > EDGE && x + box.width() > EDGE + across + 0.001) {
                x = EDGE;
                y = bottom + APART;
            }
            Point origin = Point.of(x - box.left, y - box.top);
            places.put(piece.id(), origin);
            draw(piece, Rigid.slide(origin), title, ink);
            x += box.width() + APART;
            right = Math.max(right, x - APART);
            bottom = Math.max(bottom, y + box.bottom - box.top);
        }
        return new PatternSheet(ink, places, right + EDGE, bottom + EDGE, title);
    }

    private static void draw(DrawnPattern.Piece piece, Rigid place, TitleBlock title, List<Ink> ink) {
        String id = piece.id();
        stroke(ink, id + ".cut", Ink.Pen.CUT, piece.cutLine(), place);
        stroke(ink, id + ".sew", Ink.Pen.SEW, piece.sewLine(), place);
        for (DrawnPattern.Dart dart : piece.darts()) {
            List<Line> legs = List.of(new Line(dart.inner(), dart.point()), new Line(dart.point(), dart.outer()));
            stroke(ink, id + ".darts", Ink.Pen.DART, legs, place);
        }
        piece.inner().forEach(l -> inner(ink, id + ".inner", l, place));
        piece.marks().forEach(m -> mark(ink, id + ".marks", m, place));
        grain(ink, id + ".grain", piece.grain(), place);
        if (piece.onFold()) {
            fold(ink, id + ".fold", piece, place);
        }
        label(ink, id + ".label", piece, place, title);
    }

    private static void stroke(List<Ink> ink, String group, Ink.Pen pen, List<? extends Segment> run, Rigid place) {
        ink.add(new Ink.Stroke(group, pen, Curves.moved(run, place)));
    }

    /** A fold or a placed line, with its word on it. */
    private static void inner(List<Ink> ink, String group, DrawnPattern.Inner line, Rigid place) {
        stroke(ink, group, line.folded() ? Ink.Pen.FOLD : Ink.Pen.DART, line.run(), place);
        if (!line.text().isEmpty()) {
            Curves.Along start = Curves.along(line.run(), Math.min(12, Curves.length(line.run()) / 4));
            double turned = Math.toDegrees(
                    Math.atan2(start.direction().y(), start.direction().x()));
            Point at = start.at().plus(start.direction().turned().times(-1.5));
            ink.add(new Ink.Text(group, place.apply(at), 3, turned, line.text()));
        }
    }

    private static void mark(List<Ink> ink, String group, DrawnPattern.Mark mark, Rigid place) {
        if (mark.drill()) {
            stroke(ink, group, Ink.Pen.MARK, circle(mark.at(), 1.5), place);
            return;
        }
        Point along = mark.direction().turned();
        for (int i = 0; i < mark.count(); i++) {
            Point foot = mark.at().plus(along.times((i - (mark.count() - 1) / 2.0) * 4));
            stroke(
                    ink,
                    group,
                    Ink.Pen.MARK,
                    List.of(new Line(foot, foot.plus(mark.direction().times(NOTCH)))),
                    place);
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

    private static void grain(List<Ink> ink, String group, Line grain, Rigid place) {
        stroke(ink, group, Ink.Pen.MARK, List.of(grain), place);
        arrow(ink, group, grain.from(), grain.direction(0), place);
        arrow(ink, group, grain.to(), grain.direction(0).times(-1), place);
    }

    private static void arrow(List<Ink> ink, String group, Point tip, Point back, Rigid place) {
        Point side = back.turned();
        Point left = tip.plus(back.times(6)).plus(side.times(2.5));
        Point right = tip.plus(back.times(6)).minus(side.times(2.5));
        stroke(ink, group, Ink.Pen.MARK, List.of(new Line(left, tip), new Line(tip, right)), place);
    }

    private static void fold(List<Ink> ink, String group, DrawnPattern.Piece piece, Rigid place) {
        DrawnPattern.Edge centre =
                piece.edge("centre.front").or(() -> piece.edge("centre.back")).orElse(null);
        if (centre == null) {
            return;
        }
        Curves.Along middle = Curves.along(centre.run(), Curves.length(centre.run()) / 2);
        String words = "fold of the cloth, " + centre.spoken();
        double length = Curves.length(centre.run());
        double letters = Math.min(4, length / words.length() / 0.7);
        Point at = place.apply(middle.at().plus(Point.of(8, length / 2 * 0.9)));
        ink.add(new Ink.Text(group, at, letters, -90, words));
    }

    private static void label(List<Ink> ink, String group, DrawnPattern.Piece piece, Rigid place, TitleBlock title) {
        LabelPlace label = LabelPlace.of(piece, lines(piece, title));
        for (int i = 0; i < label.lines().size(); i++) {
            Point at = place.apply(label.at().plus(Point.of(0, label.down(i))));
            ink.add(new Ink.Text(group, at, label.letters(i), 0, label.lines().get(i)));
        }
    }

    /** The words on a piece: what it is, whose, and how it is cut. */
    public static List<String> lines(DrawnPattern.Piece piece, TitleBlock title) {
        return List.of(
                piece.name().toUpperCase(java.util.Locale.ROOT),
                piece.instruction(),
                title.garment(),
                title.person(),
                title.way() + " way, " + title.revision(),
                title.date() + (title.cutter().isBlank() ? "" : ", " + title.cutter()));
    }

    /** The smallest upright box round a run. */
    private record Box(double left, double top, double right, double bottom) {
        double width() {
            return right - left;
        }

        static Box of(List<Segment> run) {
            List<Point> points = Curves.flattened(run, 24);
            return new Box(
                    points.stream().mapToDouble(Point::x).min().orElse(0),
                    points.stream().mapToDouble(Point::y).min().orElse(0),
                    points.stream().mapToDouble(Point::x).max().orElse(0),
                    points.stream().mapToDouble(Point::y).max().orElse(0));
        }
    }
}
