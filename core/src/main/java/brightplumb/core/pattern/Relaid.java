package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Joins laid anew after edges were cut shorter or drawn otherwise: whole edges stay sewn to whole edges, and their notches meet again. */
public final class Relaid {

    /** A notch no further than this from a seam (mm) is that seam's own. */
    private static final double ON_THE_SEAM = 3;

    private Relaid() {}

    /**
     * A changed pattern with the joins of the one it was.
     *
     * @param before the pattern while its joins were right
     * @param after its pieces as they are now
     */
    public static Pattern joins(Pattern before, Pattern after) {
        List<Join> joins = new ArrayList<>();
        for (Join join : before.joins()) {
            joins.add(new Join(
                    join.seam(),
                    join.layers().stream().map(run -> whole(before, after, run)).toList(),
                    join.eased(),
                    join.kind()));
        }
        Pattern laid = after.withJoins(joins.stream().map(Relaid::eased).toList());
        for (Join join : laid.joins()) {
            if (!asItWas(before, laid, join)) {
                laid = notched(laid, join);
            }
        }
        return laid;
    }

    /** Whether no edge of a join was drawn otherwise, so that its notches still meet. */
    private static boolean asItWas(Pattern before, Pattern after, Join join) {
        return join.layers().stream()
                .flatMap(run -> run.stretches().stream())
                .allMatch(s -> before.piece(s.piece())
                        .run(s.role(), s.nth())
                        .equals(after.piece(s.piece()).run(s.role(), s.nth())));
    }

    private static Run whole(Pattern before, Pattern after, Run run) {
        return new Run(run.stretches().stream()
                .flatMap(s -> {
                    double was =
                            before.piece(s.piece()).require(s.role(), s.nth()).length();
                    boolean all = s.from() < Tolerance.SAME_POINT && Math.abs(s.to() - was) < Tolerance.ON_LINE;
                    return all ? shut(after, s) : Stream.of(s);
                })
                .toList());
    }

    /** The whole of an edge as it is now, the mouths of darts that open on it left out. */
    private static Stream<Stretch> shut(Pattern after, Stretch s) {
        Piece piece = after.piece(s.piece());
        Run run = Run.shut(piece, piece.require(s.role(), s.nth())).of(s.copy());
        return (s.backwards() ? run.reversed() : run).stretches().stream();
    }

    private static Join eased(Join join) {
        return new Join(
                join.seam(),
                join.layers(),
                join.layers().get(0).length() - join.layers().get(1).length(),
                join.kind());
    }

    /** The notches of a join laid off again: on the first layer each stays where it is, the others get theirs at its length. */
    private static Pattern notched(Pattern pattern, Join join) {
        Run first = join.layers().get(0);
        List<Mark> there = first.stretches().size() == 1 ? notchesOn(pattern, first) : List.of();
        if (there.isEmpty()) {
            return pattern;
        }
        Pattern bare = pattern;
        for (Run layer : join.layers()) {
            List<Mark> gone = layer == first ? there : notchesOn(bare, layer);
            Piece piece = bare.piece(layer.piece());
            bare = bare.instead(piece.withMarks(
                    piece.marks().stream().filter(m -> !gone.contains(m)).toList()));
        }
        for (Mark mark : there) {
            bare = Notches.along(
                    bare,
                    join,
                    mark.text(),
                    Curves.nearest(pattern.lines(first), mark.at()).along());
        }
        return bare;
    }

    private static List<Mark> notchesOn(Pattern pattern, Run run) {
        var lines = pattern.lines(run);
        return pattern.piece(run.piece()).marks().stream()
                .filter(m -> m.along() != null && Curves.near(lines, m.at(), ON_THE_SEAM))
                .toList();
    }
}
