package brightplumb.core.cutting;

import static brightplumb.core.table.Exhibit.Ink.BACK;
import static brightplumb.core.table.Exhibit.Ink.CLOTH;
import static brightplumb.core.table.Exhibit.Ink.FAULT;
import static brightplumb.core.table.Exhibit.Ink.FRONT;
import static brightplumb.core.table.Exhibit.Ink.PENCIL;
import static brightplumb.core.table.Exhibit.Ink.PLAIN;

import brightplumb.core.geometry.Cubic;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.table.Check;
import brightplumb.core.table.CheckId;
import brightplumb.core.table.Evidence;
import brightplumb.core.table.Exhibit;
import brightplumb.core.table.Lines;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.Verdict;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether the hem's allowance, folded up on the hemline, lies flat on the cloth it covers: as wide as it, edge on edge.
 */
final class HemTurns {

    static final CheckId ID = new CheckId("hem.turns", "lies flat");

    private static final double TOLERANCE = Length.INCH / 8;
    private static final double[] WAY_UP = {0.25, 0.5, 0.75, 0.9};

    private HemTurns() {}

    /** Whether any piece has a hem to turn. */
    static boolean applies(List<CutPiece> pieces) {
        return pieces.stream().anyMatch(p -> p.hem() > 0);
    }

    static Check of(List<CutPiece> pieces) {
        Folded folded = new Folded(pieces.stream().filter(p -> p.hem() > 0).toList());
        double worst = folded.worst();
        boolean flat = worst <= TOLERANCE;
        return new Check(
                ID,
                "Hem turn",
                flat ? Verdict.TRUE : Verdict.OFF,
                Quantity.MM,
                worst,
                0,
                TOLERANCE,
                flat
                        ? "Folded on the hemline, the hem lies flat on the cloth above it."
                        : "Folded up, the hem is not as wide as the cloth it lies on.",
                flat ? "" : "The allowance is not the mirror image of the skirt above the hemline.",
                List.of(),
                folded);
    }

    /** The hems folded up. */
    record Folded(List<CutPiece> pieces) implements Evidence {

        double worst() {
            return pieces.stream().mapToDouble(Folded::apart).max().orElse(0);
        }

        /**
         * The levels on which a piece's hem is folded: through its end at the centre, and through its end at the side.
         */
        private static double[] folds(CutPiece piece) {
            List<Segment> hem = piece.piece().require(EdgeRole.HEM).run();
            return new double[] {
                hem.get(hem.size() - 1).to().y(), hem.get(0).from().y()
            };
        }

        /** How far the folded edge and the edge beneath it lie apart at the most, mm. */
        private static double apart(CutPiece piece) {
            double worst = 0;
            double[] folds = folds(piece);
            double highest = Math.min(folds[0], folds[1]) - piece.hem();
            List<Segment> low =
                    piece.cutLine().stream().filter(s -> lowest(s) >= highest).toList();
            for (double share : WAY_UP) {
                double away = share * piece.hem();
                double[] centre = unlike(low, folds[0], away);
                double[] side = folds[1] == folds[0] ? centre : unlike(low, folds[1], away);
                worst = Math.max(worst, Math.max(centre[0], side[1]));
            }
            return worst;
        }

        /** How far the ends of an outline lie apart as far above a fold as below it, on the left and on the right. */
        private static double[] unlike(List<Segment> outline, double fold, double away) {
            double[] above = ends(outline, fold - away);
            double[] below = ends(outline, fold + away);
            return new double[] {Math.abs(above[0] - below[0]), Math.abs(above[1] - below[1])};
        }

        private static double lowest(Segment s) {
            double ends = Math.max(s.from().y(), s.to().y());
            return s instanceof Cubic c ? Math.max(ends, Math.max(c.c1().y(), c.c2().y())) : ends;
        }

        /** Where an outline lies farthest to the left and to the right on a level. */
        private static double[] ends(List<Segment> outline, double y) {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            for (Segment segment : outline) {
                var t = Curves.crossing(segment, Point.of(0, y), Point.of(1, 0));
                if (t.isPresent()) {
                    double x = segment.at(t.getAsDouble()).x();
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                }
            }
            return new double[] {left, right};
        }

        @Override
        public List<Figure> figures() {
            List<Figure> figures = new ArrayList<>();
            pieces.forEach(p -> {
                figures.add(Figure.mm(p.piece().panel() + " hem allowance", p.hem()));
                figures.add(Figure.mm(p.piece().panel() + " edges apart", apart(p)));
            });
            return figures;
        }

        @Override
        public Exhibit exhibit() {
            Exhibit.Table table = new Exhibit.Table();
            // One under the other: a hem is long and low.
            double y = 0;
            for (CutPiece piece : pieces) {
                double fold = folds(piece)[1];
                double top = fold - 2.2 * piece.hem();
                double[] ends = ends(piece.cutLine(), fold - 1);
                Rigid move = Rigid.slide(Point.of(-ends[0], y - fold));
                List<Segment> allowance = Curves.moved(
                        Lines.below(piece.cutLine(), fold), move.after(Rigid.flip(Point.of(0, fold), Point.of(1, 0))));
                boolean flat = apart(piece) <= TOLERANCE;
                Exhibit.Ink ink = !piece.piece().behind() ? FRONT : BACK;
                List<Segment> covered = new ArrayList<>(allowance);
                table.fill(CLOTH, covered)
                        .draw(ink, Curves.moved(Lines.below(Lines.above(piece.cutLine(), fold), top), move))
                        .draw(flat ? PLAIN : FAULT, allowance)
                        .draw(
                                PENCIL,
                                Curves.moved(piece.piece().require(EdgeRole.HEM).run(), move));
                Point under = move.apply(Point.of((ends[0] + ends[1]) / 2, fold + 26));
                table.say(ink, under, piece.piece().panel() + " hemline")
                        .span(
                                PENCIL,
                                move.apply(Point.of(ends[1] + 22, fold)),
                                move.apply(Point.of(ends[1] + 22, fold - piece.hem())),
                                "turned up");
                y += 2.2 * piece.hem() + 90;
            }
            return table.done();
        }
    }
}
