package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.ElasticSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether the body's rounds go into a leg: the thigh, the heel through the hem, and the hip through stretched elastic.
 */
final class LegFits {

    static final CheckId THIGH = new CheckId("thigh.room", "fits");
    static final CheckId HEEL = new CheckId("hem.passes.heel", "passes");
    static final CheckId ELASTIC = new CheckId("elastic.reaches", "reaches");

    private static final double THIGH_ROOM = 2 * Length.INCH;
    private static final double HEEL_GIRTH = 1.25;
    private static final double EIGHTH = Length.INCH / 8;

    private LegFits() {}

    /** Room round the thigh, an inch below each panel's fork. */
    static Check thigh(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double wanted = thighWanted(on);
        double has = thighHas(on);
        boolean room = has >= wanted - WaistCloses.TOLERANCE;
        return new Check(
                        THIGH,
                        "Thigh",
                        room ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        has,
                        wanted,
                        WaistCloses.TOLERANCE,
                        room
                                ? "There is room for the thigh below the fork."
                                : "The leg is too narrow for the thigh below the fork.",
                        room ? "" : "Her thigh is thick for her hip, or the forks are short for it.",
                        room ? List.of() : Remedies.whenAsked(() -> wider(on)),
                        new Round(
                                on,
                                "thigh",
                                thighWidth(on, Half.FRONT) * give,
                                thighWidth(on, Half.BACK) * give,
                                on.body()
                                        .find(Measure.THIGH_GIRTH)
                                        .orElseThrow()
                                        .value(),
                                wanted,
                                "thigh and room"))
                .asFloor();
    }

    private static double thighWanted(Inspected on) {
        return on.body().find(Measure.THIGH_GIRTH).orElseThrow().value()
                + (on.set().cloth().stretches() ? 0 : THIGH_ROOM);
    }

    private static double thighHas(Inspected on) {
        return (thighWidth(on, Half.FRONT) + thighWidth(on, Half.BACK))
                * (1 + on.set().cloth().stretch());
    }

    private static double thighWidth(Inspected on, Half half) {
        return on.fact(LegFacts.THIGH_WIDTH.of(half)).value()
                + Opened.at(on, on.fact(LegFacts.CROTCH_DEPTH).value());
    }

    private static List<Remedy> wider(Inspected on) {
        List<Remedy> remedies = new ArrayList<>();
        double back = on.fact(LegFacts.CROTCH_EXTENSION.of(Half.BACK)).value();
        add(on, CrotchSettings.BACK_EXTENSION, back, back * 1.5, "Bring the back fork further out", remedies);
        double ease = on.set().amount(HipSettings.HIP_EASE).value();
        add(on, HipSettings.HIP_EASE, ease, ease + 8 * Length.INCH, "Give the hip more ease", remedies);
        return remedies;
    }

    private static void add(
            Inspected on, Setting setting, double low, double high, String text, List<Remedy> remedies) {
        OptionalDouble found = on.solveSetting(setting, low, high, tried -> thighHas(tried) - thighWanted(tried));
        if (found.isPresent()) {
            remedies.add(new Remedy(text, Map.of(setting, setting.value(found.getAsDouble()))));
        }
    }

    /** Whether a long leg has a knee's depth of cloth below it and so a hem the heel must pass. */
    static boolean hasHeel(Inspected on) {
        return on.hemY()
                > on.body().find(Measure.KNEE_DEPTH).map(k -> k.value()).orElse(0.0) + 4 * Length.INCH;
    }

    /** The heel through the hem. */
    static Check heel(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double wanted =
                HEEL_GIRTH * on.body().find(Measure.ANKLE_GIRTH).orElseThrow().value();
        double has = on.fact(Fact.HEM_GIRTH).value() * give;
        boolean passes = has >= wanted;
        return new Check(
                        HEEL,
                        "Heel",
                        passes ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        has,
                        wanted,
                        0,
                        passes ? "The heel passes the hem." : "The heel does not pass the hem.",
                        passes
                                ? ""
                                : "A hem must go over heel and instep together: the ankle and a quarter of it more.",
                        passes
                                ? List.of()
                                : List.of(new Remedy(
                                        "Widen the hem",
                                        Map.of(
                                                LegSettings.HEM,
                                                LegSettings.HEM.value(
                                                        Math.ceil(wanted / give / EIGHTH + 1) * EIGHTH)))),
                        new Round(
                                on,
                                "hem",
                                on.fact(LegFacts.HEM_WIDTH.of(Half.FRONT)).value() * give,
                                on.fact(LegFacts.HEM_WIDTH.of(Half.BACK)).value() * give,
                                on.body()
                                        .find(Measure.ANKLE_GIRTH)
                                        .orElseThrow()
                                        .value(),
                                wanted,
                                "ankle and a quarter"))
                .asFloor();
    }

