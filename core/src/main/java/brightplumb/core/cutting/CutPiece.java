package brightplumb.core.cutting;

import brightplumb.core.geometry.Segment;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.Piece;
import java.util.List;
import java.util.Map;

/**
 * A piece ready to be cut.
 *
 * @param piece as sewn
 * @param name its name on the label
 * @param cut how many cloth pieces it gives
 * @param onFold whether its centre lies on a fold of the cloth
 * @param mirrored whether the cloth pieces are a left and a right
 * @param allowances what is added outside each edge, mm
 * @param cutLine the closed line the shears follow
 */
public record CutPiece(
        Piece piece,
        String name,
        int cut,
        boolean onFold,
        boolean mirrored,
        Map<Edge, Double> allowances,
        List<Segment> cutLine) {

    public CutPiece {
        allowances = Map.copyOf(allowances);
        cutLine = List.copyOf(cutLine);
    }

    /** How it is cut, in words: {@code cut 1 on fold}, {@code cut 1 pair}. */
    public String instruction() {
        return onFold ? "cut " + cut + " on fold" : mirrored ? "cut " + cut / 2 + " pair" : "cut " + cut;
    }
}
