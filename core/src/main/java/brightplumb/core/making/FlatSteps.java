package brightplumb.core.making;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Dart;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.PieceId;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Cloth;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Quantity;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Work;
import java.util.ArrayList;
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
        return Stream.of(mark(), fuse(), darts(), neaten(), hem(), tryOn(), press())
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
        List<Shown> raw = edges(e -> e.end() == End.SEWN && !e.role().equals(EdgeRole.WAIST), Layer.SHELL);
        return List.of(MakingStep.of(
                        StepId.NEATEN,
                        "Neaten the raw edges, and press",
                        Work.NEATEN,
                        "While the pieces lie flat: sides, inseams and centres, and hems that are turned once. Not "
                                + "the waist.")
                .on(raw.stream().map(Shown::piece))
                .showing(raw)
                .after(StepId.MARK, StepId.FUSE, StepId.DARTS));
    }

    /** How the edges that a hem is end. */
    private static final Set<End> TURNED = Set.of(End.HEM, End.ROLLED);

    /** Hems that no lining takes. */
    private List<MakingStep> hem() {
        Set<String> joined = draft.joins().stream()
                .flatMap(j -> j.layers().stream())
                .flatMap(r -> r.stretches().stream())
                .map(s -> s.name())
                .collect(Collectors.toSet());
        List<Shown> hems = new ArrayList<>();
        double deep = 0;
        double round = 0;
        boolean rolled = false;
        for (CutPiece piece : cut) {
            for (Edge edge : piece.piece().edges()) {
                boolean own = TURNED.contains(edge.end())
                        && !joined.contains(piece.piece().id() + "." + edge.name());
                if (own && piece.piece().edge(EdgeRole.SIDE).isPresent()) {
                    rolled |= edge.end() == End.ROLLED;
                    hems.add(new Shown(piece.piece().id(), edge.run()));
                    deep = Math.max(deep, piece.allowance(edge).outside());
                    round += edge.length() * piece.cut() * (piece.onFold() ? 2 : 1);
                }
            }
        }
        if (hems.isEmpty()) {
            return List.of();
        }
        boolean flat =
                !rolled && (sequence.before(Work.HEM, Work.SIDE) || sequence.before(Work.HEM, Work.INSEAM) && forked());
        List<String> how = new ArrayList<>();
        how.add(
                rolled
                        ? "Let it hang for a day and level it from the floor: what lies on the bias drops. Then roll "
                                + "it, or turn it twice, narrow."
                        : deep == 0
                                ? "Leave the edge as it is cut, or bind it."
                                : deep < Length.INCH
                                        ? "Turn it once on the line and stitch; or turn half of it under first."
                                        : "Chalk a line at twice the allowance from the raw edge; turn {0.5} under, "
                                                + "then the edge to the line, and press the fold.");
        how.add(
                flat
                        ? "Flat, while its panels are still open: the ends are caught in the seams that close it."
                        : "All round, once it has been tried on and has hung.");
        MakingStep hem = MakingStep.of(StepId.HEM, flat ? "Hem, flat" : "Hem", Work.HEM)
                .saying(how)
                .on(hems.stream().map(Shown::piece))
                .showing(hems)
                .looking(List.of(Figure.mm("turned", deep), Figure.mm("hem, all of it", round)))
                .with(deep == 0 ? "" : rolled ? "rolled, or stitched narrow" : "blind hem, or topstitched");
        return List.of(rolled ? hem.after(Seam.SIDE) : hem.after(BEFORE_SEAMS));
    }

    private boolean forked() {
        return draft.pieces().stream().anyMatch(p -> p.edge(EdgeRole.INSEAM).isPresent());
    }

    private List<MakingStep> tryOn() {
        return List.of(MakingStep.of(
                        StepId.TRY_ON,
                        "Try it on",
                        Work.TRY_ON,
                        "What is still open is pinned. Stand, sit, walk, step up.",
                        sequence.before(Work.TRY_ON, Work.SIDE)
                                ? "What is wide or tight is taken in or let out at the sides, which come next."
                                : "Chalk the hem now, all round from the floor, in the shoes it is worn with.")
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

    private List<Shown> edges(Predicate<Edge> which, Layer layer) {
        List<Shown> shown = new ArrayList<>();
        for (Piece piece : draft.pieces()) {
            for (Edge edge : piece.edges()) {
                if (piece.layer() == layer && piece.edge(EdgeRole.HEM).isPresent() && which.test(edge)) {
                    shown.add(new Shown(piece.id(), edge.run()));
                }
            }
        }
        return shown;
    }

    private Stream<PieceId> ids(Predicate<Piece> which) {
        return draft.pieces().stream().filter(which).map(Piece::id);
    }
}
