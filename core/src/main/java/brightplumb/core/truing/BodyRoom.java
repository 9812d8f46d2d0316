package brightplumb.core.truing;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.HipSettings;
import brightplumb.core.rule.SuitFacts;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import brightplumb.core.truing.GoesRound.Round;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether what hangs from the shoulder goes round the body at bust, waist and hip, round arm, leg and neck: as sewn and
 * stretched.
 */
final class BodyRoom {

    static final CheckId ARMHOLE = new CheckId("armhole.room", "fits");
    static final CheckId NECK = new CheckId("neck.fits", "clears");
    static final CheckId ENDS = new CheckId("crotch.meets", "meet");

    /**
     * The armhole is longer than the arm by this in cloth that does not give, mm; less by {@link #SLEEVELESS} without a
     * sleeve.
     */
    private static final double ARM_ROOM = Length.INCH;

    private static final double SLEEVELESS = Length.INCH;

    private BodyRoom() {}

    static Check bust(Inspected on) {
        return GoesRound.fits(
                on,
                GoesRound.BUST,
                "Bust room",
                BodiceSettings.BUST_EASE,
                tried -> Round.of("bust", tried, level(tried, "bust"), Measure.BUST_GIRTH));
    }

    static Check waist(Inspected on) {
        return GoesRound.fits(
                on,
                GoesRound.WAIST,
                "Waist room",
                WaistSettings.WAIST_EASE,
                tried -> Round.of("waist", tried, 0, Measure.WAIST_GIRTH));
    }

    /** Whether its sides come down to the hip line. */
    static boolean reachesHip(Inspected on) {
        return Curves.xAtLevel(on.front().require(EdgeRole.SIDE).run(), on.hipY())
                .isPresent();
    }

    static Check hip(Inspected on) {
        return GoesRound.fits(
                on,
                GoesRound.HIP,
                "Hip room",
                HipSettings.HIP_EASE,
                tried -> Round.of("hip", tried, tried.hipY(), Measure.HIP_GIRTH));
    }

    private static double level(Inspected on, String name) {
        return on.draft().level(name).orElseThrow();
    }

    static boolean armTaped(Inspected on) {
        return on.body().find(Measure.ARMHOLE_GIRTH).isPresent();
    }

    /** The armhole round the arm. */
    static Check arm(Inspected on) {
        Round round = armhole(on);
        boolean fits = round.spare() >= -WaistCloses.TOLERANCE;
        return new Check(
                        ARMHOLE,
                        "Armhole",
                        fits ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        round.measured(),
                        round.wanted(),
                        WaistCloses.TOLERANCE,
                        fits ? "There is room for the arm." : "The armhole is too tight for the arm.",
                        fits ? "" : "As sewn it is shorter than the tape round the arm asks.",
                        fits
                                ? List.of()
                                : Remedies.whenAsked(() -> GoesRound.eased(
                                        on, BodiceSettings.ARMHOLE_SHALLOWER, "Deepen the armhole", BodyRoom::armhole)),
                        round)
                .asFloor();
    }

    private static Round armhole(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double arm = on.body().find(Measure.ARMHOLE_GIRTH).orElseThrow().value();
        boolean sleeveless =
                on.draft().pieces().stream().noneMatch(p -> p.panel().equals(Panel.SLEEVE));
        double beside = on.sewnIn(EdgeRole.SHOULDER) + on.sewnIn(EdgeRole.SIDE);
        double room = on.set().cloth().stretches() ? 0 : ARM_ROOM - (sleeveless ? SLEEVELESS : 0);
        return new Round(
                "arm",
                (along(on.front(), EdgeRole.ARMHOLE) - beside) * give,
                (along(on.back(), EdgeRole.ARMHOLE) - beside) * give,
                arm,
                arm + room);
    }

    /** The leg opening round the thigh. */
    static Check leg(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double thigh = on.body().find(Measure.THIGH_GIRTH).orElseThrow().value();
        Round round = new Round(
                "thigh", along(on.front(), EdgeRole.LEG) * give, along(on.back(), EdgeRole.LEG) * give, thigh, thigh);
        boolean fits = round.spare() >= -WaistCloses.TOLERANCE;
        return new Check(
                        LegFits.THIGH,
                        "Leg opening",
                        fits ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        round.measured(),
                        round.wanted(),
                        WaistCloses.TOLERANCE,
                        fits
                                ? "Stretched, the leg opening goes round the thigh."
                                : "Stretched as far as the cloth goes, the leg opening is smaller than the thigh.",
                        fits ? "" : "The leg line meets the side too low for her thigh.",
                        fits ? List.of() : Remedies.whenAsked(() -> higher(on)),
                        round)
                .asFloor();
    }

