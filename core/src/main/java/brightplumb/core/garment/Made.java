package brightplumb.core.garment;

import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Operation;
import java.util.List;

/**
 * Something that was done to a garment, or could be.
 *
 * @param operation what
 * @param recipe whether the cut's recipe has it
 * @param done whether it was done
 * @param came what came of it
 */
public record Made(Operation operation, boolean recipe, boolean done, Came came) {

    /**
     * What came of an operation.
     *
     * @param pieces the pieces it made, by their names
     * @param reshapes whether it drew edges of pieces that were there otherwise than they were
     * @param steps the steps it took, by their ids
     */
    public record Came(List<String> pieces, boolean reshapes, List<String> steps) {

        /** Nothing. */
        static final Came NOTHING = new Came(List.of(), false, List.of());

        public Came {
            pieces = List.copyOf(pieces);
            steps = List.copyOf(steps);
        }

        static Came between(Draft before, Draft after) {
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
                    .map(Step::id)
                    .toList();
            return new Came(pieces, reshapes, steps);
        }
    }
}
