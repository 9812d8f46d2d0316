package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.LegShape;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Whether the leg hangs by its crease: equal halves on either side of it at knee and hem. Unequal halves twist the leg.
 */
final class CreasePlumb {

    static final CheckId ID = new CheckId("crease.plumb", "plumb", "leans {measured}");

    private static final double STILL_PLUMB = 1;
    private static final double LEANS = 3;

    /** Halves that differ by less are equal, mm. */
    private static final double EQUAL = Length.INCH / 8;

    private CreasePlumb() {}

    static Check of(Inspected on) {
        Halves halves = new Halves(on);
        double lean = halves.worst().lean(halves.crotchY());
        boolean centred = on.set().amount(LegSettings.SIDE_IN).value() == 0
                && on.set().choice(LegSettings.LEG_SHAPE, LegShape.class) != LegShape.PLUMB;
        Verdict verdict = lean <= STILL_PLUMB ? Verdict.TRUE : lean <= LEANS || !centred ? Verdict.WATCH : Verdict.OFF;
        return new Check(
                ID,
                "Crease",
                verdict,
                Quantity.DEGREES,
                lean,
                0,
                STILL_PLUMB,
                verdict == Verdict.TRUE
                        ? halves.apart() <= EQUAL
                                ? "The halves on either side of the crease are equal at the " + halves.places() + "."
                                : "The leg hangs by its crease, which leans less than a degree."
                        : "The halves on either side of the crease are not equal: the leg leans.",
                verdict == Verdict.TRUE ? "" : why(on, halves.worst()),
                verdict == Verdict.TRUE ? List.of() : centred(on),
                halves);
    }

    /** What makes the halves unequal, told of the panel and the level where they differ most. */
    private static String why(Inspected on, Halves.At worst) {
        if (on.set().amount(LegSettings.SIDE_IN).value() > 0) {
            return "The hem is laid from the side, not from the crease.";
        }
        if (on.set().choice(LegSettings.LEG_SHAPE, LegShape.class) == LegShape.PLUMB) {
            return "Each leg falls straight from its own fork and side, not from the crease.";
        }
        String wider = worst.inner() > worst.outer() ? "inseam" : "side";
        return "The " + worst.panel() + " reaches further to the " + wider + " at the " + worst.where()
                + ", and the leg will twist round.";
    }

    private static List<Remedy> centred(Inspected on) {
        Map<Setting, SettingValue> settings = new HashMap<>();
        if (on.set().amount(LegSettings.SIDE_IN).value() > 0) {
            settings.put(LegSettings.SIDE_IN, LegSettings.SIDE_IN.value(0.0));
        }
        if (on.set().choice(LegSettings.LEG_SHAPE, LegShape.class) == LegShape.PLUMB) {
            settings.put(LegSettings.LEG_SHAPE, LegShape.STRAIGHT);
        }
        double inseam = on.set().amount(LegSettings.BACK_LEG_ADD).value();
        double side = on.set().amount(LegSettings.BACK_SIDE_ADD).value();
        if (inseam != side) {
            double each = Math.min((inseam + side) / 2, LegSettings.BACK_LEG_ADD.most());
            settings.put(LegSettings.BACK_LEG_ADD, LegSettings.BACK_LEG_ADD.value(each));
            settings.put(LegSettings.BACK_SIDE_ADD, LegSettings.BACK_SIDE_ADD.value(each));
        }
        return settings.isEmpty() ? List.of() : List.of(new Remedy("Centre the leg on its crease", settings));
    }

    /** Both panels about the crease. */
    record Halves(Inspected on) implements Evidence {

        /**
         * What lies on either side of the crease at a level.
         *
         * @param y the level
         */
        record At(Panel panel, String where, double y, double inner, double outer) {
            double lean(double crotchY) {
                return Math.toDegrees(Math.atan2(Math.abs(outer - inner) / 2, y - crotchY));
            }
        }

        /** How much the halves differ at the most, mm. */
        double apart() {
            return levels().stream()
                    .mapToDouble(a -> Math.abs(a.outer() - a.inner()))
                    .max()
                    .orElse(0);
        }

        /** Where it is looked at. */
        String places() {
            return levels().stream().map(At::where).distinct().collect(Collectors.joining(" and at the "));
        }

        /** Whether the leg ends above the knee through which it was led, so that no level it was centred on is left. */
        private boolean cutShort() {
            return on.draft().levels().stream().noneMatch(l -> l.name().equals("knee"))
                    && !on.set().askedBeyondWay(LegSettings.HEM);
        }

        private double crease() {
            return on.fact(LegFacts.CREASE.of(Half.FRONT)).value();
        }

