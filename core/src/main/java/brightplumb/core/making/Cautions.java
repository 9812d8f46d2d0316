package brightplumb.core.making;

import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Work;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What to mind at a step. All of it is common caution: local rules and qualified advice come first. */
final class Cautions {

    /** From here down a hem is trodden on at stairs: a share of the outside leg. Our own choice. */
    private static final double TO_THE_FLOOR = 0.92;

    private static final Set<Work> HEMS = Set.of(Work.HEM, Work.TURN_UP);

    private static final String LOOSE_WEAR =
            "Loose wear for the house or the night must meet the local rules on flammability, above all a child's: "
                    + "ask what the cloth is.";

    private static final String FLOOR_LENGTH =
            "Floor length: keep it clear of stairs, and try the step before it is sewn.";

    private Cautions() {}

    static List<String> of(MakingStep step, Draft draft, Settings set) {
        Stream<String> ofGarment = Stream.empty();
        if (step.work() == Work.MARK && set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED)) {
            ofGarment = Stream.of(LOOSE_WEAR);
        } else if (HEMS.contains(step.work()) && trodden(draft, set)) {
            ofGarment = Stream.of(FLOOR_LENGTH);
        }
        return Stream.of(
                        Stream.of(step.work().caution()),
                        ofGarment,
                        step.notions().stream().sorted().map(Supply::caution))
                .flatMap(cautions -> cautions)
                .filter(caution -> !caution.isEmpty())
                .distinct()
                .toList();
    }

    private static boolean trodden(Draft draft, Settings set) {
        return set.body()
                .find(Measure.OUTSIDE_LEG)
                .filter(leg ->
                        draft.found(Fact.LENGTH) && draft.fact(Fact.LENGTH).value() >= TO_THE_FLOOR * leg.value())
                .isPresent();
    }
}
