package brightplumb.core.truing;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.Half;
import brightplumb.core.rule.CrotchSettings;
import brightplumb.core.rule.LegFacts;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SettingValue;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Posture;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Whether the crotch lies deep enough, the loop between the legs is long enough, and the back rises enough to sit in.
 */
final class CrotchChecks {

    static final CheckId DEPTH = new CheckId("crotch.depth", "deep");
    static final CheckId LENGTH = new CheckId("crotch.length", "reaches");
    static final CheckId SITS = new CheckId("sits", "rises");

    private static final double LOOP_TOLERANCE = Length.INCH / 2;
    private static final double FITTED = 1.5 * Length.INCH;
    private static final double EASY = 2 * Length.INCH;
    private static final double USUAL_DEEPER = 0.75 * Length.INCH;
    private static final double LEAST_RISE = Length.INCH / 2;

    private CrotchChecks() {}

    /** How deep the crotch lies, against a taped rise. */
    static Check depth(Inspected on) {
        double depth = on.fact(LegFacts.CROTCH_DEPTH).value();
        double rise = rise(on);
        var shown = new CrotchLoop.Depth(on, depth, rise);
        if (on.body().estimateOf(Measure.BODY_RISE).isPresent()) {
            return notTaken(
                    DEPTH,
                    "Depth",
                    depth,
                    rise,
                    "Nobody can say: the rise was not taken. Take it seated, from the side waist to the seat.",
                    shown);
        }
        Deeper deeper = Deeper.of(on);
        double least = rise + deeper.least();
        double most = rise + deeper.most();
        boolean hangs = depth > most + WaistCloses.TOLERANCE;
        // Up to the most the garment bears, the least is a floor; beyond it, the most is what it is held to.
        double wanted = hangs ? most : least;
        double off = depth - wanted;
        Verdict verdict = hangs
                ? off <= Length.INCH ? Verdict.WATCH : Verdict.OFF
                : off >= -WaistCloses.TOLERANCE ? Verdict.TRUE : Verdict.OFF;
        Check found = new Check(
                DEPTH,
                "Depth",
                verdict,
                Quantity.MM,
                depth,
                wanted,
                WaistCloses.TOLERANCE,
                verdict == Verdict.TRUE ? deeper.said() : off < 0 ? deeper.tooHigh() : "The crotch line hangs low.",
                verdict == Verdict.TRUE
                        ? ""
                        : off < 0
                                ? "The depth was worked out without the rise, and her rise is longer; it will cut in."
                                : "It is deeper than the rise asks, and will drag when she steps.",
                verdict == Verdict.TRUE
                        ? List.of()
                        : List.of(new Remedy(
                                deeper.remedy(),
                                Map.of(
                                        CrotchSettings.CROTCH_DEPTH,
                                        CrotchSettings.CROTCH_DEPTH.value(on.body()
                                                        .find(Measure.BODY_RISE)
                                                        .orElseThrow()
                                                        .value()
                                                + deeper.usual())))),
                shown);
        return hangs ? found : found.asFloor();
    }

    /**
     * How much deeper than the rise the crotch line of a garment lies, mm.
     *
     * @param least what sitting asks
     * @param most what does not drag
     * @param usual what it is laid to again
     */
    private record Deeper(double least, double most, double usual, String said, String tooHigh, String remedy) {

        private static final String LAID = "Lay the crotch line {0.75} below the rise";
        private static final String BELOW_A_SEAM = "Lay the crotch line {2} below the rise";
        private static final String AS_DEEP = "The crotch line lies as deep as the body, or a little deeper.";
        private static final String HIGHER = "The crotch line lies higher than the body.";

        /** What hangs from the shoulder has no waist that gives; short and drawn-up legs bear more than fitted ones. */
        static Deeper of(Inspected on) {
            if (on.front().fromShoulder()) {
                return new Deeper(
                        1.5 * Length.INCH,
                        5 * Length.INCH,
                        3 * Length.INCH,
                        "The crotch line lies deep enough below the body to sit, where no waist gives.",
                        "The crotch line lies too high for a garment whose waist does not give.",
                        "Lay the crotch line {3} below the rise");
            }
            if (on.draft().level("shoulder").isPresent()) {
                return new Deeper(0, 4 * Length.INCH, 2 * Length.INCH, AS_DEEP, HIGHER, BELOW_A_SEAM);
            }
            boolean easy = on.gathered()
                    || on.hemY()
                            < on.body()
                                    .find(Measure.KNEE_DEPTH)
                                    .map(k -> k.value())
                                    .orElse(0.0);
            return new Deeper(0, easy ? EASY : FITTED, USUAL_DEEPER, AS_DEEP, HIGHER, LAID);
        }
    }

    /** The seated rise as the garment has it: a band that finishes at the waist is taken off. */
    private static double rise(Inspected on) {
        return on.set()
                .belowBand(on.body().find(Measure.BODY_RISE).orElseThrow())
                .value();
    }

