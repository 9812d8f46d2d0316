package brightplumb.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Edges that are sewn to each other.
 *
 * @param seam what the seam is called
 * @param layers the layers that lie on each other, two at least; the first is the one that notches are laid off on
 * @param eased how much longer the first layer is, held in to the others, mm; negative where it is stretched
 * @param kind how they are joined
 */
public record Join(Seam seam, List<Run> layers, double eased, Kind kind) {

    /** How edges are joined. */
    public enum Kind {
        /** Laid on each other and stitched. */
        SEWN,
        /** The first drawn up to the length of the others. */
        GATHERED,
        /** An edge laid on a line inside a piece: the second layer's stretch names the line, not an edge. */
        LAID,
        /** One lies over the other. */
        LAPPED,
        /** A strip round an edge. */
        BOUND,
        /** A pair's own centre seam: an edge to the same edge of the piece turned over. */
        MIRRORED
    }

    public Join {
        layers = List.copyOf(layers);
        if (layers.size() < 2 || layers.stream().anyMatch(r -> r.stretches().isEmpty())) {
            throw new IllegalArgumentException("A join takes two layers, and something to sew in each");
        }
    }

    /** Two whole edges sewn to each other from the same end; where one is longer, it is held in. */
    public static Join sewn(Seam seam, EdgeRole role, Piece one, Piece other) {
        return sewn(
                seam, Run.of(Stretch.whole(one, one.require(role))), Run.of(Stretch.whole(other, other.require(role))));
    }

    /** Two runs sewn to each other from the same end; where one is longer, it is held in. */
    public static Join sewn(Seam seam, Run one, Run other) {
        return new Join(seam, List.of(one, other), one.length() - other.length(), Kind.SEWN);
    }

    /** An edge of a piece sewn to the same edge of its turned twin. */
    public static Join mirrored(Seam seam, EdgeRole role, Piece piece) {
        Run run = Run.of(Stretch.whole(piece, piece.require(role)));
        return new Join(seam, List.of(run.of(Hand.LEFT), run.of(Hand.RIGHT)), 0, Kind.MIRRORED);
    }

    /**
     * The same join with other stretches in the place of each.
     *
     * @param anew what lies there instead of a stretch, in the order in which that runs
     */
    Join laid(Function<Stretch, List<Stretch>> anew) {
        List<Run> runs = layers.stream()
                .map(run -> new Run(run.stretches().stream()
                        .flatMap(s -> anew.apply(s).stream())
                        .toList()))
                .toList();
        return new Join(seam, runs, eased, kind);
    }

    /** What an edge is sewn to, if it is in this join: the first stretch it lies on. */
    public Optional<Stretch> partner(PieceId piece, Edge edge) {
        for (int i = 0; i < layers.size(); i++) {
            Run here = layers.get(i);
            Run there = layers.get(i == 0 ? 1 : 0);
            double before = 0;
            for (Stretch s : here.stretches()) {
                if (s.on(piece, edge)) {
                    return Optional.of(at(there, before + s.length() / 2));
                }
                before += s.length();
            }
        }
        return Optional.empty();
    }

    private static Stretch at(Run run, double along) {
        double before = 0;
        for (Stretch s : run.stretches()) {
            before += s.length();
            if (along <= before) {
                return s;
            }
        }
        return run.stretches().get(run.stretches().size() - 1);
    }

    /** Whether a piece is in this join. */
    public boolean holds(PieceId piece) {
        return layers.stream()
                .flatMap(r -> r.stretches().stream())
                .anyMatch(s -> s.piece().equals(piece));
    }
}
