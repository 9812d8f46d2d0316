package brightplumb.core.style.hem;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.Copies;
import brightplumb.core.pattern.Edge;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Layer;
import brightplumb.core.pattern.Piece;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Notion;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import brightplumb.core.working.Fact;
import java.util.List;

/** Lace, or another trim, along the hem, put on while it lies flat. Common practice, no source. */
public final class HemTrim implements Operation {

    private static final Fact LACE_LENGTH = new Fact("lace.length");

    private static final StepId STEP = new StepId("hem-trim");

    /** Its ends are joined with so much each, mm. */
    private static final double JOIN = Length.INCH / 2;

    @Override
    public String id() {
        return "hem-trim";
    }

    @Override
    public String title() {
        return "Lace at the hem";
    }

    @Override
    public Rank rank() {
        return Rank.FINISH;
    }

    @Override
    public List<Setting> reads() {
        return List.of();
    }

    @Override
    public boolean fits(Draft before) {
        return !hems(before).isEmpty();
    }

    private static List<Piece> hems(Draft draft) {
        return draft.with(EdgeRole.HEM).stream()
                .filter(p -> p.require(EdgeRole.HEM).end() == End.HEM
                        && p.edge(EdgeRole.SIDE).isPresent())
                .toList();
    }

    /** All hems together with what their joins take, mm: a leg's lace has one join, and so has a skirt's. */
    private static double length(Draft draft) {
        double along = hems(draft).stream()
                .mapToDouble(p -> p.require(EdgeRole.HEM).length() * cloth(p))
                .sum();
        boolean legs =
                hems(draft).stream().anyMatch(p -> p.edge(EdgeRole.INSEAM).isPresent());
        return along + 2 * JOIN * (legs ? 2 : 1);
    }

    private static int cloth(Piece piece) {
        return piece.copies().cloth() * (piece.copies() instanceof Copies.OnFold ? 2 : 1);
    }

    @Override
    public Draft on(Draft before, Table table) {
        table.step(
                LACE_LENGTH,
                "Lace for the hem",
                Amount.found("measured along the hem, its joins with it", length(before))
                        .called("lace"),
                "{0.5} at each end of a join.");
        return table.finished(
                before.pattern(),
                off -> before.with(EdgeRole.HEM)
                        .forEach(panel -> off.along(
                                LACE_LENGTH,
                                panel.id().toString(),
                                panel.require(EdgeRole.HEM).run())));
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return List.of(Notion.measured(Supply.LACE, "Lace", "washed before it is sewn on", length(after)));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Lace on the hem",
                        Work.HEM,
                        "Along the folded edge, flat, before the seam that closes it; its ends are caught in that "
                                + "seam, or joined with {0.5 in} and turned under.")
                .showing(hems(after).stream()
                        .filter(p -> p.layer() == Layer.SHELL)
                        .map(p -> shown(p, p.require(EdgeRole.HEM)))
                        .toList())
                .looking(List.of(Figure.mm("lace", length(after))))
                .taking(Supply.LACE)
                .after(StepId.HEM));
    }

    private static Shown shown(Piece piece, Edge hem) {
        return new Shown(piece.id(), hem.run());
    }
}
