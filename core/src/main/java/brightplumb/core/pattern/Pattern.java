package brightplumb.core.pattern;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The pieces of a garment and what is sewn to what.
 *
 * @param pieces in the order they are cut; no two of one name
 * @param joins in the order they were made
 */
public record Pattern(List<Piece> pieces, List<Join> joins) {

    /** Nothing yet. */
    public static final Pattern EMPTY = new Pattern(List.of(), List.of());

    public Pattern {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (pieces.get(i).id().equals(pieces.get(j).id())) {
                    throw new IllegalArgumentException("Two pieces of one name");
                }
            }
        }
    }

    /** The piece of that name, if there is one. */
    public Optional<Piece> find(PieceId id) {
        for (Piece piece : pieces) {
            if (piece.id().equals(id)) {
                return Optional.of(piece);
            }
        }
        return Optional.empty();
    }

    /** The piece of that name. */
    public Piece piece(PieceId id) {
        return find(id).orElseThrow(() -> new IllegalStateException("No piece " + id));
    }

    /** The join of that name, if there is one. */
    public Optional<Join> find(Seam seam) {
        return joins.stream().filter(j -> j.seam().equals(seam)).findFirst();
    }

    /** With more pieces. */
    public Pattern with(List<Piece> more) {
        return new Pattern(Stream.concat(pieces.stream(), more.stream()).toList(), joins);
    }

    /** With a piece in the place of the one of its name. */
    public Pattern instead(Piece changed) {
        List<Piece> all = new ArrayList<>(pieces);
        all.replaceAll(p -> p.id().equals(changed.id()) ? changed : p);
        return new Pattern(all, joins);
    }

    /** With more joins. */
    public Pattern joined(List<Join> more) {
        return new Pattern(pieces, Stream.concat(joins.stream(), more.stream()).toList());
    }

    /** With its joins made anew. */
    public Pattern withJoins(List<Join> all) {
        return new Pattern(pieces, all);
    }

    /** The lines of one layer of a join, in the direction it is sewn. */
    public List<Segment> lines(Run run) {
        List<Segment> lines = new ArrayList<>();
        for (Stretch s : run.stretches()) {
            List<Segment> part = Curves.part(piece(s.piece()).run(s.role(), s.nth()), s.from(), s.to());
            lines.addAll(s.backwards() ? Curves.reversed(part) : part);
        }
        return List.copyOf(lines);
    }

    /** Whether a fusing lies on a piece. */
    public boolean fused(Piece piece) {
        return pieces.stream()
                .anyMatch(p ->
                        p.layer() == Layer.FUSING && p.id().equals(piece.id().fusing()));
    }
}