    /** Front and back crotch seam together, against the tape between the legs. */
    static Check length(Inspected on) {
        double loop = loop(on);
        var taped = on.body().find(Measure.CROTCH_LENGTH);
        if (taped.isEmpty()) {
            return notTaken(
                    LENGTH,
                    "Crotch loop",
                    loop,
                    loop,
                    "Nobody can say: crotch length was not taken. Take it from the front waist between the legs to "
                            + "the back waist.",
                    new CrotchLoop(on, null));
        }
        double wanted = wanted(on);
        double off = loop - wanted;
        boolean reaches = Math.abs(off) <= LOOP_TOLERANCE;
        return new Check(
                LENGTH,
                "Crotch loop",
                reaches ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                loop,
                wanted,
                LOOP_TOLERANCE,
                reaches
                        ? "Front and back curve together are what the tape asks."
                        : off < 0
                                ? "Front and back curve together are too short for her."
                                : "Front and back curve together are longer than she is.",
                reaches
                        ? ""
                        : off < 0
                                ? "The back neither rises nor goes under far enough: it would pull down at the back "
                                        + "waist when she sits."
                                : "The back rises or goes under too far: cloth will hang in folds under the seat.",
                reaches ? List.of() : Remedies.whenAsked(() -> longer(on, off)),
                new CrotchLoop(on, wanted));
    }

    private static List<Remedy> longer(Inspected on, double off) {
        List<Remedy> remedies = new ArrayList<>();
        boolean tooShort = off < 0;
        on.solveSetting(
                        WaistSettings.BACK_RISE,
                        WaistSettings.BACK_RISE.least(),
                        WaistSettings.BACK_RISE.most(),
                        tried -> loop(tried) - wanted(tried))
                .ifPresent(rise -> remedies.add(new Remedy(
                        tooShort ? "Raise the centre back" : "Bring the centre back down",
                        Map.of(WaistSettings.BACK_RISE, WaistSettings.BACK_RISE.value(rise)))));
        double now = on.fact(LegFacts.CROTCH_EXTENSION.of(Half.BACK)).value();
        Map<Setting, SettingValue> still = Map.of(
                WaistSettings.BACK_RISE,
                WaistSettings.BACK_RISE.value(on.fact(LegFacts.BACK_RISE).value()));
        on.withSettings(still)
                .ifPresent(held -> held.solveSetting(
                                CrotchSettings.BACK_EXTENSION,
                                tooShort ? now : now * 0.6,
                                tooShort ? now * 1.6 : now,
                                tried -> loop(tried) - wanted(tried))
                        .ifPresent(extension -> remedies.add(new Remedy(
                                tooShort ? "Lengthen the back extension" : "Shorten the back extension",
                                Map.of(
                                        CrotchSettings.BACK_EXTENSION,
                                        CrotchSettings.BACK_EXTENSION.value(extension),
                                        WaistSettings.BACK_RISE,
                                        still.get(WaistSettings.BACK_RISE))))));
        if (remedies.isEmpty()) {
            double deeper = on.set().amount(CrotchSettings.CROTCH_DEPTH).value();
            on.solveSetting(
                            CrotchSettings.CROTCH_DEPTH,
                            deeper - 3 * Length.INCH,
                            deeper + 3 * Length.INCH,
                            tried -> loop(tried) - wanted(tried))
                    .ifPresent(depth -> remedies.add(new Remedy(
                            "Change the depth of the crotch",
                            Map.of(CrotchSettings.CROTCH_DEPTH, CrotchSettings.CROTCH_DEPTH.value(depth)))));
        }
        return remedies;
    }

    static double loop(Inspected on) {
        return Curves.length(on.centreSeam(false)) + Curves.length(on.centreSeam(true));
    }

    private static double wanted(Inspected on) {
        return on.body().find(Measure.CROTCH_LENGTH).orElseThrow().value()
                + 2
                        * (on.fact(LegFacts.CROTCH_DEPTH).value()
                                - on.body()
                                        .find(Measure.BODY_RISE)
                                        .orElseThrow()
                                        .value());
    }

    /** Whether the back waist rises enough for her to sit. */
    static Check sits(Inspected on) {
        double rise = on.fact(LegFacts.BACK_RISE).value();
        boolean sits = rise >= LEAST_RISE - 0.01;
        return new Check(
                        SITS,
                        "Sitting",
                        sits ? Verdict.TRUE : Verdict.OFF,
                        Quantity.MM,
                        rise,
                        LEAST_RISE,
                        0,
                        sits
                                ? "The back waist rises enough for her to sit and bend."
                                : "The back waist does not rise enough to sit in.",
                        sits ? "" : "Bending and sitting lengthen the back; a level waist is dragged down behind.",
                        sits
                                ? List.of()
                                : List.of(new Remedy(
                                        "Raise the centre back {1}",
                                        Map.of(WaistSettings.BACK_RISE, WaistSettings.BACK_RISE.value(Length.INCH)))),
                        new CrotchLoop(on, null))
                .asFloor()
                .in(Posture.SITTING);
    }

    private static Check notTaken(
            CheckId id, String title, double measured, double wanted, String text, Evidence evidence) {
        return new Check(id, title, Verdict.NOT_TAKEN, Quantity.MM, measured, wanted, 0, text, "", List.of(), evidence);
    }
}
