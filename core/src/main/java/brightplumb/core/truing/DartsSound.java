package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.DartLimit;
import brightplumb.core.rule.DartSettings;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Whether the darts sew up flat: legs of one length, points clear of the hip, no dart too heavy, the waist smooth over
 * each.
 */
final class DartsSound {

    static final CheckId ID = new CheckId("darts.sound", "sound", "not sound");

    private static final double MOST_APART = 0.5;
    private static final double MOST_TURN = 5;

    /** A dart takes in two fifths of its length at the most, or its point stands out. Our own choice. */
    private static final double STOUT = 0.4;

    private DartsSound() {}

    /** Whether there is a dart at all. */
    static boolean applies(Inspected on) {
        return on.asCut().stream().anyMatch(p -> !p.darts().isEmpty());
    }

    static Check of(Inspected on) {
        Darts darts = new Darts(on);
        Piece heavy = darts.heavy();
        boolean low = darts.low();
        boolean lame = darts.apart() >= MOST_APART;
        boolean cornered = darts.turn() >= MOST_TURN;
        boolean off = heavy != null || low || lame || cornered;
        boolean stout = !off && Darts.tooStout(darts.stoutest());
        String cause = heavy != null
                ? "A " + heavy.panel() + " dart takes more than one dart carries; its point would stand out."
                : low
                        ? "A dart runs too close to the hip line."
                        : cornered
                                ? "The waist turns a corner over a closed dart."
                                : lame
                                        ? "A dart's legs are not one length."
                                        : stout
                                                ? "A dart is short for what it takes in; its point would stand out."
                                                : "";
        Measured measure = heavy != null
                ? new Measured(
                        Quantity.MM,
                        darts.heaviest(heavy),
                        DartLimit.of(Half.of(heavy.behind())).value(),
                        DartLimit.GRACE)
                : low
                        ? new Measured(Quantity.MM, darts.lowest(), on.hipY() - Length.INCH, 0)
                        : cornered
                                ? new Measured(Quantity.DEGREES, darts.turn(), 0, MOST_TURN)
                                : stout
                                        ? new Measured(
                                                Quantity.MM,
                                                darts.stoutest().length(),
                                                darts.stoutest().intake() / STOUT,
                                                0)
                                        : new Measured(Quantity.MM, darts.apart(), 0, MOST_APART);
        List<Remedy> remedies = new ArrayList<>();
        if (heavy != null || low) {
            remedies.add(mended(on, darts));
        }
        if (stout) {
            remedies.addAll(longer(darts));
        }
        return new Check(
                ID,
                "Darts",
                off ? Verdict.OFF : stout ? Verdict.WATCH : Verdict.TRUE,
                measure.quantity(),
                measure.measured(),
                measure.wanted(),
                measure.tolerance(),
                off
                        ? "The darts would not sew up flat."
                        : stout
                                ? "A dart is stout: it takes much in over a short way."
                                : "Legs are one length, points stop above the hip, and the waist runs smooth over each "
                                        + "closed dart.",
                cause,
                remedies,
                darts);
    }

    /** Each dart that is too short for what it takes is made as long as that asks, or takes what its length carries. */
    private static List<Remedy> longer(Darts darts) {
        Map<Setting, SettingValue> lengths = new HashMap<>();
        Map<Setting, SettingValue> intakes = new HashMap<>();
        for (Piece piece : darts.pieces()) {
            double takes = piece.darts().stream().mapToDouble(Dart::intake).sum();
            piece.darts().stream().filter(Darts::tooStout).forEach(d -> {
                Setting length = piece.behind() ? DartSettings.DART_LENGTH_BACK : DartSettings.DART_LENGTH_FRONT;
                Setting intake = piece.behind() ? DartSettings.DART_INTAKE_BACK : DartSettings.DART_INTAKE_FRONT;
                lengths.put(length, length.value(Math.ceil(d.intake() / STOUT)));
                intakes.put(intake, intake.value(Math.floor(takes * STOUT * d.length() / d.intake())));
            });
        }
        return List.of(
                new Remedy("Make the dart longer", lengths),
                new Remedy("Let the dart take less; the side takes the rest", intakes));
    }

    /** What is told of the darts: what is worst about them, or how far their legs differ. */
    private record Measured(Quantity quantity, double measured, double wanted, double tolerance) {}

    /**
     * Every dart that is too heavy is made as heavy as two can be, every one that is too long stops short of the hip.
     */
    private static Remedy mended(Inspected on, Darts darts) {
        Map<Setting, SettingValue> settings = new HashMap<>();
        for (Piece piece : darts.pieces()) {
            boolean front = !piece.behind();
            if (piece.darts().stream().anyMatch(d -> Darts.tooHeavy(piece, d))) {
                Setting intake = front ? DartSettings.DART_INTAKE_FRONT : DartSettings.DART_INTAKE_BACK;
                settings.put(
                        intake,
                        intake.value(2 * DartLimit.of(Half.of(piece.behind())).value()));
            }
            if (piece.darts().stream().anyMatch(darts::tooLow)) {
                Setting length = front ? DartSettings.DART_LENGTH_FRONT : DartSettings.DART_LENGTH_BACK;
                double longest = piece.darts().stream()
                        .mapToDouble(d -> d.length() - Math.max(0, d.point().y() - (on.hipY() - Length.INCH)))
                        .min()
                        .orElseThrow();
                settings.put(length, length.value(longest));
            }
        }
        boolean heavy = darts.heavy() != null;
        return new Remedy(
                heavy
                        ? "Let two darts carry what two can; the side takes the rest"
                        : "Stop the dart {1} above the hip line",
                settings);
    }

