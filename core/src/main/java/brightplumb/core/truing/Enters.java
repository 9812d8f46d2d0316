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
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Whether the hip goes through: the waist with both edges of its opening, or a waist that is pulled on. */
final class Enters {

    static final CheckId ID = new CheckId("enters", "goes in");

    private static final double ROOM = Length.INCH;
    private static final double QUARTER = Length.INCH / 4;

    /** What was made just wide enough is not too narrow for a last figure. */
    private static final double ROUNDING = 1e-6;

    private Enters() {}

    static Check of(Inspected on) {
        Closure closure = on.set().choice(ClosureSettings.CLOSURE, Closure.class);
        Opening opening = Opening.of(on, closure);
        boolean enters = opening.opens() >= opening.hip() - ROUNDING;
        boolean pulled = closure == Closure.NONE;
        double most =
                on.draft().found(Fact.BAND_LENGTH) ? on.fact(Fact.BAND_LENGTH).value() * opening.give() : opening.hip();
        if (enters && pulled && most < opening.hip() - ROUNDING) {
            return tight(opening, opening.hip() / on.fact(Fact.BAND_LENGTH).value() - 1);
        }
        return new Check(
                        ID,
                        "Getting in",
                        enters ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        opening.opens(),
                        opening.hip(),
                        0,
                        enters
                                ? pulled
                                        ? "Pulled wide, the waist goes over the hip."
                                        : "With the zip open, the waist goes over the hip."
                                : "The hip does not go through.",
                        enters
                                ? ""
                                : pulled
                                        ? "Stretched as far as the cloth goes, the waist is smaller than the hip."
                                        : "The waist and both edges of the zip together are shorter than the hip and "
                                                + "{1} to move.",
                        enters ? List.of() : remedies(on, opening, pulled),
                        opening)
                .asFloor();
    }

    /** The waist goes over the hip, but the band that draws it in must be pulled further than the hand test went. */
    private static Check tight(Opening opening, double stretch) {
        return new Check(
                        ID,
                        "Getting in",
                        Verdict.WATCH,
                        Quantity.MM,
                        opening.opens(),
                        opening.hip(),
                        0,
                        "The waist goes over the hip; the band that draws it in must be pulled hard.",
                        "The band must stretch by " + Math.round(stretch * 100)
                                + " %, more than the cloth was tested to: try it before it is cut, or hold the waist "
                                + "with an elastic.",
                        List.of(),
                        opening)
                .asFloor();
    }

    private static List<Remedy> remedies(Inspected on, Opening opening, boolean pulled) {
        List<Remedy> remedies = new ArrayList<>();
        double hip = on.body().hip().value();
        double zip = Math.max(
                Math.ceil((hip + ROOM - opening.waist()) / 2 / QUARTER) * QUARTER,
                pulled ? on.hipY() : ClosureSettings.ZIP_LENGTH.least());
        Map<Setting, SettingValue> settings =
                new HashMap<>(Map.of(ClosureSettings.ZIP_LENGTH, ClosureSettings.ZIP_LENGTH.value(zip)));
        if (pulled) {
            settings.put(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP);
        }
        boolean front = on.set().choice(ClosureSettings.CLOSURE, Closure.class) == Closure.FLY;
        double longest = Math.min(ClosureSettings.ZIP_LENGTH.most(), on.longestOpening(front ? on.front() : on.back()));
        Remedy open = zip <= longest
                ? new Remedy(pulled ? "Open the centre back with a zip" : "Make the opening longer", settings)
                : null;
        if (pulled && on.set().cloth().stretches()) {
            double ease = (hip - opening.opens()) / opening.give()
                    + on.set().amount(WaistSettings.WAIST_EASE).value();
            if (ease <= WaistSettings.WAIST_EASE.most()) {
                remedies.add(new Remedy(
                        "Cut the waist wider and gather it on its band",
                        Map.of(WaistSettings.WAIST_EASE, WaistSettings.WAIST_EASE.value(Math.ceil(ease + 0.5)))));
            }
        }
        if (open != null) {
            remedies.add(open);
        }
        return remedies;
    }

