package brightplumb.core.truing;

import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Piece;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Inspected;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Whether waist and hem run on as one line where pieces, or a piece and its mirror image, are laid together at a seam.
 */
final class JoinsSmooth {

    static final CheckId ID = new CheckId("joins.smooth", "smooth", "turns {measured}");

    private static final double MOST_TURN = 5;

    /** Edges that run on from piece to piece across the seams. */
    private static final Set<EdgeRole> RUNS_ON = Set.of(EdgeRole.HEM, EdgeRole.NECK, EdgeRole.ARMHOLE, EdgeRole.LEG);

    private JoinsSmooth() {}

    static Check of(Inspected on) {
        List<Join> joins = new ArrayList<>();
        joins.add(new Join(
                "waist at the side",
                Corner.after(on.topFront(), EdgeRole.WAIST),
                Corner.after(on.topBack(), EdgeRole.WAIST)));
        joins.add(across("hem at the side", on, EdgeRole.SIDE));
        boolean legs = on.front().edge(EdgeRole.INSEAM).isPresent();
        if (legs) {
            joins.add(across("hem at the inseam", on, EdgeRole.HEM));
            joins.add(across("crotch at the fork", on, EdgeRole.INSEAM));
        }
        for (Piece piece : List.of(on.front(), on.back())) {
            EdgeRole centre = piece.edges().get(piece.edges().size() - 1).role();
            Corner waist = Corner.after(piece, centre);
            joins.add(new Join("waist at the centre " + piece.panel(), waist, waist));
            if (!legs) {
                Corner hem = Corner.after(piece, EdgeRole.HEM);
                joins.add(new Join("hem at the centre " + piece.panel(), hem, hem));
            }
        }
        return of(joins);
    }

    /** What is found where corners are laid together. */
    static Check of(List<Join> joins) {
        LaidTogether laid = new LaidTogether(joins);
        boolean smooth = laid.worst() < MOST_TURN;
        return new Check(
                ID,
                "Joins",
                smooth ? Verdict.TRUE : Verdict.OFF,
                Quantity.DEGREES,
                laid.worst(),
                0,
                MOST_TURN,
                smooth
                        ? "Laid together seam to seam, every edge runs on as one line."
                        : "Laid together, an edge turns a corner at a seam.",
                smooth ? "" : "An edge does not leave its seam square.",
                List.of(),
                laid);
    }

    static Join across(String name, Inspected on, EdgeRole ending) {
        return new Join(name, Corner.after(on.front(), ending), Corner.after(on.back(), ending));
    }

    /**
     * A corner of a piece between two of its seams.
     *
     * @param ending the seam that ends there, in the outline's direction
     * @param starting the seam that starts there
     */
    record Corner(Piece piece, Edge ending, Edge starting) {

        /** The corner after a seam, in the outline's direction. */
        static Corner after(Piece piece, EdgeRole ending) {
            List<Edge> seams = piece.edges();
            for (int i = 0; i < seams.size(); i++) {
                if (seams.get(i).role().equals(ending)) {
                    return new Corner(piece, seams.get(i), seams.get((i + 1) % seams.size()));
                }
            }
            throw new IllegalStateException(piece.id() + " has no " + ending.id());
        }

        /** The inside angle, in degrees. */
        double angle() {
            Segment last = ending.run().get(ending.run().size() - 1);
            return last.direction(1).times(-1).angleTo(starting.run().get(0).direction(0));
        }

        private boolean crosswise(Edge seam) {
            return seam == piece.top() || RUNS_ON.contains(seam.role());
        }

        /** The edge that should run on, leaving the corner. */
        List<Segment> edge() {
            return crosswise(ending) ? Curves.reversed(ending.run()) : starting.run();
        }

        /** The seam at which it is laid to its neighbour, leaving the corner. */
        List<Segment> seam() {
            return crosswise(ending) ? starting.run() : Curves.reversed(ending.run());
        }
    }

    /** Two corners laid together along their seams. */
    record Join(String name, Corner one, Corner other) {

        /** How far the edge turns there, in degrees: 0 is smooth. */
        double turn() {
            return Math.abs(180 - one.angle() - other.angle());
        }
    }

    /** Every join of the outline, laid together. */
    record LaidTogether(List<Join> joins) implements Evidence {

        private static final double SHOWN = 2.5 * Length.INCH;
        private static final double CELL_WIDTH = 7.5 * Length.INCH;
        private static final double CELL_HEIGHT = 4.6 * Length.INCH;
        private static final int ABREAST = 2;

        LaidTogether {
            joins = List.copyOf(joins);
        }

        double worst() {
            return joins.stream().mapToDouble(Join::turn).max().orElse(0);
        }

        @Override
        public List<Figure> figures() {
            return joins.stream()
                    .map(j -> new Figure(j.name(), Quantity.DEGREES, j.turn(), false))
                    .toList();
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            for (int i = 0; i < joins.size(); i++) {
                int row = i / ABREAST;
                lay(table, joins.get(i), Point.of(i % ABREAST * CELL_WIDTH, row * CELL_HEIGHT));
            }
            return table.done();
        }

        private static void lay(Exhibit.Table table, Join join, Point at) {
            boolean above = join.one().seam().get(0).direction(0).y() < 0;
            show(table, join.one(), at, -1, above);
            show(table, join.other(), at, 1, above);
            boolean smooth = join.turn() < MOST_TURN;
            table.say(
                    smooth ? PLAIN : FAULT,
                    at.plus(Point.of(0, above ? 30 : -24)),
                    join.name(),
                    Quantity.DEGREES,
                    join.turn());
        }

        /** Lays a corner with its seam plumb and its edge to the left (-1) or the right (1). */
        private static void show(Exhibit.Table table, Corner corner, Point at, int hand, boolean above) {
            Point seam = corner.seam().get(0).direction(0);
            Point plumb = Point.of(0, above ? -1 : 1);
            Point from = corner.seam().get(0).from();
            Rigid lay = Rigid.slide(at)
                    .after(Rigid.turn(Point.of(0, 0), Math.atan2(seam.cross(plumb), seam.dot(plumb))))
                    .after(Rigid.slide(from.times(-1)));
            if (Math.signum(lay.direction(corner.edge().get(0).direction(0)).x()) != hand) {
                lay = Rigid.flip(at, plumb).after(lay);
            }
            table.draw(PENCIL, Curves.moved(Curves.cutAt(corner.seam(), SHOWN).get(0), lay));
            table.draw(
                    Exhibit.ink(corner.piece()),
                    Curves.moved(Curves.cutAt(corner.edge(), SHOWN).get(0), lay));
        }
    }
}
