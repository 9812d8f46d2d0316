package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Point;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.BandSettings;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.ElasticSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Map;

/** Whether what is pulled on holds: its elastic, or a band without one, is an inch shorter than the waist at least. */
final class StaysUp {

    static final CheckId ID = new CheckId("stays.up", "holds");

    private static final double LEAST = Length.INCH;

    private StaysUp() {}

    static boolean applies(Inspected on) {
        return on.set().chose(ClosureSettings.CLOSURE, Closure.NONE);
    }

    static Check of(Inspected on) {
        Held held = Held.of(on);
        boolean holds = held.shorter() >= LEAST - 0.01;
        return new Check(
                        ID,
                        "Hold",
                        holds ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        held.shorter(),
                        LEAST,
                        0,
                        holds
                                ? "It is short enough to hold at the waist."
                                : "It is too long to hold at the waist, and will slip down.",
                        holds ? "" : "The " + held.by() + " is not {1} shorter than her waist.",
                        holds
                                ? List.of()
                                : List.of(new Remedy(
                                        "Shorten the " + held.by(),
                                        Map.of(held.shortens(), held.shortens().value(shortest(on, held))))),
                        held)
                .asFloor();
    }

    private static double shortest(Inspected on, Held held) {
        double now = on.set().amount(held.shortens()).value();
        return Math.floor(now - (LEAST - held.shorter()));
    }

    /**
     * What holds the garment up, against the waist.
     *
     * @param by what it is
     * @param length how long it is, all round, mm
     * @param waist the body's waist, mm
     * @param shortens the setting that makes it shorter
     */
    record Held(String by, double length, double waist, Setting shortens) implements Evidence {

        static Held of(Inspected on) {
            double waist = on.body().waist().value();
            if (on.gathered()) {
                return new Held(
                        "elastic", on.set().amount(ElasticSettings.ELASTIC).value(), waist, ElasticSettings.ELASTIC);
            }
            if (on.draft().found(Fact.BAND_LENGTH) && on.set().knows(BandSettings.BAND_ROUND)) {
                return new Held("band", on.fact(Fact.BAND_LENGTH).value(), waist, BandSettings.BAND_ROUND);
            }
            double drawn = 2 * (WaistCloses.net(on.topFront()) + WaistCloses.net(on.topBack())) - on.sewnIn();
            return new Held("waist", drawn, waist, WaistSettings.WAIST_EASE);
        }

        double shorter() {
            return waist - length;
        }

        @Override
        public List<Figure> figures() {
            return List.of(
                    Figure.mm("her waist", waist),
                    Figure.mm(by + ", as sewn", length),
                    Figure.together("shorter by", shorter()));
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table()
                    .fill(
                            BODY,
                            Exhibit.outline(
                                    Point.of(0, 40), Point.of(waist, 40), Point.of(waist, 100), Point.of(0, 100)))
                    .say(PLAIN, Point.of(waist / 2, 76), "her waist", Quantity.MM, waist)
                    .draw(PLAIN, Point.of(0, 0), Point.of(length, 0))
                    .say(PLAIN, Point.of(length / 2, -18), by, Quantity.MM, length);
            if (shorter() < LEAST - 0.01) {
                table.draw(FAULT, Point.of(waist - LEAST, 20), Point.of(length, 20));
            }
            return table.done();
        }
    }
}
