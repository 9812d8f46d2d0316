package brightplumb.core.garment;

import brightplumb.core.table.Operation;
import java.util.List;

/**
 * Something that was done to a garment, or could be.
 *
 * @param operation what
 * @param recipe whether the cut's recipe has it
 * @param done whether it was done
 * @param pieces the pieces that came of it, by their names
 */
public record Made(Operation operation, boolean recipe, boolean done, List<String> pieces) {

    public Made {
        pieces = List.copyOf(pieces);
    }
}
