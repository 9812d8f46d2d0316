package brightplumb.formats.sheet;

import brightplumb.core.cutting.MostStretch;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is cut from one sheet of paper: a piece, or two that differ in nothing but the neck. Both necklines are then on
 * it, and whoever cuts follows the one or the other.
 *
 * @param drawn the piece, with the higher neck where there are two
 * @param other the one cut from the same sheet; null where there is none
 */
record OneSheet(DrawnPattern.Piece drawn, DrawnPattern.Piece other) {

    /** Nearer than this two lines are one, mm. */
    private static final double SAME = 0.05;

    /** So many steps along a segment tell whether it lies on another line. */
    private static final int STEPS = 8;

    private static final String NECK = "neck";
    private static final String CENTRE = "centre.";

    /** Every piece on paper of its own. */
    static List<OneSheet> apart(DrawnPattern pattern) {
        return pattern.pieces().stream().map(p -> new OneSheet(p, null)).toList();
    }

    /** Two that differ in nothing but the neck on one, the others each on its own. */
    static List<OneSheet> together(DrawnPattern pattern) {
        List<OneSheet> sheets = new ArrayList<>();
        Set<DrawnPattern.Piece> left = new LinkedHashSet<>(pattern.pieces());
        for (DrawnPattern.Piece piece : pattern.pieces()) {
            if (left.remove(piece)) {
                Optional<DrawnPattern.Piece> like =
                        left.stream().filter(p -> alike(piece, p)).findFirst();
                like.ifPresent(left::remove);
                sheets.add(like.map(p -> neckY(p) < neckY(piece) ? new OneSheet(p, piece) : new OneSheet(piece, p))
                        .orElseGet(() -> new OneSheet(piece, null)));
            }
        }
        return sheets;
    }

    /** The ids of what is cut from it. */
    List<String> ids() {
        return other == null ? List.of(drawn.id()) : List.of(drawn.id(), other.id());
    }

    /** What its label calls it. */
    String name() {
        return other == null
                ? drawn.name()
                : drawn.name() + " and " + other.name().toLowerCase(Locale.ROOT);
    }

    /** How it is cut, in words. */
    String instruction() {
        return other == null
                ? drawn.instruction()
                : "each: " + drawn.instruction() + (cutBesides().isEmpty() ? "" : ", each along its own neck");
    }

    /** The sewn neckline of the other, where it is not the drawn one's. */
    List<Segment> sewnBesides() {
        return other == null ? List.of() : besides(other.sewLine(), drawn.sewLine());
    }

    /** Where the shears leave the drawn one's line to cut the other. */
    List<Segment> cutBesides() {
        return other == null ? List.of() : besides(other.cutLine(), drawn.cutLine());
    }

    /** The marks of both, one where they lie in one place. */
    List<DrawnPattern.Mark> marks() {
        List<DrawnPattern.Mark> marks = new ArrayList<>(drawn.marks());
        if (other != null) {
            other.marks().stream()
                    .filter(m -> drawn.marks().stream().noneMatch(d -> d.at().distance(m.at()) < SAME))
                    .forEach(marks::add);
        }
        return marks;
    }

    private static List<Segment> besides(List<Segment> line, List<Segment> drawn) {
        return line.stream().filter(s -> !on(List.of(s), drawn)).toList();
    }

    private static boolean on(List<Segment> line, List<Segment> other) {
        return places(line).allMatch(p -> Curves.near(other, p, SAME));
    }

    /** Places along each segment, its two ends among them. */
    private static Stream<Point> places(List<Segment> line) {
        return line.stream().flatMap(s -> IntStream.rangeClosed(0, STEPS).mapToObj(i -> s.at(i / (double) STEPS)));
    }

    private static double neckY(DrawnPattern.Piece piece) {
        return piece.edge(NECK).map(e -> e.run().get(0).from().y()).orElse(0.0);
    }

    private static boolean alike(DrawnPattern.Piece one, DrawnPattern.Piece other) {
        return one.frame() == null
                && other.frame() == null
                && one.instruction().equals(other.instruction())
                && one.darts().equals(other.darts())
                && placed(one).equals(placed(other))
                && one.edges().size() == other.edges().size()
                && sewnAlike(one, other)
                && (neckY(one) < neckY(other) ? cutAlike(other, one) : cutAlike(one, other));
    }

    /** The lines inside that have a place; how the cloth stretches is a direction, wherever it stands. */
    private static List<DrawnPattern.Inner> placed(DrawnPattern.Piece piece) {
        return piece.inner().stream()
                .filter(i -> !i.text().equals(MostStretch.TEXT))
                .toList();
    }

    private static boolean sewnAlike(DrawnPattern.Piece one, DrawnPattern.Piece other) {
        for (int i = 0; i < one.edges().size(); i++) {
            DrawnPattern.Edge a = one.edges().get(i);
            DrawnPattern.Edge b = other.edges().get(i);
            boolean centres = a.id().startsWith(CENTRE) && b.id().startsWith(CENTRE);
            boolean same = centres
                    ? on(a.run(), b.run()) || on(b.run(), a.run())
                    : a.id().equals(b.id()) && (a.id().equals(NECK) ? meet(a, b) : on(a.run(), b.run()));
            if (!same) {
                return false;
            }
        }
        return true;
    }

    /** Whether two necks end at one place on the shoulder. */
    private static boolean meet(DrawnPattern.Edge one, DrawnPattern.Edge other) {
        return end(one).distance(end(other)) < SAME;
    }

    private static Point end(DrawnPattern.Edge edge) {
        return edge.run().get(edge.run().size() - 1).to();
    }

    /**
     * Whether the shears leave the line of the one with the higher neck at the neck alone, which has the same added on
     * both.
     */
    private static boolean cutAlike(DrawnPattern.Piece lower, DrawnPattern.Piece higher) {
        double added = beyondNeck(lower);
        if (Math.abs(added - beyondNeck(higher)) > SAME) {
            return false;
        }
        List<Segment> neck = lower.edge(NECK).map(DrawnPattern.Edge::run).orElse(List.of());
        return places(besides(lower.cutLine(), higher.cutLine()))
                .allMatch(p -> !neck.isEmpty() && Curves.near(neck, p, added + 1));
    }

    /** What is added outside the middle of the neck, mm. */
    private static double beyondNeck(DrawnPattern.Piece piece) {
        return piece.edge(NECK)
                .map(e -> Curves.along(e.run(), Curves.length(e.run()) / 2).at())
                .map(p -> Curves.nearest(piece.cutLine(), p).away())
                .orElse(0.0);
    }
}
