package brightplumb.core.style.drawn;

import static brightplumb.core.rule.ClosureSettings.CLOSURE;
import static brightplumb.core.rule.ElasticSettings.ELASTIC;
import static brightplumb.core.rule.WaistSettings.WAIST_FINISH;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Length;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sentence;
import brightplumb.core.paper.Draft;
import brightplumb.core.pattern.EdgeRole;
import brightplumb.core.pattern.End;
import brightplumb.core.pattern.Seam;
import brightplumb.core.rule.Closure;
import brightplumb.core.rule.DrawnSettings;
import brightplumb.core.rule.Rule;
import brightplumb.core.rule.Setting;
import brightplumb.core.rule.Settings;
import brightplumb.core.rule.WaistFinish;
import brightplumb.core.table.Caution;
import brightplumb.core.table.Evidence.Figure;
import brightplumb.core.table.MakingStep;
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
import java.util.Map;
import java.util.Set;

/** An elastic drawn into a band or a casing. Common practice, no source. */
public final class Elastic implements Operation {

    private static final Fact ELASTIC_LENGTH = new Fact("elastic.length");

    public static final StepId STEP = new StepId("elastic");

    /** Its ends lap by so much where they are sewn together, mm. */
    private static final double LAP = Length.INCH;

    @Override
    public String id() {
        return "elastic";
    }

    @Override
    public String title() {
        return "Elastic";
    }

    @Override
    public Rank rank() {
        return Rank.FINISH;
    }

    @Override
    public List<Setting> reads() {
        return List.of(ELASTIC.when(set -> true), DrawnSettings.ELASTIC_WIDTH);
    }

    @Override
    public Map<Setting, Rule> asks() {
        return Map.of(
                ELASTIC,
                Rule.worked(
                        given -> given.body().waist().minus(Amount.inches("firm elastic", 1.5)),
                        "Firm and wide: {1.5} shorter than the waist."),
                DrawnSettings.ELASTIC_WIDTH,
                Rule.inches(1, "{1} wide."));
    }

    @Override
    public Map<Setting, Rule> off() {
        return Map.of(WAIST_FINISH, Rule.chosen(WaistFinish.FITTED, "Nothing draws it up."));
    }

    @Override
    public boolean wanted(Settings set) {
        return set.chose(WAIST_FINISH, WaistFinish.GATHERED);
    }

    @Override
    public boolean fits(Draft before) {
        return before.pattern().find(Seam.WAIST).isPresent() || cased(before);
    }

    /** Whether a cord runs over it, between two rows that hold it as well. */
    private static boolean corded(Draft draft) {
        return draft.pieces().stream().flatMap(p -> p.lines().stream()).anyMatch(l -> l.id().equals(Drawcord.CHANNEL));
    }

    private static boolean cased(Draft draft) {
        return draft.with(EdgeRole.WAIST).stream()
                .anyMatch(p -> p.require(EdgeRole.WAIST).end() == End.CASING);
    }

    @Override
    public Draft on(Draft before, Table table) {
        if (!table.set().chose(CLOSURE, Closure.NONE)) {
            throw new Refusal(
                    FieldPath.WITH,
                    "An elastic is drawn in where the garment is pulled on; take its zip or fly off first");
        }
        table.step(
                table.set(ELASTIC).as(ELASTIC_LENGTH, "elastic"),
                "Elastic long",
                table.set().why(ELASTIC));
        return table.finished(before.pattern());
    }

    @Override
    public List<Notion> notions(Draft after, Settings set) {
        return List.of(new Notion(
                Supply.ELASTIC,
                "Elastic",
                Sentence.of("with {1} for the lap"),
                set.amount(ELASTIC).value() + LAP,
                set.amount(DrawnSettings.ELASTIC_WIDTH).value(),
                0));
    }

    @Override
    public List<Caution> cautions(Draft after, Settings set) {
        return List.of(new Caution(
                Set.of(Work.MARK),
                "Loose wear for the house or the night must meet the local rules on flammability, above all a child's: "
                        + "ask what the cloth is."));
    }

    @Override
    public List<MakingStep> making(Draft after, Settings set) {
        return List.of(MakingStep.of(
                        STEP,
                        "Elastic",
                        Work.DRAW_IN,
                        "Draw it through the gap without a twist, both ends held fast with pins. Lap its ends {1 in}, "
                                + "try it on, and sew them in a square.",
                        corded(after)
                                ? "Close the gap."
                                : "Close the gap. Stretch the waist flat and stitch along the middle of the channel, "
                                        + "while it is stretched, so that the elastic cannot turn.")
                .looking(List.of(
                        Figure.mm("elastic, before the lap", set.amount(ELASTIC).value())))
                .taking(Supply.ELASTIC)
                .after(StepId.BAND, Casing.STEP));
    }
}
