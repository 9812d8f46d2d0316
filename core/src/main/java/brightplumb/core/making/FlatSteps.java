package brightplumb.core.making;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Panel;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Stretch;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Work;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is done to a garment's pieces before, between and after its seams: marks, fusing, darts, raw edges, hems, trying
 * on, pressing.
 */
final class FlatSteps {

    /** Every seam waits for these. */
    static final StepId[] BEFORE_SEAMS = {StepId.MARK, StepId.FUSE, StepId.DARTS, StepId.NEATEN};

    private static final StepId SLEEVE_HEM = new StepId("sleeve.hem");

    /** A garment longer than this is levelled from the floor, mm; common practice, no source. */
    private static final double FROM_THE_FLOOR = 24 * Length.INCH;

    private final Draft draft;
    private final List<CutPiece> cut;
    private final Cloth cloth;
    private final Sequence sequence;

    FlatSteps(Draft draft, List<CutPiece> cut, Cloth cloth, Sequence sequence) {
        this.draft = draft;
        this.cut = cut;
        this.cloth = cloth;
        this.sequence = sequence;
    }

    /** All of them that this garment asks. */
    List<MakingStep> all() {
        return Stream.of(mark(), fuse(), darts(), neaten(), hem(), sleeveHem(), tryOn(), press())
                .flatMap(List::stream)
                .toList();
    }

    private List<MakingStep> mark() {
        return List.of(MakingStep.of(
                        StepId.MARK,
                        "Cut, and mark",
                        Work.MARK,
                        "Transfer darts, notches and drill marks while the paper still lies on the cloth; then lift "
                                + "it.",
                        "Say on each piece which is front and which is back: they are easily mixed up.")
                .on(ids(p -> true))
                .looking(List.of(new Figure(
                        "pieces of cloth",
                        Quantity.COUNT,
                        cut.stream().mapToInt(CutPiece::cut).sum(),
                        false))));
    }

    private List<MakingStep> fuse() {
        List<Piece> fusings =
                draft.pieces().stream().filter(p -> p.layer() == Layer.FUSING).toList();
        return fusings.isEmpty()
                ? List.of()
                : List.of(MakingStep.of(
                                StepId.FUSE,
                                "Fuse "
                                        + fusings.stream()
                                                .map(p -> p.spoken().replace(" fusing", ""))
                                                .distinct()
                                                .collect(Collectors.joining(", ")),
                                Work.FUSE,
                                "Lay the fusing on the wrong side, grain on grain. Press it down, do not slide the "
                                        + "iron; let it cool flat.")
                        .on(fusings.stream().map(Piece::id))
                        .taking(Supply.FUSING)
                        .after(StepId.MARK));
    }

    private List<MakingStep> darts() {
        List<Piece> darted = draft.pieces().stream()
                .filter(p -> !p.darts().isEmpty() && p.layer() != Layer.FUSING)
                .toList();
        if (darted.isEmpty()) {
            return List.of();
        }
        List<Figure> looks = new ArrayList<>();
        List<Shown> shows = new ArrayList<>();
        for (Piece piece : darted) {
            for (Dart dart : piece.darts()) {
                shows.add(new Shown(piece.id(), List.of(dart.innerLeg(), dart.outerLeg())));
            }
            looks.add(Figure.mm(
                    piece.spoken() + ", taken at the edge",
                    piece.darts().stream().mapToDouble(Dart::intake).sum()));
        }
        boolean lined = darted.stream().anyMatch(p -> p.layer() == Layer.LINING);
        return List.of(MakingStep.of(
                        StepId.DARTS,
                        lined ? "Darts, shell and lining" : "Darts",
                        Work.DART,
                        "Fold each on its middle, leg on leg, and stitch from the edge to the point; the last "
                                + "stitches run along the fold. Tie off, do not back-tack.",
                        "Press them toward the centre, over something round.")
                .on(darted.stream().map(Piece::id))
                .looking(looks)
                .showing(shows)
                .after(StepId.MARK, StepId.FUSE));
    }

