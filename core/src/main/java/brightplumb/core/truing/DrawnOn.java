package brightplumb.core.truing;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import brightplumb.core.truing.GoesRound.Round;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whether one gets into what hangs from the shoulder. Stepped into, the hips go through the neck and, on the way down,
 * through bust and waist; where it opens between the legs it may go over the head, and then the head goes through the
 * neck and the bust through the waist. A zip opens whatever it passes by both its edges below. Common practice, no
 * source.
 */
final class DrawnOn {

    /** Beside a zip, in cloth that does not give, one must be able to move. */
    private static final double TO_MOVE = Length.INCH;

    private DrawnOn() {}

    static Check of(Inspected on) {
        Through through = Through.best(on);
        boolean enters = through.enters();
        boolean headLeftOut = studs(on) && on.body().find(Measure.HEAD_GIRTH).isEmpty();
        Verdict verdict = enters ? Verdict.TRUE : headLeftOut ? Verdict.NOT_TAKEN : Verdict.OFF;
        Passage told = through.told();
        return new Check(
                        Enters.ID,
                        "Getting in",
                        verdict,
                        Quantity.MM,
                        told.round().measured(),
                        verdict == Verdict.NOT_TAKEN
                                ? told.round().measured()
                                : told.round().wanted(),
                        WaistCloses.TOLERANCE,
                        switch (verdict) {
                            case TRUE ->
                                "Pulled wide, it lets the " + told.what() + " through the " + told.where()
                                        + ", and nothing on the way is narrower than what goes through it.";
                            case NOT_TAKEN ->
                                "Nobody can say: the head was not taken. Take it round the brow and the back of the "
                                        + "head.";
                            default -> "The " + told.what() + " cannot pass the " + told.where() + ".";
                        },
                        verdict == Verdict.OFF ? cause(on, told) : "",
                        verdict == Verdict.OFF ? Remedies.whenAsked(() -> remedies(on, told)) : List.of(),
                        through)
                .asFloor();
    }

    private static String cause(Inspected on, Passage told) {
        boolean zip = on.set().chose(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP);
        return "Opened and stretched as far as it goes, the " + told.where() + " is smaller than the " + told.what()
                + (zip ? "; the zip ends too high." : ", and it opens nowhere else.");
    }

    /** Whether it opens between the legs. */
    private static boolean studs(Inspected on) {
        return on.draft().joins().stream()
                .anyMatch(j -> j.seam().equals(Seam.CROTCH_ENDS) && j.kind() == Join.Kind.LAPPED);
    }

    /** Where a garment may be too narrow to get in by. */
    private enum Place {
        NECK,
        BUST,
        WAIST
    }

    /**
     * A place that must be passed.
     *
     * @param place where it is
     * @param what of the body passes it
     * @param round what it opens to, against that
     */
    record Passage(Place place, String what, Round round) {

        String where() {
            return place.name().toLowerCase(Locale.ROOT);
        }

        static Passage neck(Inspected on, String what, double body) {
            double give = 1 + on.set().cloth().stretch();
            double front = (2 * BodyRoom.along(on.front(), EdgeRole.NECK) - 2 * on.sewnIn(EdgeRole.SHOULDER)) * give;
            double opens = on.neckOpening() * give + 2 * zip(on);
            return new Passage(Place.NECK, what, new Round(what, front, opens - front, body, wanted(on, body)));
        }

        static Passage at(Inspected on, Place place, double level, Measure girth, String what, double body) {
            Round closed = Round.of(what, on, level, girth);
            double opens = closed.measured() + 2 * zipBelow(on, level);
            return new Passage(
                    place, what, new Round(what, closed.front(), opens - closed.front(), body, wanted(on, body)));
        }

        private static double wanted(Inspected on, double body) {
            return on.set().cloth().stretches() ? body : body + TO_MOVE;
        }

        double spare() {
            return round.spare();
        }
    }

    private static double zip(Inspected on) {
        return on.set().chose(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP)
                ? on.centre(EdgeRole.CENTRE_BACK_ZIP, true)
                : 0;
    }

    /** How much of the zip lies below a level, mm. */
    private static double zipBelow(Inspected on, double level) {
        if (zip(on) == 0) {
            return 0;
        }
        return on.back().edge(EdgeRole.CENTRE_BACK_ZIP).stream()
                .flatMap(e -> Curves.flattened(e.run(), 1).stream())
                .mapToDouble(place -> place.y() - level)
                .max()
                .stream()
                .map(below -> Math.max(0, below))
                .findFirst()
                .orElse(0);
    }

    /**
     * One way in: what must be passed, in order.
     *
     * @param passages 1 at least
     */
    record Through(List<Passage> passages) implements Evidence {

