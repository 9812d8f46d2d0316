package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Joins laid anew after edges were cut shorter or drawn otherwise: whole edges stay sewn to whole edges, and their
 * notches meet again.
 */
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
        Set<PieceId> redrawn = new HashSet<>();
        for (Piece piece : before.pieces()) {
            if (after.find(piece.id()).orElse(null) != piece) {
                redrawn.add(piece.id());
            }
        }
        List<Join> joins = new ArrayList<>();
        List<Join> changed = new ArrayList<>();
        for (Join join : before.joins()) {
            boolean asItWas = true;
            boolean sameLines = true;
            for (Run layer : join.layers()) {
                for (Stretch s : layer.stretches()) {
                    boolean redrawnHere = redrawn.contains(s.piece());
                    asItWas &= !redrawnHere;
                    sameLines &= !redrawnHere || sameLine(before, after, s);
                }
            }
            Join laid = asItWas ? join : whole(before, after, join);
            joins.add(laid);
            if (!sameLines) {
                changed.add(laid);
            }
        }
        Pattern laid = after.withJoins(joins);
        for (Join join : changed) {
            laid = notched(laid, join);
        }
        return laid;
    }

    /** Whether an edge was not drawn otherwise, so that the notches on it still meet. */
    private static boolean sameLine(Pattern before, Pattern after, Stretch s) {
        return before.piece(s.piece())
                .run(s.role(), s.nth())
                .equals(after.piece(s.piece()).run(s.role(), s.nth()));
    }

    private static Join whole(Pattern before, Pattern after, Join join) {
        List<Run> layers = new ArrayList<>();
        for (Run run : join.layers()) {
            layers.add(whole(before, after, run));
        }
        return new Join(
                join.seam(), layers, layers.get(0).length() - layers.get(1).length(), join.kind());
    }

    private static Run whole(Pattern before, Pattern after, Run run) {
        List<Stretch> laid = new ArrayList<>();
        for (List<Stretch> edge : edges(run)) {
            Stretch s = edge.get(0);
            if (untouched(before.piece(s.piece()), after.piece(s.piece()), s)) {
                laid.addAll(edge);
                continue;
            }
            double off = shut(before, s).length();
            for (Stretch taken : edge) {
                off -= taken.length();
            }
            laid.addAll(Math.abs(off) < Tolerance.ON_LINE ? shut(after, s).stretches() : edge);
        }
        return new Run(laid);
    }

    /** Whether an edge is the very one it was, and nothing else opens on it. */
    private static boolean untouched(Piece was, Piece is, Stretch s) {
        return was == is
                || was.require(s.role(), s.nth()).run()
                                == is.require(s.role(), s.nth()).run()
                        && was.darts() == is.darts()
                        && was.folds() == is.folds();
    }

    /** The stretches of a run, those of one edge that follow each other together: between them a dart opens. */
    private static List<List<Stretch>> edges(Run run) {
        List<List<Stretch>> edges = new ArrayList<>();
        Stretch last = null;
        for (Stretch s : run.stretches()) {
            boolean same = last != null
                    && s.piece().equals(last.piece())
                    && s.role().equals(last.role())
                    && s.nth() == last.nth()
                    && s.copy() == last.copy();
            if (!same) {
                edges.add(new ArrayList<>());
            }
            edges.get(edges.size() - 1).add(s);
            last = s;
        }
        return edges;
    }

    /** The whole of a stretch's edge, the mouths of darts that open on it left out, sewn as the stretch is. */
    private static Run shut(Pattern pattern, Stretch s) {
        Piece piece = pattern.piece(s.piece());
        Run run = Run.shut(piece, piece.require(s.role(), s.nth())).of(s.copy());
        return s.backwards() ? run.reversed() : run;
    }

    /**
     * The notches of a join laid off again: on the first layer each stays where it is, the others get theirs at its
     * length.
     */
    private static Pattern notched(Pattern pattern, Join join) {
        Run first = join.layers().get(0);
        if (first.stretches().size() != 1 || !hasNotches(pattern.piece(first.piece()))) {
            return pattern;
        }
        List<Segment> line = pattern.lines(first);
        List<Mark> there = notchesOn(pattern, first, line);
        if (there.isEmpty()) {
            return pattern;
        }
        Pattern bare = pattern;
        for (Run layer : join.layers()) {
            List<Mark> gone = layer == first ? there : notchesOn(bare, layer, bare.lines(layer));
            if (!gone.isEmpty()) {
                Piece piece = bare.piece(layer.piece());
                bare = bare.instead(piece.withMarks(
                        piece.marks().stream().filter(m -> !gone.contains(m)).toList()));
            }
        }
        for (Mark mark : there) {
            bare = Notches.along(
                    bare, join, mark.text(), Curves.nearest(line, mark.at()).along());
        }
        return bare;
    }

    private static boolean hasNotches(Piece piece) {
        for (Mark mark : piece.marks()) {
            if (mark.along() != null) {
                return true;
            }
        }
        return false;
    }

    private static List<Mark> notchesOn(Pattern pattern, Run run, List<Segment> lines) {
        List<Mark> on = new ArrayList<>();
        for (Mark mark : pattern.piece(run.piece()).marks()) {
            if (mark.along() != null && Curves.near(lines, mark.at(), ON_THE_SEAM)) {
                on.add(mark);
            }
        }
        return on;
    }
}
