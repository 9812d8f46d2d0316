package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.BODY;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.LegSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Whether the garment goes round the body, whatever ease was asked: as sewn and stretched, with the least room the
 * cloth and the place need.
 */
final class GoesRound {

    static final CheckId WAIST = new CheckId("waist.fits", "fits");
    static final CheckId HIP = new CheckId("hip.fits", "fits");
    static final CheckId KNEE = new CheckId("knee.fits", "bends");
    static final CheckId BUST = new CheckId("bust.fits", "fits");

    private static final double KNEE_ROOM = Length.INCH;
    /** A waist that closes is at the most so much wider than the body, mm. Common practice, no source. */
    private static final double LOOSE = 2 * Length.INCH;

    private static final double BARE = Length.INCH / 2;

    private GoesRound() {}

    /** A waist that closes must go round the body, and be no looser than what hangs from it can bear. */
    static Check waist(Inspected on) {
        Check fits = fits(on, WAIST, "Waist room", WaistSettings.WAIST_EASE, Round::waist);
        Round round = Round.waist(on);
        double loose = round.measured() / (1 + on.set().cloth().stretch()) - round.body() - LOOSE;
        // What is pulled on is judged by what holds it.
        boolean closes = !on.set().chose(ClosureSettings.CLOSURE, Closure.NONE);
        return fits.verdict() != Verdict.TRUE || !closes || loose <= WaistCloses.TOLERANCE
                ? fits
                : new Check(
                        WAIST,
                        "Waist room",
                        Verdict.WATCH,
                        Quantity.MM,
                        round.measured(),
                        round.body() + LOOSE,
                        WaistCloses.TOLERANCE,
                        "The waist stands off her.",
                        "A waist more than {2} wider than the body slides down, and the whole garment with it.",
                        List.of(new Remedy(
                                "Take the waist in",
                                Map.of(
                                        WaistSettings.WAIST_EASE,
                                        WaistSettings.WAIST_EASE.value(on.set()
                                                        .amount(WaistSettings.WAIST_EASE)
                                                        .value()
                                                - loose
                                                - LOOSE / 2)))),
                        round);
    }

    /** Whether a girth of the garment goes round the body there, with the setting that eases it where it does not. */
    static Check fits(Inspected on, CheckId id, String title, Setting ease, Function<Inspected, Round> looked) {
        Round round = looked.apply(on);
        boolean fits = round.spare() >= -WaistCloses.TOLERANCE;
        return new Check(
                        id,
                        title,
                        fits ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        round.measured(),
                        round.wanted(),
                        WaistCloses.TOLERANCE,
                        fits
                                ? "The " + round.where() + " goes round her."
                                : "The " + round.where() + " does not go round her.",
                        fits ? "" : "It was asked smaller than her " + round.where() + whatGives(on),
                        fits
                                ? List.of()
                                : Remedies.whenAsked(() ->
                                        eased(on, ease, "Give the " + round.where() + " the ease it lacks", looked)),
                        round)
                .asFloor();
    }

    static Check hip(Inspected on) {
        Round round = Round.hip(on);
        boolean woven = !on.set().cloth().stretches();
        Verdict verdict = round.spare() < -WaistCloses.TOLERANCE
                ? Verdict.OFF
                : woven && !byItsWay(on) && round.spare() < BARE - WaistCloses.TOLERANCE ? Verdict.WATCH : Verdict.TRUE;
        boolean byHand = on.set().byHand(HipSettings.HIP_EASE);
        return new Check(
                        HIP,
                        "Hip room",
                        verdict,
                        Quantity.MM,
                        round.measured(),
                        round.wanted() + (woven && verdict == Verdict.WATCH ? BARE : 0),
                        WaistCloses.TOLERANCE,
                        switch (verdict) {
                            case TRUE -> "The hip goes round her.";
                            case WATCH -> "The hip is as wide as she is, with hardly any room.";
                            default -> "The hip does not go round her.";
                        },
                        switch (verdict) {
                            case TRUE -> "";
                            case WATCH ->
                                byHand
                                        ? "Less ease was asked than cloth that does not give needs to sit in."
                                        : "What was set by hand takes the room that its way gives the hip.";
                            default -> "It was asked smaller than her hip" + whatGives(on);
                        },
                        verdict == Verdict.TRUE
                                ? List.of()
                                : Remedies.whenAsked(() ->
                                        eased(on, HipSettings.HIP_EASE, "Give the hip the ease it lacks", tried -> {
                                            Round then = Round.hip(tried);
                                            return then.with(then.wanted() + (woven ? BARE : 0));
                                        })),
                        round)
                .asFloor();
    }

    /** A way that drafts on the bare hip says so once, in a notice: it is no fault of this garment. */
    private static boolean byItsWay(Inspected on) {
        return !on.set().byHand(HipSettings.HIP_EASE)
                && on.set().amount(HipSettings.HIP_EASE).value() < BARE;
    }

    /** Whether a leg goes down over the knee, so that it must go round it. */
    static boolean passesKnee(Inspected on) {
        return on.draft().levels().stream().anyMatch(l -> l.name().equals("knee"));
    }

    static Check knee(Inspected on) {
        Round round = Round.knee(on);
        boolean fits = round.spare() >= -WaistCloses.TOLERANCE;
        return new Check(
                        KNEE,
                        "Knee",
                        fits ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        round.measured(),
                        round.wanted(),
                        WaistCloses.TOLERANCE,
                        fits ? "There is room to bend the knee." : "The leg is too narrow to bend the knee in.",
                        fits
                                ? ""
                                : "At the knee there is less than her knee"
                                        + (on.set().cloth().stretches() ? "." : " and {1} to bend it."),
                        fits
                                ? List.of()
                                : Remedies.whenAsked(() -> {
                                    List<Remedy> wider = eased(on, LegSettings.KNEE, "Widen the knee", Round::knee);
                                    return wider.isEmpty()
                                            ? eased(on, LegSettings.HEM, "Widen the leg", Round::knee)
                                            : wider;
                                }),
                        round)
                .asFloor();
    }

