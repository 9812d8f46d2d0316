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
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is offered against a verdict: only what mends. Each remedy is applied and everything looked at again; it stays
 * where its own check is true then and no other hangs worse than before. Of several the one that moves the least is
 * first. Where none mends it, what a hand set is given back.
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
                : check.settledBy(Remedies.whenAsked(() -> {
                    List<Remedy> mending = check.remedies().stream()
                            .filter(remedy -> mends(check, remedy))
                            .sorted(Comparator.comparingDouble(this::moves))
                            .toList();
                    return mending.isEmpty() ? givingBack(check) : mending;
                }));
    }

    /** Where nothing else mends it: what a hand set, given back one by one, or all of it together. */
    private List<Remedy> givingBack(Check check) {
        List<Setting> byHand = request.byHand().keySet().stream().sorted().toList();
        List<Remedy> single = byHand.stream()
                .map(setting -> Remedy.givingBack("Give back what was set for " + setting.spoken(), Set.of(setting)))
                .filter(remedy -> mends(check, remedy))
                .toList();
        return single.isEmpty() && byHand.size() > 1
                ? Stream.of(Remedy.givingBack("Give back all that was set by hand", Set.copyOf(byHand)))
                        .filter(remedy -> mends(check, remedy))
                        .toList()
                : single;
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
