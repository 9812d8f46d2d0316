package brightplumb.formats.svg;

import brightplumb.core.garment.Drafted;
import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A garment as a small picture: its panels as sewn, front from its centre and back beside it, sides facing; of a left
 * and a right the left.
 *
 * @param width mm of the garment, as its lines are
 * @param height mm
 */
public record SmallOutline(double width, double height, List<Panel> panels) {

    private static final double APART = 90;

    /** Half a millimetre is not to be seen. */
    private static final int DECIMALS = 0;

    public SmallOutline {
        panels = List.copyOf(panels);
    }

    /**
     * One panel.
     *
     * @param behind whether it lies behind
     * @param outline its closed sewn line as SVG path data
     * @param darts their legs as SVG path data; empty where it has none
     */
    public record Panel(boolean behind, String outline, String darts) {}

    /** The picture of a garment; what is made besides its panels is left out. */
    public static SmallOutline of(Drafted drafted) {
        Set<String> made = new HashSet<>();
        drafted.made().forEach(m -> made.addAll(m.effect().pieces()));
        List<Piece> panels = drafted.draft().pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL && p.id().hand() != Hand.RIGHT)
                .filter(p -> !made.contains(p.id().toString()))
                .toList();
        double[] front = box(panels, false);
        double[] back = box(panels, true);
        double top = Math.min(front[2], back[2]);
        // The back turned over, its side towards the front's.
        double wide = front[1] - front[0];
        Rigid ofFront = Rigid.slide(Point.of(-front[0], -top));
        Rigid ofBack = Rigid.flip(Point.of((wide + APART + back[1]) / 2, 0), Point.of(0, 1));
        List<Panel> drawn = new ArrayList<>();
        for (Piece piece : panels) {
            Rigid place = piece.behind() ? ofBack : ofFront;
            List<Segment> outline = at(piece.sewLine(), place, piece.behind() ? -top : 0);
            List<Segment> darts = new ArrayList<>();
            for (Dart dart : piece.darts()) {
                darts.addAll(at(List.of(dart.innerLeg(), dart.outerLeg()), place, piece.behind() ? -top : 0));
            }
            drawn.add(new Panel(piece.behind(), SvgPath.of(outline, DECIMALS), SvgPath.of(darts, DECIMALS)));
        }
        double height = Math.max(front[3], back[3]) - top;
        return new SmallOutline(Math.round(wide + APART + back[1] - back[0]), Math.round(height), drawn);
    }

    private static List<Segment> at(List<? extends Segment> run, Rigid place, double down) {
        return Curves.moved(Curves.moved(run, place), Rigid.slide(Point.of(0, down)));
    }

    /** Left, right, top and bottom of the panels in front, or behind. */
    private static double[] box(List<Piece> panels, boolean behind) {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Piece piece : panels) {
            if (piece.behind() == behind) {
                for (Point p : Curves.flattened(piece.sewLine(), 8)) {
                    box[0] = Math.min(box[0], p.x());
                    box[1] = Math.max(box[1], p.x());
                    box[2] = Math.min(box[2], p.y());
                    box[3] = Math.max(box[3], p.y());
                }
            }
        }
        return box;
    }
}
