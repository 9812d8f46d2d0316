package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Notches that meet. A level alone does not make two notches meet, since the two curves differ: where the first layer of a join crosses a
 * level its notch is laid off, and every other layer gets its own at the same length along the join, from the same end.
 */
public final class Notches {

    private Notches() {}

    /** Pieces with notches along a join, each at a level of its first layer; a level the join does not cross gives none. */
    public static List<Piece> along(Join join, List<Piece> pieces, String text, double level) {
        Piece master = piece(pieces, join.layers().get(0));
        OptionalDouble at = lengthAt(run(master, join.layers().get(0)), level);
        if (at.isEmpty()) {
            return pieces;
        }
        List<Piece> notched = new ArrayList<>();
        for (Piece piece : pieces) {
            Piece marked = piece;
            for (Run layer : join.layers().stream().distinct().toList()) {
                if (layer.stretches().get(0).piece().equals(piece.id())) {
                    marked = marked.with(notch(marked, layer, at.getAsDouble(), text));
                }
            }
            notched.add(marked);
        }
        return List.copyOf(notched);
    }

    private static Mark notch(Piece piece, Run layer, double along, String text) {
        Curves.Along place = Curves.along(run(piece, layer), along);
        Point outward = place.direction().turned().times(-1);
        return new Mark(Mark.Kind.NOTCH, place.at(), outward, piece.panel().notches(), text, along);
    }

    private static Piece piece(List<Piece> pieces, Run layer) {
        String id = layer.stretches().get(0).piece();
        return pieces.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No piece " + id));
    }

    private static List<Segment> run(Piece piece, Run layer) {
        return piece.require(layer.stretches().get(0).edge()).run();
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