    /** The darts of both pieces, as drawn. */
    record Darts(Inspected on) implements Evidence {

        List<Piece> pieces() {
            return on.asCut();
        }

        double heaviest(Piece piece) {
            return piece.darts().stream().mapToDouble(Dart::intake).max().orElse(0);
        }

        /** How far below the level waist line the lowest point lies. */
        double lowest() {
            return pieces().stream()
                    .flatMap(p -> p.darts().stream())
                    .mapToDouble(d -> d.point().y())
                    .max()
                    .orElse(0);
        }

        static boolean tooHeavy(Piece piece, Dart dart) {
            return dart.intake() > DartLimit.of(Half.of(piece.behind())).value() + DartLimit.GRACE + 0.5;
        }

        boolean tooLow(Dart dart) {
            return dart.point().y() > on.hipY() - Length.INCH + 0.5;
        }

        Piece heavy() {
            return pieces().stream()
                    .filter(p -> p.darts().stream().anyMatch(d -> tooHeavy(p, d)))
                    .findFirst()
                    .orElse(null);
        }

        boolean low() {
            return pieces().stream().flatMap(p -> p.darts().stream()).anyMatch(this::tooLow);
        }

        /** The dart that takes most for its length; there is one. */
        Dart stoutest() {
            return pieces().stream()
                    .flatMap(p -> p.darts().stream())
                    .max(Comparator.comparingDouble(d -> d.intake() / d.length()))
                    .orElseThrow();
        }

        static boolean tooStout(Dart dart) {
            return dart.intake() > STOUT * dart.length() + DartLimit.GRACE;
        }

        /** How far the legs of a dart differ at the most, mm. */
        double apart() {
            return pieces().stream()
                    .flatMap(p -> p.darts().stream())
                    .mapToDouble(
                            d -> Math.abs(d.innerLeg().length() - d.outerLeg().length()))
                    .max()
                    .orElse(0);
        }

        /** The largest turn of the waist over a closed dart, degrees. */
        double turn() {
            return pieces().stream().mapToDouble(Darts::turn).max().orElse(0);
        }

        private static double turn(Piece piece) {
            List<Segment> waist = piece.top().run();
            double worst = 0;
            for (Dart dart : piece.darts()) {
                Rigid close = dart.closing();
                Point before = waist.stream()
                        .filter(s -> s.to().distance(dart.inner()) < 1e-6)
                        .findFirst()
                        .orElseThrow()
                        .direction(1);
                Point after = waist.stream()
                        .filter(s -> s.from().distance(dart.outer()) < 1e-6)
                        .findFirst()
                        .orElseThrow()
                        .direction(0);
                worst = Math.max(worst, before.angleTo(close.direction(after)));
            }
            return worst;
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>();
            for (Piece piece : pieces()) {
                piece.darts().forEach(d -> {
                    figures.add(Figure.mm(piece.panel() + " dart takes", d.intake()));
                    figures.add(Figure.mm(
                            piece.panel() + " dart stops above the hip",
                            on.hipY() - d.point().y()));
                });
            }
            figures.add(new Figure("legs differ by", Quantity.MM, apart(), true));
            figures.add(new Figure("waist turns over a dart", Quantity.DEGREES, turn(), false));
            return figures;
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            double hipY = on.hipY();
            double gap = Inspected.sideAt(on.front(), hipY) + 60;
            double width = gap + Inspected.sideAt(on.back(), hipY) + 40;
            table.draw(PENCIL, Point.of(0, hipY), Point.of(width, hipY))
                    .say(PENCIL, Point.of(width - 40, hipY + 22), "hip")
                    .draw(PENCIL, Point.of(0, hipY - Length.INCH), Point.of(width, hipY - Length.INCH))
                    .say(PENCIL, Point.of(width - 60, hipY - Length.INCH - 8), "no lower than this");
            show(table, pieces().get(0), Point.of(0, 0));
            show(table, pieces().get(1), Point.of(gap, 0));
            return table.done();
        }

        private void show(Exhibit.Table table, Piece piece, Point at) {
            Rigid move = Rigid.slide(at);
            Exhibit.Ink ink = !piece.behind() ? Exhibit.Ink.FRONT : Exhibit.Ink.BACK;
            table.draw(PENCIL, Curves.moved(Lines.above(piece.sewLine(), on.hipY() + Length.INCH), move));
            for (Dart dart : piece.darts()) {
                boolean bad = tooHeavy(piece, dart) || tooLow(dart);
                table.draw(bad ? FAULT : ink, Curves.moved(List.of(dart.innerLeg(), dart.outerLeg()), move));
                table.say(
                        bad ? FAULT : ink,
                        move.apply(dart.centre()).plus(Point.of(0, -20)),
                        "",
                        Quantity.MM,
                        dart.intake());
            }
        }
    }
}
