package brightplumb.formats.sheet;

import brightplumb.core.cut.Drafted;
import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Level;
import java.util.List;
import java.util.Optional;

/**
 * A pattern as it was drawn, and nothing of how it came to be: all that a printed sheet, a drawing or a bench sheet needs. It is what a
 * revision keeps, so that it prints as it was cut whatever drafts today. Lengths are mm, y downward.
 *
 * @param pieces in the order they are laid out
 */
public record DrawnPattern(List<Piece> pieces) {

    public DrawnPattern {
        pieces = List.copyOf(pieces);
    }

    /**
     * One piece.
     *
     * @param id its name in files
     * @param panel front or back
     * @param centre the name of its centre line
     * @param name its name on the label
     * @param instruction how it is cut, in words
     * @param onFold whether its centre lies on a fold of the cloth
     * @param edges its sewn edges in order, end to start
     * @param cutLine the closed line the shears follow
     * @param levels the levels it was drawn on
     */
    public record Piece(
            String id,
            String panel,
            String centre,
            String name,
            String instruction,
            boolean onFold,
            List<Edge> edges,
            List<Segment> cutLine,
            List<Dart> darts,
            List<Mark> marks,
            Line grain,
            List<Level> levels) {

        public Piece {
            edges = List.copyOf(edges);
            cutLine = List.copyOf(cutLine);
            darts = List.copyOf(darts);
            marks = List.copyOf(marks);
            levels = List.copyOf(levels);
        }

        /** The closed sewn outline. */
        public List<Segment> sewLine() {
            return edges.stream().flatMap(e -> e.run().stream()).toList();
        }

        /** The edge of that name, if there is one. */
        public Optional<Edge> edge(String id) {
            return edges.stream().filter(e -> e.id().equals(id)).findFirst();
        }
    }

    /**
     * One sewn edge.
     *
     * @param id its name in files: side, centre.back.zip
     * @param spoken its name at the bench
     * @param run its segments in the outline's direction
     */
    public record Edge(String id, String spoken, List<Segment> run) {
        public Edge {
            run = List.copyOf(run);
        }
    }

    /** A dart as drawn, open: its point and the tops of its legs. */
    public record Dart(Point point, Point inner, Point outer) {}

    /**
     * A mark on the cloth.
     *
     * @param drill a hole in the piece; otherwise a notch across the allowance
     */
    public record Mark(boolean drill, Point at, Point direction, int count, String text) {}

    /** The pattern of a drafted garment; legs that differ each on their own levels. */
    public static DrawnPattern of(Drafted drafted) {
        return new DrawnPattern(drafted.pieces().stream()
                .map(piece -> piece(piece, levels(drafted, piece)))
                .toList());
    }

    private static List<Level> levels(Drafted drafted, CutPiece cut) {
        boolean right = drafted.right() != null && cut.piece().id().endsWith("-right");
        return (right ? drafted.right() : drafted.draft()).levels();
    }

    private static Piece piece(CutPiece cut, List<Level> levels) {
        var piece = cut.piece();
        return new Piece(
                piece.id(),
                piece.panel().id(),
                piece.panel().centre(),
                cut.name(),
                cut.instruction(),
                cut.onFold(),
                piece.seams().stream()
                        .map(s -> new Edge(s.edge().id(), s.edge().spoken(), s.run()))
                        .toList(),
                cut.cutLine(),
                piece.darts().stream()
                        .map(d -> new DrawnPattern.Dart(d.point(), d.inner(), d.outer()))
                        .toList(),
                piece.marks().stream()
                        .map(m -> new DrawnPattern.Mark(
                                m.kind() == brightplumb.core.pattern.Mark.Kind.DRILL,
                                m.at(),
                                m.direction(),
                                m.count(),
                                m.text()))
                        .toList(),
                piece.grain(),
                levels);
    }
}
