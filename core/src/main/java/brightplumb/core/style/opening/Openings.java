package brightplumb.core.style.opening;

import brightplumb.core.geometry.Curves;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.BodiceFacts;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.working.Fact;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/** The opening a block has drawn: how long it is, and the seams that are not sewn shut there. */
final class Openings {

    private Openings() {}

    /** An opening that a part above goes on from. */
    private static final Set<Fact> DRAWN = Set.of(ClosureSettings.ZIP_LENGTH.fact(), BodiceFacts.ZIP_THROUGH);

    /** How long the opening was drawn, mm: with what a part above it adds. */
    static OptionalDouble length(Draft draft) {
        return draft.steps().stream()
                .filter(s -> DRAWN.contains(s.fact()))
                .map(Step::amount)
                .mapToDouble(a -> a.value())
                .reduce((before, whole) -> whole);
    }

    static List<Figure> figures(Draft draft) {
        return length(draft).stream().mapToObj(mm -> Figure.mm("opening", mm)).toList();
    }

    /** The shell's seams along edges of a role, on pieces that hang to a hem or a leg line. */
    static List<Seam> seams(Draft draft, EdgeRole role) {
        return draft.joins().stream()
                .filter(j -> along(draft, j, role))
                .map(Join::seam)
                .distinct()
                .toList();
    }

    private static boolean along(Draft draft, Join join, EdgeRole role) {
        Stretch first = join.layers().get(0).stretches().get(0);
        Piece piece = draft.piece(first.piece());
        return join.layers().stream().allMatch(r -> draft.piece(r.piece()).layer() == Layer.SHELL)
                && first.role().equals(role)
                && ends(piece);
    }

    /** Whether it hangs to a hem, or to the leg line of a bodysuit. */
    private static boolean ends(Piece piece) {
        return piece.edge(EdgeRole.HEM).isPresent() || piece.edge(EdgeRole.LEG).isPresent();
    }

    /** The stretch of the left edges beside a zip, from their tops. */
    static List<Shown> besideZip(Draft draft, EdgeRole role) {
        double long_ = length(draft).orElse(0);
        return draft.with(role).stream()
                .filter(p -> p.id().hand() != Hand.RIGHT && ends(p))
                .map(p -> new Shown(
                        p.id(),
                        Curves.part(
                                p.require(role).run(),
                                0,
                                Math.min(long_, p.require(role).length()))))
                .toList();
    }
}