        double crotchY() {
            return on.fact(LegFacts.CROTCH_DEPTH).value();
        }

        /**
         * The knee of a leg that is led through it, and the hem, of both panels. A leg that is cut above the knee is
         * looked at where the whole leg is centred: its halves are not yet equal at the hem.
         */
        private List<At> levels() {
            List<At> levels = new ArrayList<>();
            double knee = on.draft().levels().stream()
                    .filter(l -> l.name().equals("knee"))
                    .mapToDouble(l -> l.y())
                    .findFirst()
                    .orElse(Double.NaN);
            boolean pastKnee = !Double.isNaN(knee);
            LegShape shape = on.set().choice(LegSettings.LEG_SHAPE, LegShape.class);
            boolean throughKnee = shape == LegShape.TAPERED || shape == LegShape.TAPE;
            if (cutShort() && throughKnee) {
                double wholeKnee = on.draft()
                        .told(HemSettings.KNEE_LEVEL.fact())
                        .orElseThrow()
                        .value();
                levels.add(wholeLeg(Half.FRONT, wholeKnee, 0, 0));
                levels.add(wholeLeg(
                        Half.BACK,
                        wholeKnee,
                        on.set().amount(LegSettings.BACK_LEG_ADD).value(),
                        on.set().amount(LegSettings.BACK_SIDE_ADD).value()));
                return levels;
            }
            if (pastKnee && throughKnee) {
                levels.add(at(on.front(), "knee", knee));
                levels.add(at(on.back(), "knee", knee));
            }
            levels.add(hem(on.front()));
            levels.add(hem(on.back()));
            return levels;
        }

        /** The whole leg at the knee: as much on either side of the crease, and what the back has beyond the front. */
        private At wholeLeg(Half half, double knee, double inner, double outer) {
            double each = (on.fact(LegFacts.KNEE_WIDTH.of(half)).value() - inner - outer) / 2;
            return new At(half.panel(), "knee of the whole leg", knee, each + inner, each + outer);
        }

        private At at(Piece piece, String where, double y) {
            double inseam =
                    Curves.xAtLevel(piece.require(EdgeRole.INSEAM).run(), y).orElse(Double.NaN);
            double side = Inspected.sideAt(piece, y);
            return new At(piece.panel(), where, y, crease() - inseam, side - crease());
        }

        private At hem(Piece piece) {
            var run = piece.require(EdgeRole.HEM).run();
            Point side = run.get(0).from();
            Point inseam = run.get(run.size() - 1).to();
            return new At(piece.panel(), "hem", on.hemY(), crease() - inseam.x(), side.x() - crease());
        }

        /** Where they differ most, as a lean from the crotch line. */
        At worst() {
            return Collections.max(levels(), Comparator.comparingDouble(a -> a.lean(crotchY())));
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>();
            for (At at : levels()) {
                figures.add(Figure.mm(at.panel() + " " + at.where() + ", to the inseam", at.inner()));
                figures.add(Figure.mm(at.panel() + " " + at.where() + ", to the side", at.outer()));
            }
            figures.add(new Figure("leans by", Quantity.DEGREES, worst().lean(crotchY()), true));
            return figures;
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            double apart = Inspected.sideAt(on.front(), on.hipY())
                    + on.fact(LegFacts.CROTCH_EXTENSION.of(Half.BACK)).value()
                    + 3 * Length.INCH;
            for (Piece piece : List.of(on.front(), on.back())) {
                Rigid move = Rigid.slide(Point.of(!piece.behind() ? 0 : apart, 0));
                table.draw(PENCIL, Curves.moved(piece.sewLine(), move))
                        .draw(PLAIN, move.apply(Point.of(crease(), 0)), move.apply(Point.of(crease(), on.hemY() + 20)));
                for (At at : levels()) {
                    if (at.panel().equals(piece.panel())) {
                        boolean plumb = at.lean(crotchY()) <= STILL_PLUMB;
                        Exhibit.Ink ink = plumb ? !piece.behind() ? FRONT : BACK : FAULT;
                        double y = at.y() - (at.where().equals("hem") ? 6 : 0);
                        table.span(
                                        ink,
                                        move.apply(Point.of(crease() - at.inner(), y)),
                                        move.apply(Point.of(crease(), y)),
                                        "")
                                .span(
                                        ink,
                                        move.apply(Point.of(crease(), y)),
                                        move.apply(Point.of(crease() + at.outer(), y)),
                                        "");
                    }
                }
                table.say(PLAIN, move.apply(Point.of(crease(), -14)), piece.panel() + " crease");
            }
            return table.done();
        }
    }
}