    private List<MakingStep> neaten() {
        if (cloth.stretches()) {
            return List.of();
        }
        List<Shown> raw = new ArrayList<>();
        Set<String> roles = new LinkedHashSet<>();
        Set<String> covered = new LinkedHashSet<>();
        for (Piece piece : draft.pieces()) {
            if (piece.layer() == Layer.SHELL && piece.edge(EdgeRole.HEM).isPresent()) {
                for (Edge edge : piece.edges()) {
                    if (edge.end() == End.SEWN && liesOpen(piece, edge)) {
                        raw.add(new Shown(piece.id(), edge.run()));
                        roles.add(edge.role().spoken());
                    } else if (ofTheShell(piece) && (edge.end() == End.SEWN || edge.end() == End.BOUND)) {
                        covered.add(edge.role().spoken());
                    }
                }
            }
        }
        if (raw.isEmpty()) {
            return List.of();
        }
        boolean hems = hems(false).stream().anyMatch(h -> h.deep() > 0 && h.deep() < Length.INCH);
        return List.of(MakingStep.of(
                        StepId.NEATEN,
                        "Neaten the raw edges, and press",
                        Work.NEATEN,
                        "While the pieces lie flat: " + String.join(", ", roles)
                                + (hems ? ", and hems that are turned once." : ".")
                                + (covered.isEmpty()
                                        ? ""
                                        : " What will be covered stays as it is cut: " + String.join(", ", covered)
                                                + "."))
                .on(raw.stream().map(Shown::piece))
                .showing(raw)
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS));
    }

    /** Whether an edge lies open inside the garment: it is sewn to panels and sleeves, and covered by nothing. */
    private boolean liesOpen(Piece piece, Edge edge) {
        boolean seamed = false;
        for (Join join : draft.joins()) {
            List<Stretch> stretches = join.layers().stream()
                    .flatMap(run -> run.stretches().stream())
                    .toList();
            if (stretches.stream().noneMatch(s -> s.on(piece.id(), edge))) {
                continue;
            }
            List<Piece> sewn =
                    stretches.stream().map(s -> draft.piece(s.piece())).toList();
            boolean pocket = sewn.stream().anyMatch(p -> p.panel().equals(Panel.POCKET));
            if (!pocket && !sewn.stream().allMatch(FlatSteps::ofTheShell)) {
                return false;
            }
            seamed |= !pocket
                    || sewn.stream().filter(FlatSteps::ofTheShell).distinct().count() > 1;
        }
        return seamed;
    }

    /** A band covers the seam that it is sewn on with. */
    private static boolean ofTheShell(Piece piece) {
        return piece.layer() == Layer.SHELL
                && !piece.panel().equals(Panel.BAND)
                && (piece.panel().equals(Panel.SLEEVE)
                        || !piece.onBody().zones().isEmpty());
    }

    /** How the edges that a hem is end. */
    private static final Set<End> TURNED = Set.of(End.HEM, End.ROLLED);

    /** A hem that no lining takes, and how deep it is turned, mm. */
    private record Turned(CutPiece piece, Edge edge, double deep) {
        double round() {
            return edge.length() * piece.cut() * (piece.onFold() ? 2 : 1);
        }
    }

    /** The hems of the panels, or those of the sleeves. */
    private List<Turned> hems(boolean sleeves) {
        Set<String> joined = draft.joins().stream()
                .flatMap(j -> j.layers().stream())
                .flatMap(r -> r.stretches().stream())
                .map(s -> s.name())
                .collect(Collectors.toSet());
        List<Turned> hems = new ArrayList<>();
        for (CutPiece piece : cut) {
            boolean here = sleeves
                    ? piece.piece().panel().equals(Panel.SLEEVE)
                    : piece.piece().edge(EdgeRole.SIDE).isPresent();
            for (Edge edge : piece.piece().edges()) {
                boolean own = TURNED.contains(edge.end())
                        && !joined.contains(piece.piece().id() + "." + edge.name());
                if (here && own) {
                    hems.add(new Turned(piece, edge, piece.allowance(edge).outside()));
                }
            }
        }
        return hems;
    }

    private List<MakingStep> hem() {
        List<Turned> hems = hems(false);
        if (hems.isEmpty()) {
            return List.of();
        }
        boolean rolled = hems.stream().anyMatch(h -> h.edge().end() == End.ROLLED);
        boolean flat =
                !rolled && (sequence.before(Work.HEM, Work.SIDE) || sequence.before(Work.HEM, Work.INSEAM) && forked());
        MakingStep hem = hem(StepId.HEM, flat ? "Hem, flat" : "Hem", hems, rolled)
                .saying(List.of(
                        flat
                                ? "Flat, while its panels are still open: the ends are caught in the seams that close "
                                        + "it."
                                : "All round, once it has been tried on and has hung."));
        return List.of(rolled ? hem.after(Seam.SIDE) : hem.after(BEFORE_SEAMS));
    }

    /** Sleeves are turned round, when their own seam is closed. */
    private List<MakingStep> sleeveHem() {
        List<Turned> hems = hems(true);
        return hems.isEmpty()
                ? List.of()
                : List.of(hem(SLEEVE_HEM, "Sleeve hems", hems, false)
                        .after(BEFORE_SEAMS)
                        .after(hems.stream().flatMap(h -> beside(h).stream()).toList()));
    }

    /** The seams of the edges next to a hem on its piece. */
    private List<Seam> beside(Turned hem) {
        List<Edge> edges = hem.piece().piece().edges();
        int at = edges.indexOf(hem.edge());
        Edge before = edges.get((at + edges.size() - 1) % edges.size());
        Edge after = edges.get((at + 1) % edges.size());
        return draft.joins().stream()
                .filter(j -> j.layers().stream()
                        .flatMap(run -> run.stretches().stream())
                        .anyMatch(s -> s.on(hem.piece().piece().id(), before)
                                || s.on(hem.piece().piece().id(), after)))
                .map(Join::seam)
                .distinct()
                .toList();
    }

    private static MakingStep hem(StepId id, String title, List<Turned> hems, boolean rolled) {
        double deep = hems.stream().mapToDouble(Turned::deep).max().orElseThrow();
        List<Shown> shown = hems.stream()
                .map(h -> new Shown(h.piece().piece().id(), h.edge().run()))
                .toList();
        return MakingStep.of(id, title, Work.HEM)
                .saying(List.of(
                        rolled
                                ? "Let it hang for a day and level it from the floor: what lies on the bias drops. "
                                        + "Then roll it, or turn it twice, narrow."
                                : deep == 0
                                        ? "Leave the edge as it is cut, or bind it."
                                        : deep < Length.INCH
                                                ? "Turn it once on the line and stitch; or turn half of it under "
                                                        + "first."
                                                : "Chalk a line at twice the allowance from the raw edge; turn {0.5} "
                                                        + "under, then the edge to the line, and press the fold."))
                .on(shown.stream().map(Shown::piece))
                .showing(shown)
                .looking(List.of(
                        Figure.mm("turned", deep),
                        Figure.mm(
                                "hem, all of it",
                                hems.stream().mapToDouble(Turned::round).sum())))
                .with(deep == 0 ? "" : rolled ? "rolled, or stitched narrow" : "blind hem, or topstitched");
    }

    private boolean forked() {
        return draft.pieces().stream().anyMatch(p -> p.edge(EdgeRole.INSEAM).isPresent());
    }

    private List<MakingStep> tryOn() {
        List<String> how = new ArrayList<>();
        how.add("What is still open is pinned. Stand, sit, walk, step up.");
        if (sequence.before(Work.TRY_ON, Work.SIDE)) {
            how.add("What is wide or tight is taken in or let out at the sides, which come next.");
        }
        if (sequence.before(Work.TRY_ON, Work.HEM) && hems(false).stream().anyMatch(h -> h.deep() > 0)) {
            boolean long_ = draft.found(Fact.LENGTH) && draft.fact(Fact.LENGTH).value() > FROM_THE_FLOOR;
            how.add(
                    long_
                            ? "Chalk the hem now, all round from the floor, in the shoes it is worn with."
                            : forked()
                                    ? "Chalk the hems now, both legs level with each other."
                                    : "Chalk the hem now, level all round.");
        }
        return List.of(MakingStep.of(StepId.TRY_ON, "Try it on", Work.TRY_ON)
                .saying(how)
                .after(BEFORE_SEAMS));
    }

    private List<MakingStep> press() {
        return List.of(MakingStep.of(
                StepId.PRESS,
                "Last press",
                Work.PRESS,
                "From the wrong side, or under a cloth. Pull basting and chalk; look for loose pins before "
                        + "anyone puts it on."));
    }

    private Stream<PieceId> ids(Predicate<Piece> which) {
        return draft.pieces().stream().filter(which).map(Piece::id);
    }
}
