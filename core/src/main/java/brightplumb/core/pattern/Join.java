package brightplumb.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Edges that are sewn to each other.
 *
 * @param seam what the seam is called: side, inseam, centre.back
 * @param layers the layers that lie on each other, two at least; the first is the one that notches are laid off on
 * @param eased how much longer the first layer is, held in to the others, mm; negative where it is stretched
 * @param kind how they are joined
 */
public record Join(String seam, List<Run> layers, double eased, Kind kind) {

    /** How edges are joined. */
    public enum Kind {
        /** Laid on each other and stitched. */
        SEWN,
        /** A pair's own centre seam: an edge to the same edge of the piece turned over. */
        MIRRORED
    }

    public Join {
        layers = List.copyOf(layers);
        if (layers.size() < 2) {
            throw new IllegalArgumentException("A join takes two layers");
        }
    }

    /** Two whole edges sewn to each other from the same end; where one is longer, it is held in. */
    public static Join sewn(String seam, Edge edge, Piece one, Piece other) {
        Run first = Run.of(Stretch.whole(one, edge));
        Run second = Run.of(Stretch.whole(other, edge));
        return new Join(seam, List.of(first, second), first.length() - second.length(), Kind.SEWN);
    }

    /** An edge of a piece sewn to the same edge of its turned twin. */
    public static Join mirrored(String seam, Edge edge, Piece piece) {
        Run run = Run.of(Stretch.whole(piece, edge));
        return new Join(seam, List.of(run, run), 0, Kind.MIRRORED);
    }

    /** What an edge is sewn to, if it is in this join. */
    public Optional<Stretch> partner(String piece, Edge edge) {
        for (int i = 0; i < layers.size(); i++) {
            boolean here =
                    layers.get(i).stretches().stream().anyMatch(s -> s.piece().equals(piece) && s.edge() == edge);
            if (here) {
                return Optional.of(layers.get(i == 0 ? 1 : 0).stretches().get(0));
            }
        }
        return Optional.empty();
    }

    /** The same join between pieces by other names. */
    public Join renamed(UnaryOperator<String> piece) {
        return new Join(
                seam,
                layers.stream()
                        .map(run -> new Run(run.stretches().stream()
                                .map(s -> s.of(piece.apply(s.piece())))
                                .toList()))
                        .toList(),
                eased,
                kind);
    }
}
