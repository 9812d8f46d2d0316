package brightplumb.formats.sheet;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.garment.Drafted;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Fold;
import brightplumb.core.pattern.Half;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.rule.PanelFacts;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pattern as it was drawn, and nothing of how it came to be: all that a printed sheet, a drawing or a bench sheet
 * needs. It is what a revision keeps, so that it prints as it was cut whatever drafts today. Lengths are mm, y
 * downward.
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
     * @param inner lines inside it; a pattern kept before there were any has none
     * @param frame how wide the frame is that it stands on together with its neighbour, its centre on the far side, mm;
     *     null where it stands on its own centre line
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
            List<Level> levels,
            List<Inner> inner,
            Double frame) {

        public Piece {
            edges = List.copyOf(edges);
            cutLine = List.copyOf(cutLine);
            darts = List.copyOf(darts);
            marks = List.copyOf(marks);
            levels = List.copyOf(levels);
            inner = inner == null ? List.of() : List.copyOf(inner);
        }

        /** The piece where it stands on its frame: turned over, its own centre line on the far side. */
        Piece onFrame() {
            if (frame == null) {
                return this;
            }
            Rigid over = Rigid.flip(Point.of(frame / 2, 0), Point.of(0, 1));
            return new Piece(
                    id,
                    panel,
                    centre,
                    name,
                    instruction,
                    onFold,
                    edges.stream()
                            .map(e -> new Edge(e.id(), e.spoken(), Curves.moved(e.run(), over)))
                            .toList(),
                    Curves.moved(cutLine, over),
                    darts.stream()
                            .map(d -> new Dart(over.apply(d.point()), over.apply(d.inner()), over.apply(d.outer())))
                            .toList(),
                    marks,
                    grain,
                    levels,
                    inner.stream()
                            .map(i -> new Inner(i.folded(), i.text(), Curves.moved(i.run(), over)))
                            .toList(),
                    frame);
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

    /** A named level, mm below the waist line. */
    public record Level(String name, double y) {}

    /** A dart as drawn, open: its point and the tops of its legs. */
    public record Dart(Point point, Point inner, Point outer) {}

    /**
     * A mark on the cloth.
     *
     * @param drill a hole in the piece; otherwise a notch across the allowance
     */
    public record Mark(boolean drill, Point at, Point direction, int count, String text) {}

    /**
     * A line inside a piece: where it is folded, or another piece is laid on.
     *
     * @param folded whether it is a fold
     * @param text what it says on the paper
     */
    public record Inner(boolean folded, String text, List<Segment> run) {
        public Inner {
            run = List.copyOf(run);
        }
    }

    /** The pattern of a drafted garment; sides that differ each on their own levels. */
    public static DrawnPattern of(Drafted drafted) {
        return new DrawnPattern(drafted.pieces().stream()
                .map(piece -> piece(piece, levels(drafted, piece), frame(drafted, piece)))
                .toList());
    }

    /** Half a hip, for the panel that stands on the far side of a frame. */
    private static Double frame(Drafted drafted, CutPiece cut) {
        boolean far = drafted.request().way().framed()
                && cut.piece().panel().equals(Panel.BACK)
                && cut.piece().layer() == Layer.SHELL;
        return far
                ? Arrays.stream(Half.values())
                        .mapToDouble(half -> drafted.draft()
                                .fact(PanelFacts.HIP_QUARTER.of(half))
                                .value())
                        .sum()
                : null;
    }

    /** The levels a piece was drawn on; a made piece lies on none. */
    private static List<brightplumb.core.paper.Level> levels(Drafted drafted, CutPiece cut) {
        boolean made = drafted.made().stream()
                .anyMatch(m -> m.effect().pieces().contains(cut.piece().id().toString()));
        Hand hand = cut.piece().id().hand();
        return drafted.draft().levels().stream()
                .filter(l -> !made && (l.hand() == Hand.BOTH || l.hand() == hand))
                .toList();
    }

    private static Piece piece(CutPiece cut, List<brightplumb.core.paper.Level> levels, Double frame) {
        var piece = cut.piece();
        return new Piece(
                piece.id().toString(),
                piece.panel().id(),
                piece.centre(),
                cut.name(),
                cut.instruction(),
                cut.onFold(),
                piece.edges().stream()
                        .map(e -> new Edge(e.name(), e.role().spoken(), e.run()))
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
                levels.stream()
                        .map(l -> new DrawnPattern.Level(l.name(), l.y()))
                        .toList(),
                Stream.concat(
                                piece.folds().stream().flatMap(DrawnPattern::lines),
                                piece.lines().stream().map(l -> new Inner(false, l.text(), l.run())))
                        .toList(),
                frame);
    }

    private static Stream<Inner> lines(Fold fold) {
        return Stream.of(
                new Inner(true, "fold", fold.out()),
                new Inner(true, "", fold.middle()),
                new Inner(true, "", fold.back()));
    }
}
