package brightplumb.core.making;

import brightplumb.core.measure.Measure;
import brightplumb.core.paper.Draft;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.rule.WaistSettings;
import brightplumb.core.table.MakingStep;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;

/** What to mind at a step. All of it is common caution: local rules and qualified advice come first. */
final class Cautions {

    /** From here down a hem is trodden on at stairs: a share of the outside leg. Our own choice. */
    private static final double TO_THE_FLOOR = 0.92;

    private Cautions() {}

    static List<String> of(MakingStep step, Draft draft, Settings set) {
        List<String> said = new ArrayList<>();
        switch (step.work()) {
            case MARK -> {
                said.add("Shears, rotary cutters and awls are sharp: close the blade, and cut away from the hand.");
                if (set.chose(WaistSettings.WAIST_FINISH, WaistFinish.GATHERED)) {
                    said.add(
                            "Loose wear for the house or the night must meet the local rules on flammability, above all a child's: ask what the cloth is.");
                }
            }
            case FUSE, PRESS, NEATEN, DART -> said.add("The iron is hot, and so is a seam just pressed.");
            case TRY_ON ->
                said.add(
                        "Ask before you pin, and say what you do. What pinches or binds is too tight, whatever the figures say.");
            case HEM, TURN_UP -> {
                if (trodden(draft, set)) {
                    said.add("Floor length: keep it clear of stairs, and try the step before it is sewn.");
                }
            }
            default -> {}
        }
        if (step.notions().contains("elastic")) {
            said.add(
                    "Elastic that marks the skin is too short, whatever the figure says. Some holds latex; ask about allergies, and follow medical advice where there is any.");
        }
        if (step.notions().contains("cord")) {
            said.add(
                    "Cords at waist or hem catch: on children's wear many countries restrict or forbid them. Follow the local rules.");
        }
        if (step.notions().stream().anyMatch(n -> n.contains("button") || n.contains("stud") || n.equals("hook"))) {
            said.add("Small parts come off: not for children under three. Some metal fastenings hold nickel.");
        }
        return List.copyOf(said);
    }

    private static boolean trodden(Draft draft, Settings set) {
        return set.body()
                .find(Measure.OUTSIDE_LEG)
                .filter(leg ->
                        draft.found(Fact.LENGTH) && draft.fact(Fact.LENGTH).value() >= TO_THE_FLOOR * leg.value())
                .isPresent();
    }
}
