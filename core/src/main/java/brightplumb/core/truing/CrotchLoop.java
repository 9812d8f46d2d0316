package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Roots;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * The crotch seams joined at the fork as they lie on the body, seen from her left: the front to the right. Behind them
 * the body, as deep as its rise and as long round as its tape.
 *
 * @param wanted the loop that is asked, mm; null where the tape was not taken
 */
record CrotchLoop(Inspected on, Double wanted) implements Evidence {

    @Override
    public List<Figure> figures() {
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.mm("front curve", Curves.length(on.centreSeam(false))),
                Figure.mm("back curve", Curves.length(on.centreSeam(true))),
                Figure.together("together", CrotchChecks.loop(on))));
        if (wanted != null) {
            figures.add(Figure.mm(
                    "taped", on.body().find(Measure.CROTCH_LENGTH).orElseThrow().value()));
            figures.add(Figure.mm("wanted, with the depth twice", wanted));
        }
        figures.add(Figure.mm("back waist up", on.fact(LegFacts.BACK_RISE).value()));
        figures.add(Figure.mm("back fork down", on.fact(LegFacts.FORK_DROP).value()));
        return figures;
    }

    @Override
    public Exhibit exhibit() {
        List<Segment> front = on.centreSeam(false);
        List<Segment> back = on.centreSeam(true);
        Point frontFork = front.get(front.size() - 1).to();
        Point backFork = back.get(back.size() - 1).to();
        Rigid over =
                Rigid.slide(frontFork.minus(Exhibit.MIRRORED.apply(backFork))).after(Exhibit.MIRRORED);
        List<Segment> behind = Curves.moved(back, over);
        Exhibit.Table table = new Exhibit.Table();
        Point frontTop = front.get(0).from();
        Point backTop = behind.get(0).from();
        double left = Math.min(backTop.x(), over.apply(Point.of(0, 0)).x()) - 90;
        double right = frontTop.x() + 120;
        body(table, over.apply(Point.of(0, on.hipY())).x(), frontTop.x());
        level(table, left, right, 0, "waist");
        level(table, left, right, on.hipY(), "hip");
        level(table, left, right, on.fact(LegFacts.CROTCH_DEPTH).value(), "crotch line");
        table.draw(FRONT, front).draw(BACK, behind);
        Point beside = Curves.along(front, Curves.length(front) * 0.4).at();
        table.say(FRONT, beside.plus(Point.of(62, 0)), "front", Quantity.MM, Curves.length(front));
        Point other = Curves.along(behind, Curves.length(back) * 0.4).at();
        table.say(BACK, other.plus(Point.of(-66, 0)), "back", Quantity.MM, Curves.length(back));
        table.say(PLAIN, frontFork.plus(Point.of(0, 34)), "fork");
        if (wanted != null) {
            missing(table, behind, backTop);
        }
        return table.done();
    }

    private void missing(Exhibit.Table table, List<Segment> behind, Point backTop) {
        double missing = wanted - CrotchChecks.loop(on);
        if (Math.abs(missing) > Length.INCH / 2) {
            Point up = behind.get(0).direction(0).times(-1);
            Point there = backTop.plus(up.times(missing));
            table.draw(FAULT, backTop, there)
                    .draw(FAULT, there.plus(Point.of(-18, 0)), there.plus(Point.of(18, 0)))
                    .say(
                            FAULT,
                            there.plus(Point.of(78, missing > 0 ? -4 : 14)),
                            missing > 0 ? "short here by" : "long here by",
                            Quantity.MM,
                            Math.abs(missing));
        }
    }

    private static void level(Exhibit.Table table, double left, double right, double y, String name) {
        table.draw(PENCIL, Point.of(left, y), Point.of(right, y)).say(PENCIL, Point.of(right - 20, y - 8), name);
    }

    /** The body between its waists: down to the rise, and round by the crotch length where that was taken. */
    private void body(Exhibit.Table table, double backX, double frontX) {
        double whole = on.body().find(Measure.BODY_RISE).orElseThrow().value();
        double low = on.set()
                .belowBand(on.body().find(Measure.BODY_RISE).orElseThrow())
                .value();
        // The body begins at its waist, which lies above the seam where a band finishes there.
        double high = low - whole;
        double round = on.body()
                .find(Measure.CROTCH_LENGTH)
                .map(a -> a.value())
                .orElse(2 * whole + 0.165 * on.body().hip().value());
        double bulge = Roots.between(0, 1.6, k -> Curves.length(between(backX, frontX, high, low, k)) - round)
                .orElse(0.8);
        List<Segment> outline = new ArrayList<>(between(backX, frontX, high, low, bulge));
        outline.add(new Line(Point.of(frontX, high), Point.of(backX, high)));
        table.fill(BODY, outline);
        table.say(PENCIL, Point.of((backX + frontX) / 2, low * 0.42), "the body");
        if (on.body().find(Measure.CROTCH_LENGTH).isPresent()) {
            table.say(PENCIL, Point.of((backX + frontX) / 2, low * 0.42 + 24), "taped", Quantity.MM, round);
        }
    }

    private static List<Segment> between(double backX, double frontX, double high, double low, double bulge) {
        double middle = backX + (frontX - backX) * 0.6;
        Point fork = Point.of(middle, low);
        Point back = Point.of(backX, high);
        Point front = Point.of(frontX, high);
        return List.of(
                new Cubic(
                        back,
                        Point.of(backX - 60 * bulge, high + (low - high) * 0.5 * bulge),
                        Point.of(middle - (middle - backX) * bulge, low),
                        fork),
                new Cubic(
                        fork,
                        Point.of(middle + (frontX - middle) * bulge, low),
                        Point.of(frontX + 20 * bulge, high + (low - high) * 0.5 * bulge),
                        front));
    }

    /**
     * The front down to its crotch line, with the line the body's rise lies on.
     *
     * @param depth the crotch line below the waist
     * @param rise the body's rise
     */
    record Depth(Inspected on, double depth, double rise) implements Evidence {

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("crotch line below the waist", depth),
                    Figure.mm("rise, seated", rise),
                    Figure.together("deeper than the body", depth - rise));
        }

        @Override
        public Exhibit exhibit() {
            double side = Inspected.sideAt(on.front(), on.hipY());
            boolean high = depth < rise - WaistCloses.TOLERANCE;
            return new Exhibit.Table()
                    .fill(
                            BODY,
                            Exhibit.outline(
                                    Point.of(20, 0),
                                    Point.of(side - 20, 0),
                                    Point.of(side - 20, rise),
                                    Point.of(20, rise)))
                    .draw(PENCIL, Lines.above(on.front().sewLine(), depth + 3 * Length.INCH))
                    .draw(FRONT, on.centreSeam(false))
                    .draw(high ? FAULT : PLAIN, Point.of(-60, depth), Point.of(side + 40, depth))
                    .span(PLAIN, Point.of(side + 70, 0), Point.of(side + 70, depth), "crotch line")
                    .span(PENCIL, Point.of(-90, 0), Point.of(-90, rise), "the rise")
                    .done();
        }
    }
}
