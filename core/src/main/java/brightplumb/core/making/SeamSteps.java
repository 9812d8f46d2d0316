package brightplumb.core.making;

import brightplumb.core.geometry.Curves;
import brightplumb.core.geometry.Segment;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Mark;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.InSeam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Work;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A step for every seam that no operation sews by steps of its own: what it is called and how it is done follow from
 * the edges it joins.
 */
final class SeamSteps {

    private static final Map<EdgeRole, Work> WORK = Map.of(
            EdgeRole.SIDE, Work.SIDE,
            EdgeRole.INSEAM, Work.INSEAM,
            EdgeRole.CROTCH_END, Work.INSEAM,
            EdgeRole.SHOULDER, Work.CENTRE,
            EdgeRole.CROTCH, Work.CENTRE,
            EdgeRole.FLY, Work.CENTRE,
            EdgeRole.CENTRE_FRONT, Work.CENTRE,
            EdgeRole.CENTRE_BACK, Work.CENTRE,
            EdgeRole.CENTRE_BACK_ZIP, Work.CENTRE);

    /** A notch no further than this from a seam (mm) is that seam's own. */
    private static final double NEAR = 3;

    private final Draft draft;
    private final Cloth cloth;
    private final Sequence sequence;

    private final Set<Seam> parted;

    /**
     * What sews a draft's seams by a habit.
     *
     * @param lying what lies in them: such a seam is not sewn from end to end
     */
    SeamSteps(Draft draft, Cloth cloth, Sequence sequence, List<InSeam> lying) {
        this.draft = draft;
        this.cloth = cloth;
        this.sequence = sequence;
        this.parted = lying.stream().map(InSeam::seam).collect(Collectors.toSet());
    }

    /**
     * The steps.
     *
     * @param sewn seams that other steps sew
     */
    List<MakingStep> all(Set<Seam> sewn) {
        Map<Seam, List<Join>> seams = new LinkedHashMap<>();
        for (Join join : draft.joins()) {
            if (!sewn.contains(join.seam())) {
                seams.computeIfAbsent(join.seam(), s -> new ArrayList<>()).add(join);
            }
        }
        List<MakingStep> steps = new ArrayList<>();
        List<MakingStep> crotch = new ArrayList<>();
        seams.forEach((seam, joins) -> {
            MakingStep step = step(seam, joins);
            if (role(joins.get(0)).equals(EdgeRole.CROTCH)) {
                crotch.add(step);
            } else {
                steps.add(step);
            }
        });
        steps.addAll(crotch(crotch));
        return steps;
    }

    private MakingStep step(Seam seam, List<Join> joins) {
        Join first = joins.get(0);
        EdgeRole role = role(first);
        Work work = WORK.getOrDefault(role, Work.CENTRE);
        return MakingStep.of(seam, title(first, role, work), work)
                .saying(how(seam, work, role))
                .looking(lengths(joins))
                .with(
                        cloth.stretches()
                                ? "stretch stitch, or overlocked"
                                : cloth.sheer()
                                        ? "French seam, {0.25 in}: what lies beneath shows"
                                        : "plain seam, pressed open")
                .after(FlatSteps.BEFORE_SEAMS)
                .after(joins.stream()
                        .flatMap(j -> Prerequisites.of(draft.pattern(), j).stream())
                        .toList());
    }

    /**
     * Front and back crotch: in one pass where the inseams are closed before; otherwise each by itself, closed at the
     * fork at last.
     */
    private List<MakingStep> crotch(List<MakingStep> seams) {
        if (seams.isEmpty()) {
            return List.of();
        }
        boolean onePass = seams.size() > 1 && sequence.before(Work.INSEAM, Work.CENTRE);
        if (onePass) {
            MakingStep one = MakingStep.of(
                            StepId.CROTCH,
                            "Crotch, in one pass",
                            Work.CENTRE,
                            "One leg inside the other, right sides together; inseam on inseam, then the waist, then "
                                    + "the notches.",
                            "From the front, under the fork and up the back in one pass; twice below the hip. Clip "
                                    + "the curve.")
                    .with(seams.get(0).stitch())
                    .after(FlatSteps.BEFORE_SEAMS)
                    .after(Seam.INSEAM);
            for (MakingStep seam : seams) {
                one = one.sewing(seam.seams()).looking(seam.looks()).after(seam.afterSeams());
            }
            return List.of(one);
        }
        if (!leftOpen()) {
            return seams;
        }
        List<MakingStep> steps = new ArrayList<>();
        for (MakingStep seam : seams) {
            steps.add(seam.saying(List.of("Stop {1 in} short of the inseam; the fork is closed at last.")));
        }
        steps.add(MakingStep.of(
                        StepId.CLOSE_FORK,
                        "Close the fork",
                        Work.CLOSE,
                        "Inseam on inseam; across the fork from seam to seam, and once more beside it.")
                .on(seams.stream()
                        .flatMap(s -> s.seams().stream())
                        .flatMap(s -> draft.join(s).layers().stream())
                        .map(Run::piece))
                .after(Seam.INSEAM)
                .after(seams.stream().flatMap(s -> s.seams().stream()).toList()));
        return steps;
    }

