package brightplumb.core.style.opening;

import brightplumb.core.geometry.Curves;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.CentreOpening;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.ClosureSettings;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Supply;
import java.util.List;
import java.util.OptionalDouble;

/** The opening a block has drawn: how long it is, and the seams that are not sewn shut there. */
final class Openings {

    private Openings() {}

    /** What zips are sold in, inches. Common practice, no source. */
    private static final List<Integer> SOLD = List.of(4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 36);

    /** An opening this much longer than what is sold still takes it, mm: no zip is bought longer for so little. */
    private static final double NO_LONGER = Length.INCH / 16;

    /**
     * How long the opening is, mm: read off the edges it closes, through all that they run through; that of a side as
     * it was asked, for its seam is one edge.
     */
    static OptionalDouble length(Draft draft, Settings set) {
        double long_ = switch (set.choice(ClosureSettings.CLOSURE, Closure.class)) {
            case CENTRE_BACK_ZIP -> CentreOpening.reach(draft.pattern(), EdgeRole.CENTRE_BACK_ZIP, true, Hand.LEFT);
            case FLY -> CentreOpening.reach(draft.pattern(), EdgeRole.FLY, false, Hand.LEFT);
            case SIDE_ZIP ->
                draft.steps().stream()
                        .filter(s -> s.fact().equals(ClosureSettings.ZIP_LENGTH.fact()))
                        .mapToDouble(s -> s.amount().value())
                        .sum();
            case NONE -> 0;
        };
        return long_ > 0 ? OptionalDouble.of(long_) : OptionalDouble.empty();
    }

    static List<Figure> figures(Draft draft, Settings set) {
        return length(draft, set).stream()
                .mapToObj(mm -> Figure.mm("opening", mm))
                .toList();
    }

    /** The zip to buy: the next longer one that is sold, or by the metre beyond the longest. */
    static List<Notion> zip(Draft draft, Settings set, String kind) {
        return length(draft, set).stream()
                .mapToObj(opening -> SOLD.stream()
                        .map(Length::inches)
                        .filter(sold -> sold.mm() >= opening - NO_LONGER)
                        .findFirst()
                        .map(sold -> Notion.measured(
                                Supply.ZIP, "Zip", kind + ", for an opening of " + said(opening), sold.mm()))
                        .orElseGet(() -> Notion.measured(
                                Supply.ZIP, "Zip", kind + ", by the metre, cut to its opening", opening)))
                .toList();
    }

    private static String said(double mm) {
        return Sentence.figure(Length.mm(mm));
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
    static List<Shown> besideZip(Draft draft, Settings set, EdgeRole role) {
        double long_ = length(draft, set).orElse(0);
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
