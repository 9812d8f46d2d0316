package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The part of an edge that a dart or a fold takes up: what is not there when it is shut.
 *
 * @param from mm along the edge
 * @param to mm along the edge
 */
record Mouth(double from, double to) {

    /** The mouths on an edge, from its start. */
    static List<Mouth> on(Piece piece, Edge edge) {
        List<Mouth> mouths = new ArrayList<>();
        piece.darts().forEach(d -> add(edge, d.inner(), d.outer(), mouths));
        piece.folds().forEach(f -> {
            add(edge, f.outTop(), f.backTop(), mouths);
            add(edge, f.outFoot(), f.backFoot(), mouths);
        });
        mouths.sort(Comparator.comparingDouble(Mouth::from));
        return mouths;
    }

    private static void add(Edge edge, Point one, Point other, List<Mouth> mouths) {
        OptionalDouble a = Curves.lengthTo(edge.run(), one, Tolerance.ON_LINE);
        if (a.isEmpty()) {
            return;
        }
        OptionalDouble b = Curves.lengthTo(edge.run(), other, Tolerance.ON_LINE);
        if (b.isPresent()) {
            mouths.add(
                    new Mouth(Math.min(a.getAsDouble(), b.getAsDouble()), Math.max(a.getAsDouble(), b.getAsDouble())));
        }
    }
}
