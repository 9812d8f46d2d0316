package brightplumb.core.garment;

import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Operation;
import java.util.List;

/**
 * Something that was done to a garment, or could be.
 *
 * @param operation what
 * @param recipe whether the cut's recipe has it
 * @param done whether it was done
 * @param effect what came of it
 */
public record Made(Operation operation, boolean recipe, boolean done, Effect effect) {

    /**
     * What came of an operation.
     *
     * @param pieces the pieces it made, by their names
     * @param reshapes whether it drew edges of pieces that were there otherwise than they were
     * @param steps the steps it took, by their ids
     */
    public record Effect(List<String> pieces, boolean reshapes, List<String> steps) {

        /** Nothing. */
        static final Effect NOTHING = new Effect(List.of(), false, List.of());

        public Effect {
            pieces = List.copyOf(pieces);
            steps = List.copyOf(steps);
        }

        static Effect between(Draft before, Draft after) {
            List<String> pieces = after.pieces().stream()
                    .filter(p -> before.pattern().find(p.id()).isEmpty())
                    .map(p -> p.id().toString())
                    .toList();
            boolean reshapes = after.pieces().stream()
                    .anyMatch(p -> before.pattern()
                            .find(p.id())
                            .map(Piece::edges)
                            .filter(edges -> !edges.equals(p.edges()))
                            .isPresent());
            // A draft only ever grows: what came is what stands after the steps that were there.
            List<String> steps = after
                    .steps()
                    .subList(before.steps().size(), after.steps().size())
                    .stream()
                    .map(step -> step.fact().id())
                    .toList();
            return new Effect(pieces, reshapes, steps);
        }
    }
}
