package brightplumb.core.block.waist;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.paper.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * The steps in the sequence in which they are drawn: the front's amounts and its lines, then the back's, then what is
 * found along both. Some of the back's are worked before the front can be drawn; nothing of the front names them.
 */
public final class FrontFirst {

    private FrontFirst() {}

    /** The draft with its steps so arranged. */
    public static Draft arranged(Draft draft) {
        List<Step> steps = draft.steps();
        int drawn = lastLine(steps) + 1;
        List<Step> front = new ArrayList<>();
        List<Step> back = new ArrayList<>();
        List<Step> both = new ArrayList<>();
        for (Step step : steps.subList(0, drawn)) {
            switch (step.fact().turn()) {
                case FRONT -> front.add(step);
                case BACK -> back.add(step);
                case BOTH -> both.add(step);
            }
        }
        List<Step> arranged = new ArrayList<>(front);
        arranged.addAll(back);
        arranged.addAll(both);
        arranged.addAll(steps.subList(drawn, steps.size()));
        return new Draft(draft.pattern(), arranged, draft.facts(), draft.levels(), draft.notices());
    }

    /** The last step that draws part of an outline; −1 where none does. */
    private static int lastLine(List<Step> steps) {
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).drawn().stream().anyMatch(d -> d.role() == Drawn.Role.OUTLINE)) {
                last = i;
            }
        }
        return last;
    }
}