    private static List<Remedy> higher(Inspected on) {
        double now = on.set()
                .effectiveAmount(SuitSettings.LEG_LINE_LEVEL, on.draft()::told)
                .value();
        return on
                .solveSetting(SuitSettings.LEG_LINE_LEVEL, SuitSettings.LEG_LINE_LEVEL.least(), now, tried -> {
                    double give = 1 + tried.set().cloth().stretch();
                    return (along(tried.front(), EdgeRole.LEG) + along(tried.back(), EdgeRole.LEG)) * give
                            - tried.body()
                                    .find(Measure.THIGH_GIRTH)
                                    .orElseThrow()
                                    .value();
                })
                .stream()
                .mapToObj(level -> new Remedy(
                        "Raise the leg line at the side",
                        Map.of(
                                SuitSettings.LEG_LINE_LEVEL,
                                SuitSettings.LEG_LINE_LEVEL.value(Math.floor(level * 2) / 2))))
                .toList();
    }

    /** A leg that falls plumb from the hip, round the thigh. */
    static Check hem(Inspected on) {
        return GoesRound.fits(on, LegFits.THIGH, "Leg", HipSettings.HIP_EASE, BodyRoom::legRound);
    }

    private static Round legRound(Inspected on) {
        double give = 1 + on.set().cloth().stretch();
        double beside = on.sewnIn(EdgeRole.SIDE) + on.sewnIn(EdgeRole.INSEAM);
        double thigh = on.body().find(Measure.THIGH_GIRTH).orElseThrow().value();
        return new Round(
                "thigh",
                (along(on.front(), EdgeRole.HEM) - beside) * give,
                (along(on.back(), EdgeRole.HEM) - beside) * give,
                thigh,
                thigh);
    }

    static double along(Piece piece, EdgeRole role) {
        return piece.require(role).length();
    }

    /** The neck at rest, against the base of her neck. */
    static Check neck(Inspected on) {
        double opening = on.neckOpening();
        Optional<Double> taped = on.body().find(Measure.NECK_GIRTH).map(a -> a.value());
        double front = 2 * along(on.front(), EdgeRole.NECK);
        Round round = new Round("neck", front, opening - front, taped.orElse(opening), taped.orElse(opening));
        boolean fits = round.spare() >= -WaistCloses.TOLERANCE;
        Verdict verdict = taped.isEmpty() ? Verdict.NOT_TAKEN : fits ? Verdict.TRUE : Verdict.OFF;
        return new Check(
                        NECK,
                        "Neck",
                        verdict,
                        Quantity.MM,
                        round.measured(),
                        round.wanted(),
                        WaistCloses.TOLERANCE,
                        taped.isEmpty()
                                ? "Nobody can say: the neck was not taken. Take it round the base of the neck."
                                : fits
                                        ? "At rest the neckline clears her neck."
                                        : "At rest the neckline is smaller than her neck.",
                        verdict == Verdict.OFF ? "It was drawn closer than the tape round the neck." : "",
                        verdict == Verdict.OFF
                                ? Remedies.whenAsked(() -> GoesRound.eased(
                                        on, BodiceSettings.FRONT_NECK_DEPTH, "Deepen the front neck", tried -> {
                                            double all = tried.neckOpening();
                                            return new Round("neck", all, 0, round.body(), round.wanted());
                                        }))
                                : List.of(),
                        NeckOnHer.of(on, round))
                .asFloor();
    }

    /** Whether both ends between the legs are as wide as each other, and lap where they are fastened. */
    static Check ends(Inspected on) {
        double front = on.draft().fact(SuitFacts.HALF_WIDTH.of(Half.FRONT)).value();
        double back = on.draft().fact(SuitFacts.HALF_WIDTH.of(Half.BACK)).value();
        boolean meets = Math.abs(front - back) <= WaistCloses.TOLERANCE;
        boolean studs = on.set().chose(SuitSettings.FASTENING, CrotchFastening.STUDS);
        double lap = on.set().amount(SuitSettings.CROTCH_LAP).value();
        boolean laps = !studs || lap >= Length.INCH / 2 - 0.5;
        Verdict verdict = !laps ? Verdict.OFF : meets || studs ? Verdict.TRUE : Verdict.OFF;
        return new Check(
                ENDS,
                "Crotch ends",
                verdict,
                Quantity.MM,
                2 * back,
                2 * front,
                WaistCloses.TOLERANCE,
                verdict == Verdict.TRUE
                        ? studs
                                ? "Front and back meet between the legs, and lap for the studs."
                                : "Front and back end are equally wide."
                        : laps
                                ? "Front and back end are not equally wide."
                                : "The front does not lap far enough to take a stud.",
                verdict == Verdict.TRUE
                        ? ""
                        : laps
                                ? "Sewn to each other, the wider one stands out beside the other."
                                : "A stud and the binding round the end take {0.5} at least.",
                verdict == Verdict.TRUE
                        ? List.of()
                        : List.of(
                                laps
                                        ? new Remedy(
                                                "Make the back as wide as the front",
                                                Map.of(
                                                        SuitSettings.CROTCH_WIDTH_BACK,
                                                        SuitSettings.CROTCH_WIDTH_BACK.value(front)))
                                        : new Remedy(
                                                "Lap it by {0.75}",
                                                Map.of(
                                                        SuitSettings.CROTCH_LAP,
                                                        SuitSettings.CROTCH_LAP.value(0.75 * Length.INCH)))),
                new Round("end", 2 * front, 0, 2 * back, 2 * back));
    }
}