    /** The hip through the elastic of a gathered waist. */
    static Check elastic(Inspected on) {
        double length = on.set().amount(ElasticSettings.ELASTIC).value();
        double stretched =
                length * (1 + on.set().amount(ElasticSettings.ELASTIC_STRETCH).value());
        double hip = on.body().hip().value();
        boolean reaches = stretched >= hip;
        return new Check(
                        ELASTIC,
                        "Elastic",
                        reaches ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        stretched,
                        hip,
                        0,
                        reaches
                                ? "Stretched, the elastic goes over the hip."
                                : "Stretched as far as it goes, the elastic is shorter than the hip.",
                        reaches ? "" : "It is cut too short for how far this elastic stretches.",
                        reaches
                                ? List.of()
                                : List.of(new Remedy(
                                        "Cut the elastic longer",
                                        Map.of(
                                                ElasticSettings.ELASTIC,
                                                ElasticSettings.ELASTIC.value(
                                                        Math.ceil(hip / stretched * length / EIGHTH + 0.01)
                                                                * EIGHTH)))),
                        new Round(on, "elastic", length, stretched - length, hip, hip, "hip"))
                .asFloor();
    }

    /**
     * A round laid flat against what must go through it.
     *
     * @param one its first part: the front, or elastic at rest
     * @param other its second part: the back, or how far elastic stretches
     * @param body the body there
     * @param wanted what must go through
     * @param what what that is
     */
    record Round(Inspected on, String where, double one, double other, double body, double wanted, String what)
            implements Evidence {

        @Override
        public Optional<Room> onHer() {
            return elastic() ? Optional.empty() : Optional.of(new Room(where, body, one + other, wanted));
        }

        private boolean elastic() {
            return where.equals("elastic");
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm(elastic() ? "elastic" : "front across the " + where, one),
                    Figure.mm(elastic() ? "stretches by" : "back across the " + where, other),
                    Figure.together("together", one + other),
                    Figure.mm(what, wanted));
        }

        @Override
        public Exhibit exhibit() {
            boolean enough = one + other >= wanted - WaistCloses.TOLERANCE;
            Exhibit.Table table = new Exhibit.Table()
                    .fill(
                            BODY,
                            Exhibit.outline(
                                    Point.of(0, 50), Point.of(wanted, 50), Point.of(wanted, 90), Point.of(0, 90)))
                    .say(PLAIN, Point.of(wanted / 2, 76), what, Quantity.MM, wanted)
                    .draw(elastic() ? PLAIN : FRONT, Point.of(0, 0), Point.of(one, 0))
                    .draw(elastic() ? PENCIL : BACK, Point.of(one, 0), Point.of(one + other, 0))
                    .say(
                            elastic() ? PLAIN : FRONT,
                            Point.of(one / 2, -16),
                            elastic() ? "elastic" : "front",
                            Quantity.MM,
                            one)
                    .say(
                            elastic() ? PENCIL : BACK,
                            Point.of(one + other / 2, -16),
                            elastic() ? "stretches" : "back",
                            Quantity.MM,
                            other);
            if (!enough) {
                table.draw(FAULT, Point.of(one + other, 30), Point.of(wanted, 30))
                        .say(
                                FAULT,
                                Point.of((one + other + wanted) / 2, 20),
                                "short",
                                Quantity.MM,
                                wanted - one - other);
            }
            if (!elastic()) {
                show(table, on.front(), 0, FRONT);
                show(table, on.back(), one + 60, BACK);
            }
            return table.done();
        }

        /** The panel beneath, with the level it was measured on. */
        private void show(Exhibit.Table table, Piece piece, double x, Exhibit.Ink ink) {
            double fork = Inspected.centre(piece)
                    .get(Inspected.centre(piece).size() - 1)
                    .to()
                    .y();
            double y = where.equals("hem") ? on.hemY() : fork + Length.INCH;
            double top = y - 9 * Length.INCH;
            double bottom = Math.min(on.hemY() + 40, y + 4 * Length.INCH);
            double left = Curves.xAtLevel(piece.require(EdgeRole.INSEAM).run(), Math.min(y, on.hemY() - 1))
                    .orElse(0);
            Rigid move = Rigid.slide(Point.of(x - left, 150 - top));
            table.draw(PENCIL, Curves.moved(Lines.above(Lines.below(piece.sewLine(), top), bottom), move));
            double width = where.equals("hem")
                    ? on.fact(LegFacts.HEM_WIDTH.of(piece.panel())).value()
                    : on.fact(LegFacts.THIGH_WIDTH.of(piece.panel())).value();
            table.draw(ink, move.apply(Point.of(left, y)), move.apply(Point.of(left + width, y)));
        }
    }
}
