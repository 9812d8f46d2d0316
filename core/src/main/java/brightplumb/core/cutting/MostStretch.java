package brightplumb.core.cutting;

import brightplumb.core.geometry.Line;
import brightplumb.core.geometry.Outlines;
import brightplumb.core.geometry.Point;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Placed;
import brightplumb.core.rule.Cloth;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * In cloth that stretches, each piece of the shell carries a line in the direction in which the cloth goes furthest:
 * laid the other way, it does not go round the body. Common practice, no source.
 */
public final class MostStretch {

    /** The line's name on a piece. */
    public static final String ID = "most-stretch";

    /** What it says on the piece. */
    public static final String TEXT = "most stretch";

    /** It is so long where there is room, mm; half of what there is where there is less. */
    private static final double LONG = 110;

    /** A shorter line says nothing, mm: a binding on the bias has its grain line alone. */
    private static final double LEAST = 25;

    /** Room is looked for so far, in steps of so much, mm. */
    private static final double FAR = 400;

    private static final double STEP = 5;

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
        notices.add(Notice.of(
                "stretch-along",
                "This cloth stretches further along its selvedge than across: cut so, the lesser stretch goes "
                        + "round the body. Turn the pieces a quarter, or say the cloth's stretch as it will "
                        + "lie."));
        return marked.noticing(notices);
    }

    private static Piece marked(Piece piece, boolean across) {
        Line grain = piece.grain();
        Point way = across ? grain.direction(0).turned() : grain.direction(0);
        Point at = grain.from().toward(grain.to(), DOWN);
        // In the middle of what there is on either side: the grain line of a piece on the fold lies beside the fold.
        Predicate<Point> inside = Outlines.inside(piece.sewLine());
        double ahead = room(inside, at, way);
        double behind = room(inside, at, way.times(-1));
        Point middle = at.plus(way.times((ahead - behind) / 2));
        double half = Math.min(LONG, (ahead + behind) / 2) / 2;
        if (half < LEAST / 2) {
            return piece;
        }
        return piece.placing(
                new Placed(ID, TEXT, List.of(new Line(middle.minus(way.times(half)), middle.plus(way.times(half))))));
    }

    /** How far it is from a place to the edge in a direction, mm. */
    private static double room(Predicate<Point> inside, Point at, Point way) {
        double far = STEP / 5;
        while (far < FAR && inside.test(at.plus(way.times(far + STEP)))) {
            far += STEP;
        }
        return far;
    }
}
