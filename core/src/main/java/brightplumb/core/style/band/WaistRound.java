package brightplumb.core.style.band;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Closure;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The waist as it is walked round the body, darts and folds shut: from where it opens, or behind where it does not,
 * once round; or, where left and right are alike, half-way round to the other centre.
 *
 * @param run what is walked
 * @param half whether it is half the waist
 * @param opens where it begins, in words
 * @param turns where a half ends: on the fold there; null for a whole one
 */
record WaistRound(Run run, boolean half, String opens, EdgeRole turns) {

    /** Where on the body two stretches meet. */
    static String met(Stretch before, Stretch after) {
        boolean same = before.piece().name().equals(after.piece().name());
        return !same ? "side" : before.piece().behind() ? "centre back" : "centre front";
    }

    /** Whether a draft has a waist with a front and a back to walk round. */
    static boolean there(Draft draft) {
        return find(draft, Panel.FRONT, Hand.LEFT) != null && find(draft, Panel.BACK, Hand.LEFT) != null;
    }

    /** The waist of a draft. */
    static WaistRound of(Draft draft, Closure closure) {
        List<Run> quarters = new ArrayList<>(List.of(
                quarter(draft, Panel.BACK, Hand.LEFT),
                quarter(draft, Panel.FRONT, Hand.LEFT).reversed(),
                quarter(draft, Panel.FRONT, Hand.RIGHT),
                quarter(draft, Panel.BACK, Hand.RIGHT).reversed()));
        boolean alike = draft.pieces().stream().noneMatch(p -> p.id().hand() == Hand.RIGHT);
        return switch (closure) {
            case CENTRE_BACK_ZIP, NONE ->
                alike ? half(quarters, "centre back", EdgeRole.CENTRE_FRONT) : whole(quarters, "centre back");
            case FLY -> {
                // From the centre front: left front, left back, and so on round.
                List<Run> leftFirst = List.of(
                        quarters.get(1).reversed(),
                        quarters.get(0).reversed(),
                        quarters.get(3).reversed(),
                        quarters.get(2).reversed());
                yield alike ? half(leftFirst, "centre front", EdgeRole.CENTRE_BACK) : whole(leftFirst, "centre front");
            }
            case SIDE_ZIP -> {
                Collections.rotate(quarters, -1);
                yield whole(quarters, "left side");
            }
        };
    }

    private static WaistRound half(List<Run> quarters, String opens, EdgeRole turns) {
        return new WaistRound(quarters.get(0).then(quarters.get(1)), true, opens, turns);
    }

    private static WaistRound whole(List<Run> quarters, String opens) {
        Run run = quarters.get(0);
        for (Run next : quarters.subList(1, quarters.size())) {
            run = run.then(next);
        }
        return new WaistRound(run, false, opens, null);
    }

    /** The same waist walked all the way round. */
    WaistRound whole() {
        if (!half) {
            return this;
        }
        Run back = new Run(run.reversed().stretches().stream()
                .map(s -> s.of(s.copy() == Hand.LEFT ? Hand.RIGHT : Hand.LEFT))
                .toList());
        return new WaistRound(run.then(back), false, opens, null);
    }

    /** All round the body, mm. */
    double girth() {
        return half ? 2 * run.length() : run.length();
    }

    private static Run quarter(Draft draft, Panel panel, Hand hand) {
        Piece piece = find(draft, panel, hand);
        if (piece == null) {
            throw new Refusal(FieldPath.WITH, "There is no waist with a " + panel + " to sew a band to");
        }
        return Run.shut(piece, EdgeRole.WAIST).of(hand);
    }

    private static Piece find(Draft draft, Panel panel, Hand hand) {
        return draft.pieces().stream()
                .filter(p -> p.panel().equals(panel) && p.layer() == Layer.SHELL)
                .filter(p -> p.edge(EdgeRole.WAIST).isPresent())
                .filter(p -> p.id().hand() == Hand.BOTH || p.id().hand() == hand)
                .findFirst()
                .orElse(null);
    }
}