    static String whatGives(Inspected on) {
        return on.set().cloth().stretches()
                ? ", and the cloth does not stretch that far."
                : ", and the cloth does not give.";
    }

    static List<Remedy> eased(Inspected on, Setting setting, String text, Function<Inspected, Round> lacking) {
        double now = on.set().effectiveAmount(setting, on.draft()::told).value();
        ToDoubleFunction<Inspected> spare = tried -> lacking.apply(tried).spare();
        return on.solveSetting(setting, now, now + 4 * Math.abs(spare.applyAsDouble(on)) + Length.INCH, spare).stream()
                .mapToObj(amount -> new Remedy(text, Map.of(setting, setting.value(Math.ceil(amount * 2) / 2))))
                .toList();
    }

    /**
     * A girth of the garment against the body's.
     *
     * @param where the place
     * @param front the front of it, all round, stretched, mm
     * @param back the back of it, likewise
     * @param body the body there, mm
     * @param wanted the least that goes round it, mm
     */
    record Round(String where, double front, double back, double body, double wanted) implements Evidence {

        /** Both panels at a level, from the centre line to their sides, against a girth of the body. */
        static Round of(String where, Inspected on, double level, Measure girth) {
            double give = 1 + on.set().cloth().stretch();
            double body = on.body().find(girth).orElseThrow().value();
            return new Round(
                    where,
                    (2 * (Inspected.sideAt(on.front(), level) + Opened.at(on, level)) - on.sewnIn() / 2) * give,
                    (2 * (Inspected.sideAt(on.back(), level) + Opened.at(on, level)) - on.sewnIn() / 2) * give,
                    body,
                    body);
        }

        static Round waist(Inspected on) {
            double give = 1 + on.set().cloth().stretch();
            double waist = on.body().waist().value();
            return new Round(
                    "waist",
                    (2 * WaistCloses.net(on.topFront()) - on.sewnIn() / 2) * give,
                    (2 * WaistCloses.net(on.topBack()) - on.sewnIn() / 2) * give,
                    waist,
                    waist);
        }

        static Round hip(Inspected on) {
            double give = 1 + on.set().cloth().stretch();
            double hip = on.body().hip().value();
            return new Round(
                    "hip",
                    (2 * on.acrossHip(on.front()) - on.sewnIn() / 2) * give,
                    (2 * on.acrossHip(on.back()) - on.sewnIn() / 2) * give,
                    hip,
                    hip);
        }

        static Round knee(Inspected on) {
            double give = 1 + on.set().cloth().stretch();
            double knee = on.body().find(Measure.KNEE_GIRTH).orElseThrow().value();
            double opened = Opened.at(
                    on, on.body().find(Measure.KNEE_DEPTH).orElseThrow().value());
            return new Round(
                    "knee",
                    (on.fact(LegFacts.KNEE_WIDTH.of(Half.FRONT)).value() + opened - on.sewnIn() / 4) * give,
                    (on.fact(LegFacts.KNEE_WIDTH.of(Half.BACK)).value() + opened - on.sewnIn() / 4) * give,
                    knee,
                    knee + (on.set().cloth().stretches() ? 0 : KNEE_ROOM));
        }

        Round with(double other) {
            return new Round(where, front, back, body, other);
        }

        double measured() {
            return front + back;
        }

        double spare() {
            return measured() - wanted;
        }

        @Override
        public Optional<Room> onHer() {
            return Optional.of(new Room(where, body, measured(), wanted));
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>(List.of(
                    Figure.mm("front", front), Figure.mm("back", back), Figure.together("all round", measured())));
            figures.add(Figure.mm("her " + where, body));
            if (wanted > body) {
                figures.add(Figure.mm("with the least room", wanted));
            }
            return figures;
        }

        /**
         * The garment round the body, seen from above and twice as large, and front and back straightened out over the
         * body's girth.
         */
        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table()
                    .fill(
                            BODY,
                            Exhibit.outline(Point.of(0, 40), Point.of(body, 40), Point.of(body, 100), Point.of(0, 100)))
                    .say(PLAIN, Point.of(body / 2, 76), "her " + where, Quantity.MM, body)
                    .draw(FRONT, Point.of(0, 0), Point.of(front, 0))
                    .say(FRONT, Point.of(front / 2, -18), "front", Quantity.MM, front)
                    .draw(BACK, Point.of(front, 0), Point.of(measured(), 0))
                    .say(BACK, Point.of(front + back / 2, -18), "back", Quantity.MM, back);
            for (double x : new double[] {0, front, measured()}) {
                table.draw(PENCIL, Point.of(x, -10), Point.of(x, 30));
            }
            Point above = Point.of(body / 2, -70 - 2 * Exhibit.DEEP * Math.max(body, measured()));
            List<Segment> cloth = Exhibit.level(above, 2 * measured());
            table.fill(BODY, Exhibit.level(above, 2 * body))
                    .draw(FRONT, cloth.subList(0, 2))
                    .draw(BACK, cloth.subList(2, 4))
                    .say(PENCIL, above, "her " + where + ", from above");
            if (spare() < -WaistCloses.TOLERANCE) {
                table.draw(FAULT, Point.of(measured(), 20), Point.of(wanted, 20))
                        .say(FAULT, Point.of((measured() + wanted) / 2, 12), "short", Quantity.MM, -spare());
            }
            return table.done();
        }
    }
}
