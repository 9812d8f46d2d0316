package brightplumb.core.cut;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.TapeWriter;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Notice;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Family;
import brightplumb.core.truing.Check;
import brightplumb.core.truing.Verdict;
import brightplumb.core.working.Amount;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pair whose two legs differ. Where left and right of a measure lie more than a quarter inch apart, each leg is drafted from its own side
 * of the tape; nearer than that both are drafted from the middle.
 */
final class LeftAndRight {

    /** How far left and right may differ and still be cut as a pair, mm. Our own choice. */
    private static final double ALIKE = Length.INCH / 4;

    private static final List<Verdict> WORSE = List.of(Verdict.TRUE, Verdict.NOT_TAKEN, Verdict.WATCH, Verdict.OFF);

    private LeftAndRight() {}

    /** The first measure in which the two legs of a garment differ too much for a pair, if there is one. */
    static Optional<Measure> uneven(DraftRequest request) {
        if (request.cut().family() != Family.LEGS) {
            return Optional.empty();
        }
        return request.cut().measures().stream()
                .filter(Measure::sided)
                .filter(m -> request.sheet()
                        .reading(m)
                        .filter(r -> r.second() != null && Math.abs(r.apart()) > ALIKE + 1e-9)
                        .isPresent())
                .findFirst();
    }

    /** Both legs as one garment: four pieces, each inspection as it stands on the worse leg. */
    static Drafted joined(DraftRequest request, Drafted left, Drafted right, Measure differs) {
        List<Step> steps = new ArrayList<>(left.draft().steps());
        Map<String, Amount> facts = new LinkedHashMap<>(left.draft().facts());
        for (Step step : right.draft().steps()) {
            Amount amount = step.amount();
            Amount other = facts.get(String.valueOf(amount.id()));
            if (amount.id() != null && other != null && Math.abs(other.value() - amount.value()) > 0.05) {
                Amount ofRight = amount.named(
                        amount.id() + ".right", step.title().toLowerCase(java.util.Locale.ROOT) + ", right");
                steps.add(new Step(step.id() + ".right", "Right leg: " + step.title(), ofRight, step.why(), List.of()));
                facts.put(ofRight.id(), ofRight);
            }
        }
        List<Notice> notices = new ArrayList<>();
        notices.add(said(request, differs));
        notices.addAll(left.draft().notices());
        List<Piece> pieces = Stream.of(left, right)
                .flatMap(leg -> leg.draft().pieces().stream().map(p -> sided(p, leg == left)))
                .toList();
        List<Join> joins = Stream.of(left, right)
                .flatMap(leg ->
                        leg.draft().joins().stream().map(j -> j.renamed(piece -> piece + "-" + side(leg == left))))
                .toList();
        Draft draft = new Draft(steps, facts, pieces, joins, left.draft().levels(), notices);
        return new Drafted(
                request,
                draft,
                checks(left, right),
                Stream.of(left, right)
                        .flatMap(leg -> leg.pieces().stream().map(p -> sided(p, leg == left)))
                        .toList(),
                left.estimates(),
                left.settings(),
                right.draft());
    }

    private static Notice said(DraftRequest request, Measure differs) {
        double apart = Math.abs(request.sheet().reading(differs).orElseThrow().apart());
        return Notice.of(
                "left-and-right",
                differs.title() + " differs by " + TapeWriter.eighths(Length.mm(apart)) + " in (" + Math.round(apart)
                        + " mm) from left to right, so each leg is drafted from its own side of the tape: four pieces, marked left and right; turn the right ones over before cutting. The centre seams are alike. The paper shows the left.");
    }

    private static List<Check> checks(Drafted left, Drafted right) {
        List<Check> checks = new ArrayList<>();
        for (Check check : left.checks()) {
            checks.add(right.checks().stream()
                    .filter(other -> other.id().equals(check.id()))
                    .filter(other -> WORSE.indexOf(other.verdict()) > WORSE.indexOf(check.verdict()))
                    .findFirst()
                    .map(LeftAndRight::onTheRight)
                    .orElse(check));
        }
        return checks;
    }

    private static Check onTheRight(Check check) {
        return check.saying("Right leg: " + check.text());
    }

    private static String side(boolean left) {
        return left ? "left" : "right";
    }

    private static Piece sided(Piece piece, boolean left) {
        return new Piece(
                piece.id() + "-" + side(left),
                piece.panel(),
                piece.seams(),
                piece.darts(),
                piece.marks(),
                piece.grain());
    }

    private static CutPiece sided(CutPiece cut, boolean left) {
        return new CutPiece(
                sided(cut.piece(), left),
                cut.name() + ", " + side(left),
                1,
                false,
                false,
                cut.allowances(),
                cut.cutLine());
    }
}
