package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.BandPlace;
import brightplumb.core.rule.BandSettings;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.BodiceWay;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.HemSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.style.sweep.SweepFacts;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether the length suits the body and what opens in it: no hem under the floor, none that was to reach the knee below
 * it, no slit into a zip.
 */
final class LengthSuits {

    static final CheckId ID = new CheckId("length.suits", "suits");

    /** A hem this far under the knee is no longer meant for it, mm. */
    private static final double MEANT_FOR_THE_KNEE = 4 * Length.INCH;

    private static final double STAYS_CLOSED = 2 * Length.INCH;

    /** A hem that rises by less is levelled when it hangs, mm. */
    private static final double RIDES_UP = Length.INCH / 2;

    private LengthSuits() {}

    /** What a length runs into: how far it may go, and what is said. */
    private record Bound(String name, double most, String text, String cause, Setting gives, SettingValue to) {}

    static Check of(Inspected on) {
        double hem = fromTheWaist(on);
        Optional<Bound> broken = bounds(on, hem).stream().findFirst();
        Bound bound = broken.orElse(null);
        return new Check(
                ID,
                "Length",
                bound == null ? Verdict.TRUE : Verdict.WATCH,
                Quantity.MM,
                hem,
                bound == null ? hem : bound.most(),
                0,
                bound == null ? "The hem, and what opens in it, lie where they can." : bound.text(),
                bound == null ? "" : bound.cause(),
                bound == null
                        ? List.of()
                        : List.of(new Remedy("Bring it to where it can lie", Map.of(bound.gives(), bound.to()))),
                new Down(on, hem, bound == null ? Double.NaN : bound.most(), bound == null ? "" : bound.name()));
    }

    /** The hem below the body's waist: a band that finishes there is part of the way. */
    private static double fromTheWaist(Inspected on) {
        boolean included = on.set().chose(BandSettings.BAND_PLACE, BandPlace.INCLUDED);
        return on.hemY() + (included ? on.set().amount(BandSettings.BAND_HEIGHT).value() : 0);
    }

    private static List<Bound> bounds(Inspected on, double hem) {
        List<Bound> broken = new ArrayList<>();
        on.body()
                .find(Measure.WAIST_TO_FLOOR)
                .map(a -> a.value())
                .filter(floor -> hem > floor + 0.5)
                .ifPresent(floor -> broken.add(new Bound(
                        "the floor",
                        floor,
                        "The hem lies below the floor.",
                        "It is longer than from her waist to the floor: she will tread on it.",
                        HemSettings.LENGTH,
                        HemSettings.LENGTH.value(floor - Length.INCH))));
        rides(on, hem).ifPresent(broken::add);
        boolean skirt = on.set().knows(HemSettings.STRIDE);
        double knee = on.body().find(Measure.KNEE_DEPTH).map(a -> a.value()).orElse(Double.NaN);
        if (skirt
                && !on.set().byHand(HemSettings.LENGTH)
                && hem > knee + Length.INCH
                && hem < knee + MEANT_FOR_THE_KNEE
                && pushed(on)) {
            broken.add(new Bound(
                    "the knee",
                    knee,
                    "A skirt to the knee ends below it.",
                    "The length that is usual lies under this knee, where the legs push against it at each step.",
                    HemSettings.LENGTH,
                    HemSettings.LENGTH.value(knee)));
        }
        double slit =
                skirt && on.draft().steps().stream().anyMatch(s -> s.fact().equals(HemSettings.SLIT.fact()))
                        ? on.set().amount(HemSettings.SLIT).value()
                        : 0;
        double zip = on.centre(EdgeRole.CENTRE_BACK_ZIP, true);
        double centre = zip + on.centre(EdgeRole.CENTRE_BACK, true);
        if (slit > 0 && zip > 0 && centre - zip - slit < STAYS_CLOSED) {
            double end = centre - slit - STAYS_CLOSED;
            boolean shortens = end >= ClosureSettings.ZIP_LENGTH.least();
            Setting gives = shortens ? ClosureSettings.ZIP_LENGTH : HemSettings.SLIT;
            broken.add(new Bound(
                    "the zip",
                    hem,
                    "The slit meets the zip.",
                    "Between zip and slit less than {2} of seam stay closed, and the back opens from waist to hem.",
                    gives,
                    gives.value(shortens ? end : Math.max(0, centre - zip - STAYS_CLOSED))));
        }
        return broken;
    }

    /** Whether the hem is so narrow that the legs push it at a step, and does not open for them. */
    private static boolean pushed(Inspected on) {
        Stepping stepping = new Stepping(on);
        return stepping.needed() - stepping.slit() > StridesFreely.TOLERANCE;
    }

    /**
     * A dart closed above the hem, as a sweep's, takes its intake out of the side: worn, the hem rides up there unless
     * the side got it back.
     */
    private static Optional<Bound> rides(Inspected on, double hem) {
        if (!on.draft().found(SweepFacts.SIDE_LOST)) {
            return Optional.empty();
        }
        // As cut, from the underarm: what is shorter than the way straight down does not reach the hem's level.
        Edge side = on.draft().panel(Panel.FRONT).require(EdgeRole.SIDE);
        double end = side.run().get(0).from().y() + side.length();
        return hem - end < RIDES_UP
                ? Optional.empty()
                : Optional.of(new Bound(
                        "the floor unevenly",
                        end,
                        "The hem rides up at the side.",
                        "The dart that opens the sweep took so much out of the side, and nothing gave it back.",
                        BodiceSettings.BODICE_WAY,
                        BodiceWay.HOUSE));
    }

    /** The way down the body with the hem on it. */
    record Down(Inspected on, double hem, double most, String name) implements Evidence {

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>(List.of(Figure.mm("hem, below the waist", hem)));
            on.body().find(Measure.KNEE_DEPTH).ifPresent(k -> figures.add(Figure.mm("her knee", k.value())));
            on.body().find(Measure.WAIST_TO_FLOOR).ifPresent(f -> figures.add(Figure.mm("the floor", f.value())));
            return figures;
        }

        @Override
        public Exhibit exhibit() {
            double end = Math.max(
                            hem,
                            on.body()
                                    .find(Measure.WAIST_TO_FLOOR)
                                    .map(a -> a.value())
                                    .orElse(hem))
                    + 40;
            Exhibit.Table table = new Exhibit.Table()
                    .fill(
                            BODY,
                            Exhibit.outline(
                                    Point.of(-60, 0), Point.of(60, 0), Point.of(60, end - 40), Point.of(-60, end - 40)))
                    .span(PLAIN, Point.of(110, 0), Point.of(110, hem), "hem");
            level(table, on.hipY(), "hip");
            on.body().find(Measure.KNEE_DEPTH).ifPresent(k -> level(table, k.value(), "knee"));
            on.body().find(Measure.WAIST_TO_FLOOR).ifPresent(f -> level(table, f.value(), "floor"));
            boolean over = !Double.isNaN(most);
            table.draw(over ? FAULT : PLAIN, Point.of(-100, hem), Point.of(130, hem));
            if (over) {
                table.say(FAULT, Point.of(-10, hem + 24), "meets " + name);
            }
            return table.done();
        }

        private static void level(Exhibit.Table table, double y, String name) {
            table.draw(PENCIL, Point.of(-140, y), Point.of(100, y)).say(PENCIL, Point.of(-150, y - 8), name);
        }
    }
}
