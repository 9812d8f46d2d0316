package brightplumb.core.garment;

import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Remedy;
import brightplumb.core.rule.Setting;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Remedies;
import brightplumb.core.table.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is offered against a verdict: only what mends. Each remedy is applied and everything looked at again; it stays
 * where its own check is true then and no other hangs worse than before. Of several the one that moves the least is
 * first.
 *
 * @param request what was drafted
 * @param found what was found on it
 * @param again looks at a garment once more
 * @param came what each setting came to
 */
record Mending(
        DraftRequest request,
        List<Check> found,
        Function<DraftRequest, List<Check>> again,
        Function<Setting, Optional<Double>> came) {

    /** A choice is a greater step than any amount. */
    private static final double A_CHOICE = 1000;

    /** A check with those of its remedies that mend it. */
    Check kept(Check check) {
        boolean hangsStraight = check.verdict() == Verdict.TRUE || check.verdict() == Verdict.NOT_TAKEN;
        return hangsStraight
                ? check
                : check.settledBy(Remedies.whenAsked(() -> check.remedies().stream()
                        .filter(remedy -> mends(check, remedy))
                        .sorted(Comparator.comparingDouble(this::moves))
                        .toList()));
    }

    private boolean mends(Check check, Remedy remedy) {
        List<Check> then;
        try {
            then = again.apply(request.with(remedy));
        } catch (Refusal cannot) {
            return false;
        }
        Map<CheckId, Verdict> after =
                then.stream().collect(Collectors.toMap(Check::id, Check::verdict, (one, other) -> one));
        Map<CheckId, Verdict> before =
                found.stream().collect(Collectors.toMap(Check::id, Check::verdict, (one, other) -> one));
        return after.get(check.id()) == Verdict.TRUE
                && after.entrySet().stream()
                        .noneMatch(e -> e.getValue().worseThan(before.getOrDefault(e.getKey(), Verdict.TRUE)));
    }

    /** How far a remedy moves what is set, mm. */
    private double moves(Remedy remedy) {
        double cloth = remedy.clothWidth() == null
                ? 0
                : Math.abs(remedy.clothWidth() - request.cloth().width());
        return cloth
                + remedy.settings().entrySet().stream()
                        .mapToDouble(e -> e.getValue().amount().isPresent()
                                ? came.apply(e.getKey())
                                        .map(from ->
                                                Math.abs(e.getValue().amount().getAsDouble() - from))
                                        .orElse(A_CHOICE)
                                : A_CHOICE)
                        .sum();
    }
}
