package brightplumb.core.style.lining;

import brightplumb.core.block.bodice.BodiceEdges;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Drawn;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Hand;
import brightplumb.core.pattern.Join;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Pattern;
import brightplumb.core.pattern.Piece;
import brightplumb.core.pattern.Run;
import brightplumb.core.pattern.Seam;
import brightplumb.core.pattern.Surgery;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.style.opening.Zip;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.ArrayList;
import java.util.List;

/**
 * A bodice lined in its own shape: the lining finishes the top edge, what is left of the armholes, and both sides of
 * the zip. Common practice, no source.
 */
public final class BodiceLining implements Operation {

    private static final Fact BODICE_LINING = new Fact("bodice.lining");

    public static final StepId ON = new StepId("bodice-lining.top");

    private static final StepId SIDES = new StepId("bodice-lining.side");

    private static final StepId CLOSED = new StepId("bodice-lining.closed");

    private static final String PREFIX = "lining";
    private static final String SEAMS = "bodice-lining";

    /** The lining to the bodice along the top edge. */
    public static final Seam TOP_SEAM = Seam.of(BodiceEdges.TOP).in(SEAMS);

    @Override
    public String id() {
        return "bodice-lining";
    }

    @Override
    public String title() {
        return "Bodice lining";
    }

    @Override
    public Rank rank() {
        return Rank.LINING;
    }

    @Override
    public List<Setting> reads() {
        return List.of();
    }

    @Override
    public boolean fits(Draft before) {
        return bodices(before).size() == 2;
    }

    private static List<Piece> bodices(Draft draft) {
        return draft.with(BodiceEdges.WAIST_SEAM).stream()
                .filter(p -> p.layer() == Layer.SHELL && p.id().hand() == Hand.BOTH)
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        List<Piece> shells = bodices(before);
        List<Piece> linings = new ArrayList<>();
        List<Join> joins = new ArrayList<>();
        for (Piece shell : shells) {
            Piece lining = Surgery.traced(shell, shell.id().with(PREFIX), "Lining " + shell.spoken(), Layer.LINING);
            lining = lining.withEdges(lining.edges().stream()
                    .map(e -> e.end() == End.OPENING ? e.as(End.SEWN) : e)
                    .toList());
            linings.add(lining);
            table.paper().draw(lining.id().toString(), Drawn.Role.OUTLINE, "", lining.sewLine());
            for (EdgeRole edge : List.of(BodiceEdges.TOP, EdgeRole.ARMHOLE, EdgeRole.CENTRE_BACK_ZIP)) {
                if (shell.edge(edge).isPresent()) {
                    joins.add(Join.sewn(seam(edge), edge, shell, lining));
                }
            }
            joins.add(Join.sewn(
                    seam(BodiceEdges.WAIST_SEAM),
                    Run.shut(shell, BodiceEdges.WAIST_SEAM),
                    Run.shut(lining, BodiceEdges.WAIST_SEAM)));
        }
        joins.add(Join.sewn(seam(EdgeRole.SIDE), EdgeRole.SIDE, linings.get(0), linings.get(1)));
        table.step(
                BODICE_LINING,
                "Lining pieces",
                Amount.ratio("one for each panel", linings.size()).called("lining pieces"),
                "Traced from the bodice: what it finishes needs no binding.");
        Pattern pattern = before.pattern().with(linings);
        return table.finished(pattern.joined(joins));
    }

    /** Whether something else is sewn on the top edge, and finishes it. */
    private static boolean sewnOver(Draft draft) {
        return bodices(draft).stream()
                .flatMap(p -> p.edge(BodiceEdges.TOP).stream()
                        .flatMap(edge -> draft.joins().stream()
                                .filter(j -> !j.seam().isIn(SEAMS))
                                .flatMap(j -> j.layers().stream())
                                .flatMap(run -> run.stretches().stream())
                                .filter(s -> s.on(p.id(), edge))))
                .findAny()
                .isPresent();
    }

    private static Seam seam(EdgeRole edge) {
        return Seam.of(edge).in(SEAMS);
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        boolean armholes = after.joins().stream().anyMatch(j -> j.seam().equals(seam(EdgeRole.ARMHOLE)));
        boolean open = sewnOver(after);
        MakingStep on = MakingStep.of(
                        ON,
                        "Lining to the bodice",
                        Work.BAND,
                        open
                                ? armholes
                                        ? "Right sides together along both armholes; clip the curves, trim, turn and "
                                                + "press. Baste both together along the top edge, raw: what comes on "
                                                + "it finishes it."
                                        : "Wrong sides together; baste both together along the top edge, raw: what "
                                                + "comes on it finishes it."
                                : armholes
                                        ? "Right sides together along both armholes and the top edge; clip the curves, "
                                                + "trim, turn and press."
                                        : "Right sides together along the top edge; trim, turn and press.")
                .after(SIDES)
                .after(BodiceEdges.SIDE_SEAM);
        MakingStep top = open ? on.on(bodices(after).stream().map(Piece::id)) : on.sewing(TOP_SEAM);
        return List.of(
                MakingStep.of(
                                SIDES,
                                "Lining, side seams",
                                Work.LINING,
                                "As the bodice's, by itself; the centre back stays open.")
                        .sewing(seam(EdgeRole.SIDE))
                        .after(StepId.MARK, StepId.DARTS),
                armholes ? top.sewing(seam(EdgeRole.ARMHOLE)) : top,
                MakingStep.of(
                                CLOSED,
                                "Lining, closed",
                                Work.TRY_ON,
                                "Turn its edges in along the zip and over the waist seam, clear of the teeth, and sew "
                                        + "them down by hand.")
                        .sewing(seam(EdgeRole.CENTRE_BACK_ZIP), seam(BodiceEdges.WAIST_SEAM))
                        .after(ON, Zip.STEP)
                        .after(Seam.WAIST));
    }
}