    /**
     * What opens, against what must pass.
     *
     * @param waist the waist all round, darts shut
     * @param zip the length of the opening; 0 where it is pulled on
     * @param give how far the cloth goes: 1 and its stretch; 1 beside a zip
     * @param hip what must pass
     */
    record Opening(Inspected on, Closure closure, double waist, double zip, double give, double hip)
            implements Evidence {

        static Opening of(Inspected on, Closure closure) {
            double waist = 2 * (WaistCloses.net(on.topFront()) + WaistCloses.net(on.topBack())) - on.sewnIn();
            double hip = on.body().hip().value();
            double zip = switch (closure) {
                case CENTRE_BACK_ZIP -> on.centre(EdgeRole.CENTRE_BACK_ZIP, true);
                case FLY -> on.centre(EdgeRole.FLY, false);
                case SIDE_ZIP ->
                    Math.min(
                            on.set().amount(ClosureSettings.ZIP_LENGTH).value(),
                            on.front().require(EdgeRole.SIDE).length() - Length.INCH);
                case NONE -> 0;
            };
            return closure == Closure.NONE
                    ? new Opening(on, closure, waist, 0, 1 + on.set().cloth().stretch(), hip)
                    : new Opening(on, closure, waist, zip, 1, hip + ROOM);
        }

        double opens() {
            return waist * give + 2 * zip;
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>(List.of(Figure.mm("waist, darts shut", waist)));
            if (zip > 0) {
                figures.add(Figure.mm("one edge of the opening", zip));
                figures.add(Figure.mm("the other edge", zip));
            } else {
                figures.add(Figure.mm("what the cloth gives", waist * (give - 1)));
            }
            figures.add(Figure.together("opens to", opens()));
            figures.add(Figure.mm(zip > 0 ? "hip, and room to move" : "hip", hip));
            return figures;
        }

        /** The opening pulled straight over the hip that must pass it, and the edge it is measured on. */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            double high = 44;
            table.fill(
                    BODY,
                    Exhibit.outline(
                            Point.of(0, 70), Point.of(hip, 70), Point.of(hip, 70 + high), Point.of(0, 70 + high)));
            table.say(PLAIN, Point.of(hip / 2, 98), zip > 0 ? "hip and room" : "hip", Quantity.MM, hip);
            double left = zip;
            double right = zip + waist * give;
            if (zip > 0) {
                Exhibit.Ink one = closure == Closure.CENTRE_BACK_ZIP ? BACK : FRONT;
                Exhibit.Ink other = closure == Closure.FLY ? FRONT : BACK;
                table.draw(one, Point.of(0, 0), Point.of(left, 0))
                        .draw(other, Point.of(right, 0), Point.of(opens(), 0))
                        .say(one, Point.of(left / 2, -20), named(), Quantity.MM, zip)
                        .say(other, Point.of(right + zip / 2, -20), named(), Quantity.MM, zip);
            } else {
                table.draw(PENCIL, Point.of(waist, 0), Point.of(right, 0))
                        .say(PENCIL, Point.of((waist + right) / 2, -20), "gives", Quantity.MM, right - waist);
            }
            table.draw(PLAIN, Point.of(left, 0), Point.of(left + waist, 0))
                    .say(PLAIN, Point.of(left + waist / 2, -20), "waist", Quantity.MM, waist);
            for (double x : new double[] {0, opens()}) {
                table.draw(PENCIL, Point.of(x, -10), Point.of(x, 60));
            }
            if (opens() < hip) {
                table.draw(FAULT, Point.of(opens(), 40), Point.of(hip, 40))
                        .say(FAULT, Point.of((opens() + hip) / 2, 30), "short", Quantity.MM, hip - opens());
            }
            Piece opened = closure == Closure.CENTRE_BACK_ZIP || closure == Closure.NONE ? on.back() : on.front();
            // Beside it, what must go through and the open waist round it, from above.
            double wider = Math.max(hip, opens());
            Point beside = Point.of(Exhibit.WIDE * wider, 170 + Exhibit.DEEP * wider);
            table.fill(BODY, Exhibit.level(beside, hip))
                    .draw(opens() < hip ? FAULT : PLAIN, Exhibit.level(beside, opens()))
                    .say(PENCIL, beside, "from above");
            Rigid below = Rigid.slide(Point.of(2 * Exhibit.WIDE * wider + 120, 190));
            table.draw(PENCIL, Curves.moved(Lines.above(opened.sewLine(), on.hipY() + 2 * Length.INCH), below))
                    .draw(opened == on.back() ? BACK : FRONT, Curves.moved(edge(opened), below));
            return table.done();
        }

        private String named() {
            return closure == Closure.FLY ? "fly" : "zip";
        }

        /** The edge of the opening that is measured, on the piece it is drawn on. */
        private List<Segment> edge(Piece opened) {
            return switch (closure) {
                case CENTRE_BACK_ZIP -> opened.require(EdgeRole.CENTRE_BACK_ZIP).run();
                case FLY -> opened.require(EdgeRole.FLY).run();
                case SIDE_ZIP ->
                    Curves.cutAt(opened.require(EdgeRole.SIDE).run(), zip).get(0);
                case NONE -> List.of();
            };
        }
    }
}