        /** The way in that has most to spare where it is narrowest. */
        static Through best(Inspected on) {
            double hip = on.body().hip().value();
            double bustLevel = on.draft().level("bust").orElse(0);
            double bust = on.body().find(Measure.BUST_GIRTH).orElseThrow().value();
            Through stepped = new Through(List.of(
                    Passage.neck(on, "hips", hip),
                    Passage.at(on, Place.BUST, bustLevel, Measure.BUST_GIRTH, "hips", hip),
                    Passage.at(on, Place.WAIST, 0, Measure.WAIST_GIRTH, "hips", hip)));
            Optional<Through> pulled = studs(on)
                    ? on.body()
                            .find(Measure.HEAD_GIRTH)
                            .map(head -> new Through(List.of(
                                    Passage.neck(on, "head", head.value()),
                                    Passage.at(on, Place.WAIST, 0, Measure.WAIST_GIRTH, "bust", bust))))
                    : Optional.empty();
            return Stream.concat(pulled.stream(), Stream.of(stepped))
                    .max(Comparator.comparingDouble(
                            t -> Math.min(0, t.narrowest().spare())))
                    .orElseThrow();
        }

        Passage narrowest() {
            return passages.stream()
                    .min(Comparator.comparingDouble(Passage::spare))
                    .orElseThrow();
        }

        boolean enters() {
            return narrowest().spare() >= -WaistCloses.TOLERANCE;
        }

        /** What is spoken of: the neck where all is passed, else what cannot be. */
        Passage told() {
            return enters() ? passages.get(0) : narrowest();
        }

        @Override
        public Optional<Room> onHer() {
            return told().round().onHer();
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>();
            for (Passage passage : passages) {
                figures.add(Figure.mm(
                        "the " + passage.where() + " opens to", passage.round().measured()));
                figures.add(Figure.mm(
                        passage.round().wanted() > passage.round().body()
                                ? "her " + passage.what() + ", and room to move"
                                : "her " + passage.what(),
                        passage.round().wanted()));
            }
            return figures;
        }

        @Override
        public Exhibit exhibit() {
            return told().round().exhibit();
        }
    }

    /** What mends it, tried on the draft; the neck first where it is the neck. */
    private static List<Remedy> remedies(Inspected on, Passage told) {
        List<Remedy> remedies = new ArrayList<>();
        switch (told.place()) {
            case NECK -> {
                remedies.addAll(solved(on, BodiceSettings.BACK_NECK_DEPTH, "Deepen the back neck"));
                remedies.addAll(solved(on, BodiceSettings.FRONT_NECK_DEPTH, "Deepen the front neck"));
            }
            case BUST -> remedies.addAll(solved(on, BodiceSettings.BUST_EASE, "Cut the bust wider"));
            case WAIST -> remedies.addAll(solved(on, WaistSettings.WAIST_EASE, "Cut the waist wider"));
        }
        boolean zipped = on.set().chose(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP);
        if (zipped) {
            remedies.addAll(solved(on, ClosureSettings.ZIP_LENGTH, "Make the zip longer"));
        } else {
            zipped(on).ifPresent(remedies::add);
        }
        if (on.draft().joins().stream().anyMatch(j -> j.seam().equals(Seam.CROTCH_ENDS)) && !studs(on)) {
            Remedy studs = new Remedy(
                    "Open it between the legs with studs", Map.of(SuitSettings.FASTENING, CrotchFastening.STUDS));
            if (mends(on, studs)) {
                remedies.add(studs);
            }
        }
        return remedies;
    }

    /** A zip from the back neck, as far down as it must go. */
    private static Optional<Remedy> zipped(Inspected on) {
        for (double zip = 12 * Length.INCH; zip <= ClosureSettings.ZIP_LENGTH.most(); zip += Length.INCH / 2) {
            Map<Setting, SettingValue> settings = new HashMap<>();
            settings.put(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP);
            settings.put(ClosureSettings.ZIP_LENGTH, ClosureSettings.ZIP_LENGTH.value(zip));
            Remedy remedy = new Remedy("Open the centre back with a zip", settings);
            if (mends(on, remedy)) {
                return Optional.of(remedy);
            }
        }
        return Optional.empty();
    }

    private static boolean mends(Inspected on, Remedy remedy) {
        return on.withSettings(remedy.settings())
                .map(tried -> Through.best(tried).enters())
                .orElse(false);
    }

    private static List<Remedy> solved(Inspected on, Setting setting, String text) {
        double now = on.set().effectiveAmount(setting, on.draft()::told).value();
        return on
                .solveSetting(
                        setting,
                        now,
                        setting.most(),
                        tried -> Through.best(tried).narrowest().spare())
                .stream()
                .mapToObj(mm -> new Remedy(text, Map.of(setting, setting.value(Math.ceil(mm * 2) / 2))))
                .filter(remedy -> mends(on, remedy))
                .toList();
    }
}