    private String title(Join join, EdgeRole role, Work work) {
        Stretch stretch = join.layers().get(0).stretches().get(0);
        Piece piece = draft.piece(stretch.piece());
        String of = piece.layer() == Layer.LINING ? "Lining: " : "";
        return of
                + switch (work) {
                    case SIDE -> "Side seams";
                    case INSEAM ->
                        role.equals(EdgeRole.CROTCH_END)
                                ? "Between the legs"
                                : inOnePass() ? "Inseam, in one pass" : "Inseams";
                    default ->
                        role.equals(EdgeRole.CROTCH)
                                ? (piece.behind() ? "Back crotch" : "Front crotch")
                                : role.equals(EdgeRole.SHOULDER) ? "Shoulder seams" : capital(role.spoken()) + " seam";
                };
    }

    /** Whether the centres end short of the fork, which is closed when all else is. */
    private boolean leftOpen() {
        return sequence.before(Work.SIDE, Work.INSEAM) && sequence.before(Work.HEM, Work.SIDE);
    }

    /** Whether both inseams are one seam, over the fork. */
    private boolean inOnePass() {
        return sequence.before(Work.CENTRE, Work.INSEAM) && !leftOpen();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private List<String> how(Seam seam, Work work, EdgeRole role) {
        List<String> how = new ArrayList<>();
        switch (work) {
            case SIDE -> {
                how.add("Right sides together: pin waist, notches and hem, then between."
                        + (parted.contains(seam) ? "" : " From hem to waist."));
                how.add(
                        cloth.stretches()
                                ? "Do not pull; the seam must give as the cloth does."
                                : "Press flat, then open.");
            }
            case INSEAM -> {
                if (role.equals(EdgeRole.CROTCH_END)) {
                    how.add("Front end on back end, right sides together, middles first; twice, for it bears what "
                            + "sitting pulls.");
                    return how;
                }
                how.add(
                        inOnePass()
                                ? "Crotch seam on crotch seam first; then from hem to hem in one pass, over the fork."
                                : "Each leg: fork, knee and hem first, then between. What is longer is stretched or "
                                        + "held in between fork and knee.");
                how.add("Press toward the back, or open.");
            }
            default -> {
                if (role.equals(EdgeRole.SHOULDER)) {
                    how.add("Right sides together, neck on neck and armhole on armhole.");
                    how.add(
                            cloth.stretches()
                                    ? "Tape or elastic in the seam keeps it from stretching."
                                    : "Press flat, then open.");
                    return how;
                }
                how.add("Right sides together, left on right.");
                if (role.equals(EdgeRole.CROTCH)) {
                    how.add("Sew the curve twice; clip it, or the seam binds.");
                } else {
                    how.add("From the end of the opening down; baste the opening itself.");
                    if (sequence.before(Work.SIDE, Work.CENTRE)) {
                        how.add("Before it closes, lay the piece folded and pin half the waist, half the hip and half "
                                + "the knee from the tape: the last cheap correction.");
                    }
                }
            }
        }
        return how;
    }

    /** Each layer as it is sewn: two that do not agree are seen before they are sewn. */
    private List<Figure> lengths(List<Join> joins) {
        List<Figure> figures = new ArrayList<>();
        for (Join join : joins) {
            for (Run run : join.layers()) {
                Stretch s = run.stretches().get(0);
                if (join.kind() != Join.Kind.MIRRORED || figures.isEmpty()) {
                    Piece piece = draft.piece(s.piece());
                    figures.add(Figure.mm(piece.spoken() + ", " + s.role().spoken(), run.length()));
                }
            }
        }
        notches(joins.get(0)).forEach(m -> figures.add(Figure.mm(m.text() + " notch, along it", m.along())));
        return figures;
    }

    private List<Mark> notches(Join join) {
        Run run = join.layers().get(0);
        List<Segment> seam = draft.pattern().lines(run);
        return draft.piece(run.piece()).marks().stream()
                .filter(m -> m.along() != null && Curves.near(seam, m.at(), NEAR))
                .toList();
    }

    private EdgeRole role(Join join) {
        return join.layers().get(0).stretches().get(0).role();
    }
}
