package brightplumb.core.making;

import brightplumb.core.table.MakingStep;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Steps sorted: each after those it needs, and otherwise by the kind of work a habit takes up first. */
final class Order {

    private Order() {}

    /**
     * The steps in the order they are done.
     *
     * @throws IllegalStateException when steps need each other in a circle
     */
    static List<MakingStep> of(List<MakingStep> steps, Sequence sequence) {
        List<MakingStep> left = new ArrayList<>(steps);
        left.sort(Comparator.comparingInt(s -> sequence.order().indexOf(s.work())));
        List<MakingStep> ordered = new ArrayList<>();
        while (!left.isEmpty()) {
            MakingStep next = left.stream()
                    .filter(s -> left.stream().noneMatch(s::waitsFor))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Steps that need each other: "
                            + left.stream().map(MakingStep::id).toList()));
            left.remove(next);
            ordered.add(next);
        }
        return List.copyOf(ordered);
    }
}
