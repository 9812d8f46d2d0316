package brightplumb.core.pattern;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Segment;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pattern piece as sewn, without allowances. Its outline runs clockwise as seen on the paper, from the centre waist.
 *
 * @param id its name in files
 * @param panel the part of the body it covers
 * @param seams its edges in order, end to start
 * @param darts its darts, from the centre outward
 * @param marks notches and drill holes
 * @param grain the grain line
 */
public record Piece(String id, Panel panel, List<Seam> seams, List<Dart> darts, List<Mark> marks, Line grain) {

    public Piece {
        seams = List.copyOf(seams);
        darts = List.copyOf(darts);
        marks = List.copyOf(marks);
    }

    /** The piece with one more mark. */
    Piece with(Mark mark) {
        return new Piece(
                id,
                panel,
                seams,
                darts,
                Stream.concat(marks.stream(), Stream.of(mark)).toList(),
                grain);
    }

    /** The closed sewn outline. */
    public List<Segment> sewLine() {
        return seams.stream().flatMap(s -> s.run().stream()).toList();
    }

    /** The seam along an edge, if the piece has one there. */
    public Optional<Seam> seam(Edge edge) {
        return seams.stream().filter(s -> s.edge() == edge).findFirst();
    }

    /** The seam along an edge the piece is known to have. */
    public Seam require(Edge edge) {
        return seam(edge).orElseThrow(() -> new IllegalStateException(id + " has no " + edge.id()));
    }
}
