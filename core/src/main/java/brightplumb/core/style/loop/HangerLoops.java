package brightplumb.core.style.loop;

import brightplumb.core.measure.Length;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
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

/**
 * Two loops of tape inside the waist, one at each side, by which a garment hangs on the rail. Common practice, no
 * source.
 */
public final class HangerLoops implements Operation {

    private static final Fact TAPE = new Fact("loops.tape");

    private static final StepId STEP = new StepId("hanger-loops");

    /** A loop that goes over a hanger's notch, with what is sewn of it, mm. */
    private static final double EACH = 10 * Length.INCH;

    @Override
    public String id() {
        return "hanger-loops";
    }

    @Override
    public String title() {
        return "Loops to hang it by";
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
        return !tops(before).isEmpty();
    }

    /** The panels that a loop is sewn to: those with a waist that ends at a side. */
    private static List<Piece> tops(Draft draft) {
        return draft.with(EdgeRole.WAIST).stream()
                .filter(p -> p.panel().isMain() && p.edge(EdgeRole.SIDE).isPresent())
                .toList();
    }

    @Override
    public Draft on(Draft before, Table table) {
        table.step(
                TAPE,
                "Tape for two loops",
                Amount.byHabit(Length.mm(2 * EACH)),
                "{10} each: {5} hang down when it is folded in two.");
        return before;
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return List.of(Notion.measured(Supply.TAPE, "Tape", "for two loops; it bears the garment's weight", 2 * EACH));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Loops to hang it by",
                        Work.DRAW_IN,
                        "Fold each tape in two and stitch its ends inside the top at a side seam: through the "
                                + "allowance or the band's inner half, not through the outside.")
                .showing(tops(after).stream()
                        .map(p -> new Shown(p.id(), p.require(EdgeRole.WAIST).run()))
                        .toList())
                .looking(List.of(Figure.mm("each tape", EACH)))
                .taking(Supply.TAPE)
                .after(StepId.BAND));
    }
}
