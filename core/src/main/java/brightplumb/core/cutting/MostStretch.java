package brightplumb.core.cutting;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Placed;
import brightplumb.core.rule.Cloth;
import java.util.ArrayList;
import java.util.List;

/**
 * In cloth that stretches, each piece of the shell carries a line in the direction in which the cloth goes furthest: laid the other way, it
 * does not go round the body. Common practice, no source.
 */
public final class MostStretch {

    /** The line's name on a piece. */
    public static final String ID = "most-stretch";

    /** It is so long where there is room, mm; half of what there is where there is less. */
    private static final double LONG = 60;

    /** How far down the grain line it crosses it. */
    private static final double DOWN = 0.8;

    private MostStretch() {}

    /** The draft with the line on each piece; as it is in cloth that does not stretch. */
    public static Draft marked(Draft draft, Cloth cloth) {
        if (!cloth.stretches() && cloth.along() <= 0) {
            return draft;
        }
        boolean across = cloth.stretch() >= cloth.along();
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : draft.pieces()) {
            pieces.add(piece.layer() == Layer.SHELL ? marked(piece, across) : piece);
        }
        Draft marked = draft.with(new Pattern(pieces, draft.joins()));
        if (across) {
            return marked;
        }
        List<Notice> notices = new ArrayList<>(draft.notices());
        notices.add(
                Notice.of(
                        "stretch-along",
                        "This cloth stretches further along its selvedge than across: cut so, the lesser stretch goes round the body. Turn the pieces a quarter, or say the cloth's stretch as it will lie."));
        return marked.noticing(notices);
    }

    private static Piece marked(Piece piece, boolean across) {
        Line grain = piece.grain();
        Point way = across ? grain.direction(0).turned() : grain.direction(0);
        Point at = grain.from().toward(grain.to(), DOWN);
        double half = Math.min(LONG, room(piece.sewLine(), at, way)) / 2;
        return piece.placing(
                new Placed(ID, "most stretch", List.of(new Line(at.minus(way.times(half)), at.plus(way.times(half))))));
    }

    /** How long a line through a place can be and keep half of what there is clear on either side. */
    private static double room(List<Segment> outline, Point at, Point way) {
        double least = Double.POSITIVE_INFINITY;
        for (Point direction : List.of(way, way.times(-1))) {
            double far = LONG;
            while (far > 1 && !Outlines.inside(outline, at.plus(direction.times(far)))) {
                far /= 2;
            }
            least = Math.min(least, far);
        }
        return Math.max(least, Curves.length(outline) / 200);
    }
}
