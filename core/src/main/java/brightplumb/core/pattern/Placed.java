package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import java.util.List;

/**
 * A line placed inside a piece: where another piece is laid on, stitched, or folded.
 *
 * @param id its name on the piece
 * @param text what it says on the paper
 * @param run the line
 */
public record Placed(String id, String text, List<Segment> run) {

    public Placed {
        run = List.copyOf(run);
    }

    /** The same line after a move of the paper. */
    public Placed moved(Rigid move) {
        return new Placed(id, text, Curves.moved(run, move));
    }
}
