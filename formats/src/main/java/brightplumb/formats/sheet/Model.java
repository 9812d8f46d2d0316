package brightplumb.formats.sheet;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A pattern made small, to be sewn as a model before the cloth is cut: with a bar that shows its scale, and words that
 * say it is one.
 */
public final class Model {

    /** What every model says of itself. */
    public static final String WORDS = "model, not full size";

    /** The bar stands for so much of the garment, mm. */
    private static final double BAR = 100;

    private static final double ROOM = 14;

    /** No letter is smaller, mm. */
    private static final double LEAST_LETTERS = 1.5;

    private Model() {}

    /**
     * The sheet at a scale.
     *
     * @param parts how many times smaller: 2 or 4
     */
    public static PatternSheet of(PatternSheet sheet, int parts) {
        double scale = 1.0 / parts;
        List<Ink> ink = new ArrayList<>();
        for (Ink each : sheet.ink()) {
            if (each instanceof Ink.Text text) {
                ink.add(new Ink.Text(
                        text.group(),
                        small(text.at(), scale),
                        Math.max(LEAST_LETTERS, text.height() * scale),
                        text.turned(),
                        text.text()));
            } else {
                Ink.Stroke stroke = (Ink.Stroke) each;
                ink.add(new Ink.Stroke(
                        stroke.group(),
                        stroke.pen(),
                        stroke.run().stream().map(s -> small(s, scale)).toList()));
            }
        }
        Map<String, Point> places = new HashMap<>();
        sheet.places().forEach((piece, at) -> places.put(piece, small(at, scale)));
        double foot = sheet.height() * scale + ROOM;
        double bar = BAR * scale;
        ink.add(new Ink.Stroke(
                "model.bar",
                Ink.Pen.CUT,
                List.of(
                        new Line(Point.of(5, foot - 7), Point.of(5, foot - 3)),
                        new Line(Point.of(5, foot - 3), Point.of(5 + bar, foot - 3)),
                        new Line(Point.of(5 + bar, foot - 3), Point.of(5 + bar, foot - 7)))));
        ink.add(new Ink.Text(
                "model.words",
                Point.of(9 + bar, foot - 3),
                3,
                0,
                "10 cm of the garment at " + (parts == 2 ? "half" : "a quarter") + " of its size: " + WORDS));
        return new PatternSheet(ink, places, Math.max(sheet.width() * scale, bar + 125), foot, sheet.title());
    }

    private static Point small(Point p, double scale) {
        return p.times(scale);
    }

    private static Segment small(Segment s, double scale) {
        return s instanceof Cubic k
                ? new Cubic(small(k.from(), scale), small(k.c1(), scale), small(k.c2(), scale), small(k.to(), scale))
                : new Line(small(s.from(), scale), small(s.to(), scale));
    }
}
