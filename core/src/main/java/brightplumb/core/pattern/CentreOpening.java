package brightplumb.core.pattern;

import brightplumb.core.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.Stream;

/** The edges of a centre seam that meet their own pair there, one below the other. */
public final class CentreOpening {

    private CentreOpening() {}

    /**
     * How long a centre edge is in front or behind, mm, over all pieces of the shell: what lies under another, as a
     * facing does, makes it no longer.
     *
     * @param hand of pieces that differ, whose are counted; {@link Hand#BOTH} counts all
     */
    public static double reach(Pattern pattern, EdgeRole role, boolean behind, Hand hand) {
        List<Edge> edges = pattern.pieces().stream()
                .filter(p -> p.layer() == Layer.SHELL && p.behind() == behind)
                .filter(p -> p.id().hand() == Hand.BOTH || hand == Hand.BOTH || p.id().hand() == hand)
                .filter(p -> pattern.joins().stream().anyMatch(j -> meetsItsPair(j, p, role)))
                .flatMap(p -> p.edge(role).stream())
                .sorted(Comparator.comparingDouble(Edge::length).reversed())
                .toList();
        double reach = 0;
        List<Edge> counted = new ArrayList<>();
        for (Edge edge : edges) {
            if (counted.stream().noneMatch(c -> under(edge, c))) {
                counted.add(edge);
                reach += edge.length();
            }
        }
        return reach;
    }

    private static boolean meetsItsPair(Join join, Piece piece, EdgeRole role) {
        return join.layers().stream()
                .allMatch(run -> run.stretches().stream()
                        .allMatch(s -> s.role().equals(role)
                                && s.piece().name().equals(piece.id().name())));
    }

    /** Whether an edge lies at the height of another on the body. */
    private static boolean under(Edge edge, Edge other) {
        DoubleSummaryStatistics down = down(edge);
        DoubleSummaryStatistics taken = down(other);
        double middle = (down.getMin() + down.getMax()) / 2;
        return middle > taken.getMin() && middle < taken.getMax();
    }

    private static DoubleSummaryStatistics down(Edge edge) {
        return edge.run().stream()
                .flatMap(s -> Stream.of(s.from(), s.to()))
                .mapToDouble(Point::y)
                .summaryStatistics();
    }
}
