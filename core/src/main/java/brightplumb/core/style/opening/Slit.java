package brightplumb.core.style.opening;

import static brightplumb.core.rule.HemSettings.SLIT;

import brightplumb.core.geometry.Curves;
import brightplumb.core.paper.Draft;
import brightplumb.core.paper.Step;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.MakingStep.Shown;
import brightplumb.core.table.Operation;
import brightplumb.core.table.Rank;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Table;
import brightplumb.core.table.Work;
import brightplumb.core.working.Amount;
import java.util.List;
import java.util.Map;

/** A slit up the centre back; the block keeps its seam open there and marks its top. Common practice, no source. */
public final class Slit implements Operation {

    private static final StepId STEP = new StepId("slit");

    @Override
    public String id() {
        return "slit";
    }

    @Override
    public String title() {
        return "Slit";
    }

    @Override
    public Rank rank() {
        return Rank.OPENING;
    }

    @Override
    public List<Setting> reads() {
        return List.of(SLIT);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(SLIT, Rule.inProportion(Amount.byHabit(8), "{8} at knee length, to step by."));
    }

    @Override
    public Map<Setting, Rule> off() {
        return Map.of(SLIT, Rule.inches(0, "No slit."));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.knows(SLIT) && set.amount(SLIT).value() > 0;
    }

    @Override
    public boolean fits(Draft before) {
        return before.steps().stream().anyMatch(s -> s.fact().equals(SLIT.fact()));
    }

    @Override
    public Draft on(Draft before, Table table) {
        return before;
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        double up = after.steps().stream()
                .filter(s -> s.fact().equals(SLIT.fact()))
                .map(Step::amount)
                .mapToDouble(a -> a.value())
                .findFirst()
                .orElseThrow();
        List<Shown> edges = after.with(EdgeRole.CENTRE_BACK).stream()
                .filter(p -> p.edge(EdgeRole.HEM).isPresent())
                .map(p -> new Shown(
                        p.id(),
                        Curves.part(
                                p.require(EdgeRole.CENTRE_BACK).run(),
                                0,
                                Math.min(up, p.require(EdgeRole.CENTRE_BACK).length()))))
                .toList();
        return List.of(MakingStep.of(
                        STEP,
                        "Slit",
                        Work.SLIT,
                        "The centre back is sewn down to the notch and back-tacked there; from it the allowances turn "
                                + "back, and are pressed and caught.",
                        "The hem is folded up over the turned edges, or the edges over the hem: both sides alike.",
                        "Bar-tack the top of the slit on the inside.")
                .showing(edges)
                .looking(List.of(Figure.mm("up from the finished hem", up)))
                .after(Seam.CENTRE_BACK));
    }
}
