package brightplumb.core.cutting;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Rigid;
import brightplumb.core.geometry.Segment;
import brightplumb.core.measure.Length;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import java.util.List;
import java.util.Map;

/**
 * A piece ready to be cut.
 *
 * @param piece as sewn
 * @param fused whether a fusing lies on it
 * @param allowances what is added outside each edge, by the edge's name
 * @param cutLine the closed line the shears follow
 */
public record CutPiece(Piece piece, boolean fused, Map<String, Allowance> allowances, List<Segment> cutLine) {

    public CutPiece {
        allowances = Map.copyOf(allowances);
        cutLine = List.copyOf(cutLine);
    }

    /** Its name on the label. */
    public String name() {
        return piece.title();
    }

    /** How many cloth pieces it gives. */
    public int cut() {
        return piece.copies().cloth();
    }

    /** Whether an edge of it lies on a fold of the cloth. */
    public boolean onFold() {
        return piece.copies() instanceof Copies.OnFold;
    }

    /** Whether the cloth pieces are a left and a right. */
    public boolean mirrored() {
        return piece.copies() instanceof Copies.Pairs;
    }

    /** What is added outside an edge. */
    public Allowance allowance(Edge edge) {
        return allowances.getOrDefault(edge.name(), Allowance.NONE);
    }

    /** What is turned up at the hem, mm; 0 where it has none. */
    public double hem() {
        return piece.edge(EdgeRole.HEM)
                .map(this::allowance)
                .filter(Allowance::turned)
                .map(Allowance::outside)
                .orElse(0.0);
    }

    /** How it is cut, in words: {@code cut 1 on fold}, {@code cut 1 pair}, {@code cut 2 of lining}. */
    public String instruction() {
        String how;
        if (piece.copies() instanceof Copies.OnFold fold) {
            how = "cut " + fold.n() + (fold.flat() ? " whole, half of it drawn" : " on fold");
        } else if (piece.copies() instanceof Copies.Pairs pairs) {
            how = "cut " + pairs.n() + (pairs.n() == 1 ? " pair" : " pairs");
        } else {
            how = "cut " + cut();
        }
        String of = piece.layer() == Layer.SHELL ? "" : " of " + piece.layer().id();
        String flat = piece.copies().flat() ? ", never on folded cloth" : "";
        return how + of + flat + (fused ? ", and fusing" : "");
    }

    /** Whether its grain runs across it as it is drawn, as a band's does. */
    public boolean turned() {
        Point grain = piece.grain().direction(0);
        return Math.abs(grain.x()) > Math.abs(grain.y());
    }

    /** Its cut line with the grain upright. */
    public List<Segment> upright() {
        return turned() ? Curves.moved(cutLine, new Rigid(0, 1, 1, 0, 0, 0)) : cutLine;
    }

    /** What it takes of paper, or of cloth. */
    public Needs needs() {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Point place : Curves.flattened(upright(), 12)) {
            left = Math.min(left, place.x());
            right = Math.max(right, place.x());
            top = Math.min(top, place.y());
            bottom = Math.max(bottom, place.y());
        }
        boolean forked = piece.edge(EdgeRole.INSEAM).isPresent();
        boolean beyondCentre = forked && !(piece.copies() instanceof Copies.OnFold);
        return new Needs(right - left, bottom - top, beyondCentre ? BESIDE - left : 0);
    }

    /**
     * What a piece takes of paper, its grain along it; of a piece on the fold half lies there.
     *
     * @param across mm
     * @param along mm
     * @param centreIn how far in from the paper's edge the centre line stands, so that the widest fork, its allowance
     *     and half an inch lie before it, mm; 0 on a piece without a fork
     */
    public record Needs(double across, double along, double centreIn) {}

    private static final double BESIDE = Length.INCH / 2;
}
