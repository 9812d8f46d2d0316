package brightplumb.core.truing;

import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Remedy;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.rule.BodiceSettings;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.CrotchFastening;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.SuitSettings;
import brightplumb.core.table.Check;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import brightplumb.core.truing.GoesRound.Round;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether one gets into what hangs from the shoulder: where it opens between the legs the head goes through the neck,
 * where it does not the hips go through; with a zip, through the neck and both edges of it. Common practice, no source.
 */
final class DrawnOn {

    private DrawnOn() {}

    static Check of(Inspected on) {
        boolean studs = on.set().chose(SuitSettings.FASTENING, CrotchFastening.STUDS);
        String what = studs ? "head" : "hip";
        Optional<Double> taped = studs
                ? on.body().find(Measure.HEAD_GIRTH).map(a -> a.value())
                : Optional.of(on.body().hip().value());
        Round round = through(on, what, taped.orElse(0.0));
        boolean enters = round.spare() >= -WaistCloses.TOLERANCE;
        Verdict verdict = taped.isEmpty() ? Verdict.NOT_TAKEN : enters ? Verdict.TRUE : Verdict.OFF;
        return new Check(
                        Enters.ID,
                        "Getting in",
                        verdict,
                        Quantity.MM,
                        round.measured(),
                        taped.isEmpty() ? round.measured() : round.wanted(),
                        WaistCloses.TOLERANCE,
                        switch (verdict) {
                            case TRUE -> "Pulled wide, the neck lets the " + what + " through.";
                            case NOT_TAKEN ->
                                "Nobody can say: the head was not taken. Take it round the brow and the back of the "
                                        + "head.";
                            default -> "The " + what + (studs ? " does" : "s do") + " not go through the neck.";
                        },
                        verdict == Verdict.OFF
                                ? "Stretched as far as the cloth goes, the neck is smaller than the " + what
                                        + (studs ? "." : "s, and it opens nowhere else.")
                                : "",
                        verdict == Verdict.OFF
                                ? Remedies.whenAsked(() -> remedies(on, what, taped.orElseThrow()))
                                : List.of(),
                        round)
                .asFloor();
    }

    private static Round through(Inspected on, String what, double body) {
        double give = 1 + on.set().cloth().stretch();
        double front = 2 * BodyRoom.along(on.front(), EdgeRole.NECK) * give;
        double opens = on.set().chose(ClosureSettings.CLOSURE, Closure.CENTRE_BACK_ZIP)
                ? 2
                        * on.back()
                                .edge(EdgeRole.CENTRE_BACK_ZIP)
                                .map(e -> e.length())
                                .orElse(0.0)
                : 0;
        double all = on.neckOpening() * give;
        return new Round(what, front, all - front + opens, body, body);
    }

    private static List<Remedy> remedies(Inspected on, String what, double body) {
        List<Remedy> remedies = new ArrayList<>();
        remedies.addAll(wider(on, what, body, BodiceSettings.BACK_NECK_DEPTH, "Deepen the back neck"));
        remedies.addAll(wider(on, what, body, BodiceSettings.FRONT_NECK_DEPTH, "Deepen the front neck"));
        if (on.set().chose(SuitSettings.FASTENING, CrotchFastening.SEWN)) {
            remedies.add(new Remedy(
                    "Open it between the legs with studs", Map.of(SuitSettings.FASTENING, CrotchFastening.STUDS)));
        }
        double lacks = body - through(on, what, body).measured();
        double zip = Math.ceil(lacks / 2 + ClosureSettings.ZIP_LENGTH.least());
        if (zip <= ClosureSettings.ZIP_LENGTH.most()) {
            remedies.add(new Remedy(
                    "Open the centre back with a zip",
                    Map.of(
                            ClosureSettings.CLOSURE,
                            Closure.CENTRE_BACK_ZIP,
                            ClosureSettings.ZIP_LENGTH,
                            ClosureSettings.ZIP_LENGTH.value(zip))));
        }
        return remedies;
    }

    private static List<Remedy> wider(Inspected on, String what, double body, Setting depth, String text) {
        double now = on.set().amount(depth).value();
        return on
                .solveSetting(
                        depth,
                        now,
                        depth.most(),
                        tried -> through(tried, what, body).spare())
                .stream()
                .mapToObj(mm -> new Remedy(text, Map.of(depth, depth.value(Math.ceil(mm * 2) / 2))))
                .toList();
    }
}
