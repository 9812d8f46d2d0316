package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Notches that meet. A level alone does not make two notches meet, since the two curves differ: where the first layer
 * of a join crosses a level its notch is laid off, and every other layer gets its own at the same length along the
 * join, from the same end.
 */
public final class Notches {

    private Notches() {}

    /**
     * The pattern with notches along a join at a level of its first layer; a level the join does not cross gives none.
     */
    public static Pattern level(Pattern pattern, Join join, String text, double level) {
        OptionalDouble at = lengthAt(pattern.lines(join.layers().get(0)), level);
        return at.isPresent() ? along(pattern, join, text, at.getAsDouble()) : pattern;
    }

    /** The pattern with a notch on every layer of a join, at a length from the join's start, mm. */
    public static Pattern along(Pattern pattern, Join join, String text, double along) {
        Pattern notched = pattern;
        for (Run layer :
                join.kind() == Join.Kind.MIRRORED ? List.of(join.layers().get(0)) : join.layers()) {
            notched = on(notched, layer, text, along);
        }
        return notched;
    }

    /**
     * The pattern with notches where, along one layer of a join, one piece meets the next: the other layers say there
     * what is met.
     *
     * @param words what is met between two pieces of the layer, told by the stretches before and after
     */
    public static Pattern whereMet(Pattern pattern, Join join, int layer, Met words) {
        Pattern notched = pattern;
        double along = 0;
        List<Stretch> stretches = join.layers().get(layer).stretches();
        for (int i = 0; i + 1 < stretches.size(); i++) {
            along += stretches.get(i).length();
            Stretch before = stretches.get(i);
            Stretch after = stretches.get(i + 1);
            if (!before.piece().equals(after.piece()) || before.copy() != after.copy()) {
                for (int other = 0; other < join.layers().size(); other++) {
                    if (other != layer) {
                        // Where a layer is held in to the other, the ease is shared out evenly.
                        double share = join.layers().get(other).length()
                                / join.layers().get(layer).length();
                        notched = on(notched, join.layers().get(other), words.between(before, after), along * share);
                    }
                }
            }
        }
        return notched;
    }

    /** What is met where one stretch of a run ends and the next begins. */
    public interface Met {
        /** Returns what a notch where one piece ends and another begins is called. */
        String between(Stretch before, Stretch after);
    }

    private static Pattern on(Pattern pattern, Run layer, String text, double along) {
        double before = 0;
        for (Stretch s : layer.stretches()) {
            if (along <= before + s.length() + Tolerance.SAME_POINT) {
                double within = along - before;
                double at = s.backwards() ? s.to() - within : s.from() + within;
                Piece piece = pattern.piece(s.piece());
                Curves.Along place = Curves.along(piece.run(s.role(), s.nth()), at);
                Point outward = place.direction().turned().times(-1);
                Mark mark =
                        new Mark(Mark.Kind.NOTCH, Mark.Subject.SEAM, place.at(), outward, piece.strokes(), text, along);
                return pattern.instead(piece.marked(mark));
            }
            before += s.length();
        }
        return pattern;
    }

    /** How far along a run lies the first place at a level. */
    private static OptionalDouble lengthAt(List<Segment> run, double level) {
        double before = 0;
        for (Segment part : run) {
            OptionalDouble t = Curves.crossing(part, Point.of(0, level), Point.of(1, 0));
            if (t.isPresent()) {
                return OptionalDouble.of(before + part.part(0, t.getAsDouble()).length());
            }
            before += part.length();
        }
        return OptionalDouble.empty();
    }
}
