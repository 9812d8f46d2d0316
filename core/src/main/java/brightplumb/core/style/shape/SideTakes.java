package brightplumb.core.style.shape;

import brightplumb.core.block.waist.ClosedWaist;
import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Tolerance;
import brightplumb.core.table.Table;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A dart taken into the side: what it took is taken off the side's end of the waist, and the side is curved anew to the
 * hip. The front's side is the master; the back's waist end rises or falls until both sides are one length.
 */
public final class SideTakes {

    private static final Fact SIDE_TAKES = new Fact("side.takes");

    private SideTakes() {}

    /**
     * Who gives darts to the side, in words.
     *
     * @param field what is at fault where it cannot be done
     * @param cannot where no smooth line can be drawn
     * @param noSide where no side is left to curve it to
     * @param found where what the dart takes comes from
     * @param why why the side takes it
     */
    public record Words(FieldPath field, String cannot, String noSide, String found, String why) {}

    /**
     * The pattern with its darts taken into the sides.
     *
     * @param left what the darts of each panel still take, mm
     * @param words who asks, and how its steps say so
     */
    public static Pattern darts(Table table, Pattern before, Map<PieceId, Double> left, Words words) {
        Pattern pattern = before;
        for (Join join : before.joins()) {
            if (join.seam().equals(Seam.SIDE)) {
                PieceId front = join.layers().get(0).piece();
                PieceId back = join.layers().get(1).piece();
                if (!left.containsKey(front) || !left.containsKey(back)) {
                    continue;
                }
                Piece master = taken(table, pattern.piece(front), left.get(front), Double.NaN, words);
                double wanted = master.require(EdgeRole.SIDE).length();
                Piece other = pattern.piece(back);
                boolean same = Math.abs(other.require(EdgeRole.SIDE).length() - wanted) < 1e-9;
                Piece follows =
                        left.get(back) == 0 && same ? other : taken(table, other, left.get(back), wanted, words);
                pattern = pattern.instead(master).instead(follows);
            }
        }
        return pattern;
    }

    /** @param wanted how long the side should be; NaN where it is the master */
    private static Piece taken(Table table, Piece piece, double left, double wanted, Words words) {
        if (left == 0 && Double.isNaN(wanted)) {
            return piece;
        }
        List<Segment> waist = piece.require(EdgeRole.WAIST).run();
        List<Segment> side = piece.require(EdgeRole.SIDE).run();
        if (!piece.dartsOn(EdgeRole.SIDE).isEmpty()) {
            throw new Refusal(
                    FieldPath.WITH, "A side that a dart was moved to cannot be curved anew; leave one of the two off");
        }
        double net = Run.shut(piece, EdgeRole.WAIST).length();
        Recurved recurved =
                Recurved.from(side, table.paper().known(Fact.HIP_DEPTH).value(), wanted, words);
        Segment centre = waist.get(0);
        Point down = centre.direction(0).turned();
        Point guess = side.get(0).from().minus(side.get(0).direction(0).turned().times(-left));
        ClosedWaist drawn = ClosedWaist.drawn(centre.from(), down, List.of(), net, guess, recurved);
        if (drawn == null) {
            throw new Refusal(words.field(), words.cannot());
        }
        if (left > 0) {
            table.paper()
                    .draw(piece.id().toString(), Drawn.Role.OUTLINE, "", recurved.down(drawn.side()))
                    .draw(
                            piece.id().toString(),
                            Drawn.Role.MEASURE,
                            "",
                            new Line(drawn.side(), drawn.side().plus(Point.of(left, 0))));
            table.step(
                    SIDE_TAKES.of(piece.id()),
                    piece.title() + ": the side takes the dart",
                    Amount.found(words.found(), left).called("left of the dart"),
                    words.why());
        }
        return piece.without(piece.dartsOn(EdgeRole.WAIST))
                .withEdges(piece.edges().stream()
                        .map(e -> e.role().equals(EdgeRole.WAIST)
                                ? e.along(drawn.run())
                                : e.role().equals(EdgeRole.SIDE) ? e.along(recurved.down(drawn.side())) : e)
                        .toList())
                .withMarks(piece.marks().stream()
                        .filter(m -> m.subject() != Mark.Subject.DART)
                        .toList());
    }

    /**
     * A side curved anew from its waist end to a place below, and as it was from there.
     *
     * @param below what stays
     * @param length of what stays, mm
     * @param wanted the length it should have; NaN where it may have any
     */
    private record Recurved(List<Segment> below, double length, double wanted) implements ClosedWaist.Side {
        static Recurved from(List<Segment> side, double hipY, double wanted, Words words) {
            List<Segment> below = new ArrayList<>();
            for (Segment s : side) {
                if (!below.isEmpty()) {
                    below.add(s);
                } else if (s.to().y() > hipY + 1e-6) {
                    var t = Curves.crossing(s, Point.of(0, hipY), Point.of(1, 0));
                    below.add(t.isPresent() && t.getAsDouble() < 1 ? s.part(t.getAsDouble(), 1) : s);
                }
            }
            double length = Curves.length(below);
            if (length < Tolerance.SEAM) {
                throw new Refusal(words.field(), words.noSide());
            }
            boolean atTheHip = below.get(0).length() < 1e-6;
            return new Recurved(atTheHip ? below.subList(1, below.size()) : below, length, wanted);
        }

        private Point hip() {
            return below.get(0).from();
        }

        private Point corner(Point waistPoint) {
            Point down = below.get(0).direction(0);
            return hip().minus(down.times((hip().y() - waistPoint.y()) / 2 / down.y()));
        }

        @Override
        public Point leaving(Point waistPoint) {
            return corner(waistPoint).minus(waistPoint).unit();
        }

        @Override
        public double raise(Point waistPoint) {
            return Double.isNaN(wanted)
                    ? 0
                    : wanted - length - curved(waistPoint).length();
        }

        private Cubic curved(Point waistPoint) {
            return Cubic.parabola(waistPoint, corner(waistPoint), hip());
        }

        List<Segment> down(Point waistPoint) {
            List<Segment> run = new ArrayList<>();
            run.add(curved(waistPoint));
            run.addAll(below);
            return run;
        }
    }
}
