package brightplumb.core.style.band;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Point;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.LaidOff;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.pattern.Strip;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A piece as high as a strip along the top of a panel, its darts shut: a shaped band, or a facing. */
final class OffTheTop {

    private OffTheTop() {}

    /**
     * The strip in one piece, in the panel's place: on the fold, or a pair where it opens. Its first part stays where
     * it was cut, so that the panel's grain is its own.
     *
     * @param name what it is called before the panel's name
     * @param of what it is of
     * @param layers how many of each are cut
     */
    static Piece piece(Piece panel, Strip strip, String name, Panel of, String title, int layers) {
        Piece whole = strip.parts().get(0);
        for (Piece next : strip.parts().subList(1, strip.parts().size())) {
            whole = Surgery.united(whole, Strip.PARTED, next, Strip.GOES_ON);
        }
        List<Edge> edges = whole.edges();
        Piece piece = new Piece(
                panel.id().with(name),
                title + " " + panel.panel() + hand(panel),
                of,
                Layer.SHELL,
                edges,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                panel.grain(),
                panel.copies(),
                whole.onBody());
        Piece laid = onFold(piece, panel, layers);
        return laid.grained(grain(laid, panel), laid.top(), laid.require(Strip.LOWER));
    }

    /** How deep it is, laid off at the centre, or where its upper edge begins. */
    static LaidOff deep(LaidOff off, Fact fact, Piece piece, EdgeRole role) {
        List<Segment> lower = piece.require(Strip.LOWER).run();
        return off.off(
                fact,
                piece.id().toString(),
                piece.require(role).run().get(0).from(),
                lower.get(lower.size() - 1).to());
    }

    private static String hand(Piece panel) {
        return panel.id().hand() == Hand.BOTH ? "" : ", " + panel.id().hand().id();
    }

    /** One whose centre does not open and runs straight lies on the fold there; so many layers of whatever it is. */
    private static Piece onFold(Piece piece, Piece panel, int layers) {
        var centre = piece.edges().get(piece.edges().size() - 1);
        boolean opens = centre.end() == End.OPENING;
        boolean alone = panel.id().hand() != Hand.BOTH;
        if (alone) {
            return piece.withCopies(new Copies.Singles(layers));
        }
        // An armhole's strip begins at the shoulder, which is a seam.
        if (opens || centre.role().equals(EdgeRole.SHOULDER) || !straight(centre.run())) {
            return piece.withCopies(new Copies.Pairs(layers));
        }
        List<Edge> edges = new ArrayList<>(piece.edges());
        edges.set(edges.size() - 1, centre.as(End.FOLD));
        return piece.withEdges(edges).withCopies(new Copies.OnFold(centre.role(), layers));
    }

    private static boolean straight(List<Segment> run) {
        Point from = run.get(0).from();
        Point to = run.get(run.size() - 1).to();
        Point along = to.minus(from).unit();
        return Curves.flattened(run, 8).stream()
                .allMatch(p -> Math.abs(p.minus(from).cross(along)) < 0.2);
    }

    /** Along the fold it is cut on; anywhere else as the garment's lies there. */
    private static Point grain(Piece piece, Piece panel) {
        if (!(piece.copies() instanceof Copies.OnFold fold)) {
            return panel.grain().direction(0);
        }
        List<Segment> run = piece.require(fold.role()).run();
        return run.get(0).from().minus(run.get(run.size() - 1).to()).unit();
    }

    /** The joins of such pieces to each other, where their panels are sewn. */
    static List<Join> joins(String layer, Pattern pattern, Map<PieceId, Piece> bands) {
        List<Join> joins = new ArrayList<>();
        for (Join join : pattern.joins()) {
            Stretch one = join.layers().get(0).stretches().get(0);
            Stretch other = join.layers().get(1).stretches().get(0);
            Piece a = bands.get(one.piece());
            Piece b = bands.get(other.piece());
            if (a == null || b == null || a.edge(one.role()).isEmpty()) {
                continue;
            }
            boolean folded = a.require(one.role()).end() == End.FOLD;
            if (!folded) {
                joins.add(
                        a == b
                                ? Join.mirrored(join.seam().in(layer), one.role(), a)
                                : Join.sewn(join.seam().in(layer), one.role(), a, b));
            }
        }
        return joins;
    }
}
